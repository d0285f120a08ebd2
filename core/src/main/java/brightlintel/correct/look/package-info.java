/** What evidence rests on: straight strokes, arcs, written measures and texts of one space, gathered once for all who ask. */
package brightlintel.correct.look;
