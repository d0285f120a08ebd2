/** Writes drawings as DWG of R2000, which every reader of such files takes. */
package brightlintel.write.dwg;
