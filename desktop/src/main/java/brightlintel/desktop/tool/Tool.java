package brightlintel.desktop.tool;

import brightlintel.desktop.state.Aim;
import brightlintel.geom.Point;
import java.util.List;
import java.util.Optional;

/** What the pointer does now: a small state machine over points in metres. No toolkit types. */
public interface Tool {
    /** What the field of the prompt line takes. */
    enum Asks { NOTHING, PART, WAY, ANGLE, TEXT }

    /** Names the tool in commands and tests. */
    String id();

    /** What the next click does, in one sentence. */
    String prompt();

    default void moved(Aim aim) { }

    /** The project is another than before: by an edit, undo or redo. What the tool holds of it may be gone. */
    default void projectChanged() { }

    void clicked(Aim aim);

    /** @param ctrl whether Ctrl was down */
    default void clicked(Aim aim, boolean ctrl) {
        clicked(aim);
    }

    /** Dragging from where the button went down. */
    default void dragged(Aim from, Aim to, boolean inside) { }

    default void released(Aim from, Aim to, boolean inside, boolean more) { }

    default Asks asks() {
        return Asks.NOTHING;
    }

    /** Whether a direction can be given beside the length. */
    default boolean asksDirection() {
        return false;
    }

    /**
     * Enter with something typed.
     *
     * @param value     metres or radians, or NaN where the field takes text
     * @param direction radians, where one was given
     * @return whether it was taken
     */
    default boolean typed(double value, String text, Optional<Double> direction) {
        return false;
    }

    /** Enter with nothing typed. */
    default void finish() { }

    /** Backspace with nothing typed. @return false where there was nothing to take back */
    default boolean back() {
        return false;
    }

    /** Esc: one step out. @return false where the tool itself is to be left */
    default boolean escape() {
        return false;
    }

    /** Where the line being drawn starts: for ortho and square-to. */
    default Optional<Point> from() {
        return Optional.empty();
    }

    /** Points already placed, which can be snapped to. */
    default List<Point> ownPoints() {
        return List.of();
    }

    default List<Mark> marks() {
        return List.of();
    }

    /** Whether the snap ring is wanted. */
    default boolean snaps() {
        return true;
    }
}
