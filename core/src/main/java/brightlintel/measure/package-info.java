/** What is measured on the board, in the building and in the drawing as it came. */
package brightlintel.measure;
