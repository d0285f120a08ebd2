/** Which strokes, texts and fills of a drawing lie in a region, or are like one of them. */
package brightlintel.select;
