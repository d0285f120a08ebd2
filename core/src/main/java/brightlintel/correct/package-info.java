/** Sets a drawing right: size, direction, datum. Proposals are values with their evidence; the edits that take them are in edit. */
package brightlintel.correct;
