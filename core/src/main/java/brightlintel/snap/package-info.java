/** Finds the exact places near the pointer: on the drawing's true curves, on the model, on the grid. */
package brightlintel.snap;
