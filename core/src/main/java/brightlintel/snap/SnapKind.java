package brightlintel.snap;

/** In the order in which they win unless the user sets another. */
public enum SnapKind { GRID_CROSSING, END, CROSSING, MODEL_CORNER, MIDDLE, CENTRE, ROUND_STEP, TANGENT, SQUARE_TO, ON_STROKE, EVEN_STEP }
