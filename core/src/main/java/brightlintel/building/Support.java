package brightlintel.building;

/**
 * Something drawn that an element stands on.
 *
 * @param distance  how far the element lay from it when it was traced, metres
 */
public record Support(UnderlayId underlay, DrawnRef drawn, Face face, double distance) {
    public enum Face { LEFT, RIGHT, REFERENCE, START, END, AXIS, OUTLINE }
}
