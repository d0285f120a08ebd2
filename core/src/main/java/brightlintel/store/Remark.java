package brightlintel.store;

import java.util.List;

/**
 * What was found wrong or unknown in a project that was opened all the same, and what was done about it. @param values names, ids, numbers
 */
public record Remark(Kind kind, List<Object> values) {
    public enum Kind {
        /** A name that this version does not know: left out. */
        UNKNOWN_NAME,
        /** No storey: one was added. */
        NO_STOREY,
        /** Something refers to what is not there: it was left out or let go. */
        REFERS_TO_NOTHING,
        /** An id was used twice: the second got another. */
        DOUBLED_ID,
        /** A value that cannot be: what holds it was left out. */
        LEFT_OUT
    }

    public Remark {
        values = List.copyOf(values);
    }

    static Remark of(Kind kind, Object... values) {
        return new Remark(kind, List.of(values));
    }
}
