/** What of a storey is recognised in a drawing that is true and cleared, each element with its confidence and the strokes it stands on. */
package brightlintel.recognise;
