/** What of a drawing is shown: the one place that answers for strokes, parts of strokes, texts, fills and pictures. */
package brightlintel.clear;
