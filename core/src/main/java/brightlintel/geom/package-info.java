/** Points, boxes, curves, predicates, tolerances and an index. Knows nothing of buildings or drawings. */
package brightlintel.geom;
