/** Reads scans and photographs: pictures of paper, in pixels of the picture as it is meant to be seen. */
package brightlintel.read.picture;
