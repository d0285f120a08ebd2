package brightlintel.read.dxf;

import brightlintel.drawing.Code;

/** A shape that cannot be right; it is left out. */
final class BadShape extends Exception {
    private static final long serialVersionUID = 1L;
    private final Code code;

    BadShape(Code code) {
        super(code.name(), null, false, false);
        this.code = code;
    }

    Code code() {
        return code;
    }
}
