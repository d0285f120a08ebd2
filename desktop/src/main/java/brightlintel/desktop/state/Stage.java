package brightlintel.desktop.state;

/** The stages of the work, in order. */
public enum Stage { RECEIVE, TRUE, CLEAR, TRACE, PROVE, HAND_OVER }
