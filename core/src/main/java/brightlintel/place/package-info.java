/** A drawing in its place in the building: strokes, a map to metres, and which layers are shown. */
package brightlintel.place;
