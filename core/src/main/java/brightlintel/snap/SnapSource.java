package brightlintel.snap;

/** Whose places count. */
public enum SnapSource { DRAWING, MODEL, GRID }
