/** Flattens one space of a drawing to strokes: blocks unfolded, layers and colours inherited, curves kept exact, heights left out. */
package brightlintel.flatten;
