package brightlintel.read;

import java.io.IOException;
import java.util.List;

/** A file that cannot be read at all. Carries a code; the window has the sentence. */
public final class Refused extends IOException {
    private static final long serialVersionUID = 1L;

    public enum Why { MISSING, FOLDER, NO_PERMISSION, EMPTY, NOT_A_DRAWING, OLD_VERSION, LOST, TOO_BIG, NO_SUCH_SPACE, DISK, NO_DECODER,
        PASSWORD, NO_RIGHT }

    private final Why why;
    private final transient List<Object> values;

    public Refused(Why why, Object... values) {
        super(why + " " + List.of(values));
        this.why = why;
        this.values = List.of(values);
    }

    public Why why() {
        return why;
    }

    public List<Object> values() {
        return values;
    }
}
