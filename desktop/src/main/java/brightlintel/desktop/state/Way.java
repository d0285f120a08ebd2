package brightlintel.desktop.state;

/** Which way a line may run from the point before. */
public enum Way {
    FREE, ORTHO, ACROSS, UP;

    /** From free to along one axis, to along the other, and back. */
    public Way nextAxis() {
        return switch (this) {
            case FREE, ORTHO -> ACROSS;
            case ACROSS -> UP;
            case UP -> FREE;
        };
    }
}
