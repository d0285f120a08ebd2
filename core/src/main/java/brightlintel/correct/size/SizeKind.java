package brightlintel.correct.size;

/** What an opinion on size rests on. */
public enum SizeKind {
    /** Figures written at drawn lengths. */
    MEASURES,
    /** Widths of leaves. */
    DOORS,
    /** From face to face of what lies close together. */
    WALLS,
    /** Treads of stairs. */
    STEPS,
    /** Frames and panes in the gaps of walls. */
    WINDOWS,
    /** Rows of lines as between parked cars. */
    PARKING,
    /** Blocks that are called baths, basins and the like. */
    FITTINGS,
    /** Areas written in rooms. */
    AREAS,
    /** Heights of letters. */
    LETTERS,
    /** What a plan is across. */
    EXTENT,
    /** The file's own word for its unit. */
    HEADER,
    /** Whether the file says metric or imperial. */
    SYSTEM,
    /** A scale written on the sheet, or of its window onto the model. */
    SCALE,
    /** A frame against the sheet it should be. */
    SHEET,
    /** Lengths that are round in one unit and not in another. */
    ROUND;

    /**
     * Whether it holds for anything that is drawn, not for plans alone: a detail has letters and an extent too, and layers as far apart
     * as walls.
     */
    public boolean isHard() {
        return this != LETTERS && this != EXTENT && this != WALLS;
    }

    /** Whether it is measured on what is drawn of the building. */
    public boolean isDrawn() {
        return this == DOORS || this == WALLS || this == STEPS;
    }
}
