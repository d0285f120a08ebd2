/** Reads the drawing exchange format: bytes to tokens, tokens to groups of one entity, groups to values. */
package brightlintel.read.dxf;
