package brightlintel.read.pdf;

import brightlintel.drawing.Code;

/** A page asks for more than it may: what was read until then is kept. */
final class Enough extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final Code code;
    private final transient Object value;

    Enough(Code code, Object value) {
        super(code.name(), null, false, false);
        this.code = code;
        this.value = value;
    }

    Code code() {
        return code;
    }

    Object value() {
        return value;
    }
}
