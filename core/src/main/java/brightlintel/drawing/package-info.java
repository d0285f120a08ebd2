/**
 * The values that travel from a file to the board. {@link brightlintel.drawing.RawDrawing} is the file as it was read: its own units,
 * nothing resolved or flattened. {@link brightlintel.drawing.Strokes} is one space of it, flattened once to the plan, still in file units.
 */
package brightlintel.drawing;
