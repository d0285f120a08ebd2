package brightlintel.read.dwg;

import brightlintel.drawing.Colour;
import java.util.Optional;

/** Colours of records and of the values within objects. */
final class Colours {
    private static final int TRUE = 0xC2, INDEX = 0xC3, MOST = 257;
    private static final Colour[] PLAIN = new Colour[MOST + 1];

    static {
        for (int i = 0; i <= MOST; i++) PLAIN[i] = i == 256 ? Colour.BY_LAYER : i == 0 ? Colour.BY_BLOCK : new Colour(i, Optional.empty());
    }

    private Colours() { }

    /** CMC: an index, and since 2004 a word and perhaps the names of the colour and of its book. */
    static Colour read(Bits in, Version v, Strings names) {
        int index = in.bitShort();
        if (!v.from(Version.R2004)) return of(Math.abs(index), Optional.empty());
        int word = in.bitLong(), named = in.rawByte();
        for (int bit = 1; bit <= 2; bit++) if ((named & bit) != 0) names.text();
        Optional<Integer> rgb = ofWord(word);
        return rgb.isPresent() ? new Colour(index == 0 ? 7 : index, rgb) : of(word >>> 24 == INDEX ? word & 0xff : index, rgb);
    }

    /** The top byte of a colour word tells its sort; only one of them carries red, green and blue. */
    static Optional<Integer> ofWord(int word) {
        return word >>> 24 == TRUE ? Optional.of(word & 0xffffff) : Optional.empty();
    }

    static Colour of(int index, Optional<Integer> rgb) {
        if (rgb.isPresent()) return new Colour(index == 0 ? 256 : index, rgb);
        return PLAIN[Math.clamp(index, 0, MOST)];
    }
}
