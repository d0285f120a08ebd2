package brightlintel.desktop.state;

/** What just happened, for the user to read. */
public record Message(Tone tone, String text) {
    public enum Tone { SAID, GOOD, BAD }

    public static final Message NONE = new Message(Tone.SAID, "");
}
