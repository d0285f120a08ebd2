package brightlintel.find;

/** A stroke found again. @param by what led to it */
public record Found(int index, By by) {
    /** In the order in which they are believed. */
    public enum By {
        /** The same file, the same key. */
        KEY,
        /** Another file: the handle. */
        HANDLE,
        /** Where it lies; its key is gone or leads elsewhere. */
        PLACE,
        /** Its number in a file without handles. */
        ORDINAL
    }
}
