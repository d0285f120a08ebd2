package brightlintel.read.dwg;

/** A kind of object that a file defines for itself. */
record DwgClass(int number, String name, boolean entity) { }
