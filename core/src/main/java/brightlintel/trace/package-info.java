/** Tracing by hand, with what the drawing can tell: thickness across a drawn wall, jambs, the strokes that an element stands on. */
package brightlintel.trace;
