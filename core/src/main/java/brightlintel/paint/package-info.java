/**
 * Paints into plain int[] pictures: strokes by the million, filled outlines, glyphs, the model in plan. No window toolkit: the same code
 * serves the board and headless pictures. Pixels are opaque 0xFFRRGGBB.
 */
package brightlintel.paint;
