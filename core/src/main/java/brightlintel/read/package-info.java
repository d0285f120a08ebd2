/** The one door for files: told apart by content, ending in the same value, with the same report, limits, progress and stop. */
package brightlintel.read;
