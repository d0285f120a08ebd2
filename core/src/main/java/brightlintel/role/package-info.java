/** What each part of a drawing stands for: first by what is drawn, by names only as a hint. */
package brightlintel.role;
