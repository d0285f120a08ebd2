/** How a drawing lies: its turn, its datum, and what lies far from all else. */
package brightlintel.correct.lie;
