package brightlintel.drawing;

/** What a file is, told from its content. */
public enum Format {
    DXF, DXF_BINARY, DWG, PDF, PICTURE, PROJECT, UNKNOWN;

    /** Made of pages that are drawings of their own, and carry all that they show. */
    public boolean isPaged() {
        return this == PDF || this == PICTURE;
    }
}
