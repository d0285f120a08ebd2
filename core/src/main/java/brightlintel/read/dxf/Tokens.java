package brightlintel.read.dxf;

import brightlintel.drawing.Location;
import java.io.IOException;
import java.nio.charset.Charset;

/** Pairs of group code and value, whatever the encoding of the file. The value belongs to the pair last read. */
interface Tokens {
    /** @return false at the end of the file */
    boolean next() throws IOException;

    int code();

    String text();

    /** NaN where the value is no number. */
    double number();

    /** 0 where the value is no number. */
    long whole();

    /** For text beyond plain ASCII, from now on. */
    void charset(Charset charset);

    default Location at() {
        return at(mark());
    }

    /** Where the tokens stand, for {@link #at(long)}. */
    long mark();

    Location at(long mark);

    long bytesRead();
}
