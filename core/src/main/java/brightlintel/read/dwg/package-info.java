/** The drawing format of bit-packed objects (R2000 to R2018): containers of pages, the map of objects, and what each object says. */
package brightlintel.read.dwg;
