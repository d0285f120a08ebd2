/** Reads pages: what a page paints becomes strokes, areas, labels and pictures, in points of the page as displayed. */
package brightlintel.read.pdf;
