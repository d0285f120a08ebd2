/** What a drawing file holds, as one JSON object: for offices with fifty drawings, and to measure readers against each other. */
package brightlintel.inspect;
