package brightlintel.desktop.state;

/** The stages of the work, in order. */
public enum Stage { RECEIVE, TRUE, CLEAR, TRACE, PROVE, HAND_OVER;

    /** Whether what is pointed at and selected is the drawing; else it is the model. */
    public boolean isAboutDrawing() {
        return this == RECEIVE || this == TRUE || this == CLEAR;
    }
}
