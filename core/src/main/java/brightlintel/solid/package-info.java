/** Bodies of the model in space: walls with their openings really cut, slabs, fillings; and their volumes. */
package brightlintel.solid;
