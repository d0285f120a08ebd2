/** Faults of what was drawn, mended in the working copy: what was doubled, in pieces, short of a corner or beyond it (docs/clear.md). */
package brightlintel.repair;
