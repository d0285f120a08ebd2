package brightlintel.write.dxf;

import brightlintel.geom.Vec3;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.util.Locale;

/** Pairs of code and value, with handles counted up. */
final class Pairs {
    private final Writer out;
    private int handle = 0x100;

    Pairs(Writer out) {
        this.out = out;
    }

    Pairs p(int code, String value) {
        try {
            out.write(Integer.toString(code));
            out.write('\n');
            out.write(value.replace("\r", "").replace("\n", "^J"));
            out.write('\n');
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return this;
    }

    Pairs p(int code, long value) {
        return p(code, Long.toString(value));
    }

    /** The shortest decimal that reads back as the same number. */
    Pairs p(int code, double value) {
        String s = Double.toString(value);
        return p(code, s);
    }

    Pairs at(int code, Vec3 v) {
        return p(code, v.x()).p(code + 10, v.y()).p(code + 20, v.z());
    }

    String next() {
        return Integer.toHexString(handle++).toUpperCase(Locale.ROOT);
    }
}
