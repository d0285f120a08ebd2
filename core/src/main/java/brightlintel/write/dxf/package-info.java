/** Writes the drawing exchange format, R2000 text: a whole drawing value, or the cleaned and corrected base plan with the model on it. */
package brightlintel.write.dxf;
