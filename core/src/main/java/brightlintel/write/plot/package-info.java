/** Plans on sheets, to scale: one value that vector formats are written from. Lengths on the sheet are millimetres, y upwards. */
package brightlintel.write.plot;
