package brightlintel.read.dwg;

/** A piece of the file that cannot be right. Thrown often in damaged files, so it carries no stack. */
final class Damaged extends RuntimeException {
    private static final long serialVersionUID = 1;

    Damaged(String what) {
        super(what, null, false, false);
    }
}
