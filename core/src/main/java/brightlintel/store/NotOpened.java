package brightlintel.store;

import java.io.IOException;
import java.util.List;

/** A project file that cannot be opened. Nothing was changed. */
public final class NotOpened extends IOException {
    private static final long serialVersionUID = 1L;

    public enum Why { MISSING, NOT_A_PROJECT, NEWER, DAMAGED, ORIGINAL_MISSING }

    private final Why why;
    private final transient List<Object> values;

    NotOpened(Why why, Throwable cause, Object... values) {
        super(why + " " + List.of(values), cause);
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
