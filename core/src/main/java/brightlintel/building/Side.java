package brightlintel.building;

/** Which face of a wall the drawn line is, seen along it. */
public enum Side {
    LEFT, CENTRE, RIGHT;

    /** How far the left face lies left of the reference line, as a share of the thickness. */
    public double leftShare() {
        return switch (this) {
            case LEFT -> 0;
            case CENTRE -> 0.5;
            case RIGHT -> 1;
        };
    }

    public Side next() {
        return values()[(ordinal() + 1) % values().length];
    }

    public Side flipped() {
        return switch (this) {
            case LEFT -> RIGHT;
            case CENTRE -> CENTRE;
            case RIGHT -> LEFT;
        };
    }
}
