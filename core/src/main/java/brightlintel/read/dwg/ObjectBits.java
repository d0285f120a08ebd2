package brightlintel.read.dwg;

import brightlintel.drawing.Colour;
import java.nio.charset.Charset;

/** One object, opened: its data, its texts and its references, each at its beginning. Used again for the next object. */
final class ObjectBits {
    private static final int SMALLEST = 2, MOST_SKIPPED = 4096;
    private final Version version;
    private final byte[] objects;
    private final Bits data;
    private final Bits texts;
    private final Bits references;
    private final Strings strings;
    private long place, start, end;
    private int type;
    private long handle;
    private long referencesAt;

    ObjectBits(Version version, Charset charset, byte[] objects) {
        this.version = version;
        this.objects = objects;
        data = new Bits(objects, 0, 0);
        texts = new Bits(objects, 0, 0);
        references = new Bits(objects, 0, 0);
        strings = new Strings(version, charset);
    }

    Version version() {
        return version;
    }

    Bits data() {
        return data;
    }

    int type() {
        return type;
    }

    long handle() {
        return handle;
    }

    /** Bytes from where the map points to behind the checksum. */
    long length() {
        return (end >> 3) + 2 - place;
    }

    String text() {
        return strings.text();
    }

    Colour colour() {
        return Colours.read(data, version, strings);
    }

    /** The next reference; 0 where the object has no more. */
    long reference() {
        return references.left() < 8 ? 0 : references.handle(handle);
    }

    /** Passes over so many; a number beyond all reason is damage. */
    void skipReferences(int n) {
        for (int i = 0; i < n; i++) if (reference() == 0 && i > MOST_SKIPPED) throw new Damaged("references without end");
    }

    /** Opens the object at a place as far as its type. */
    int open(long at) {
        if (at < 0 || at > objects.length) throw new Damaged("no object at " + at);
        place = at;
        data.over(objects, 8 * at, 8L * objects.length);
        long size = data.modularShort(), referenceBits = 0;
        if (version.from(Version.R2010)) referenceBits = data.modular();
        start = data.position();
        end = start + 8 * size;
        if (size < SMALLEST || end + 16 > 8L * (objects.length - Bits.ROOM)) throw new Damaged("an object of " + size + " bytes");
        data.over(objects, start, end);
        type = version.from(Version.R2010) ? newType() : data.bitShort() & 0xffff;
        if (version.from(Version.R2010)) referencesAt = end - referenceBits;
        return type;
    }

    private int newType() {
        return switch (data.two()) {
            case 0 -> data.rawByte();
            case 1 -> data.rawByte() + 0x1F0;
            default -> data.rawShort();
        };
    }

    /** Whether the checksum behind the object fits. */
    boolean isIntact() {
        int n = (int) length() - 2;
        return Crc.of(Crc.SEED, objects, (int) place, n) == Container.shortAt(objects, (int) place + n);
    }

    /** Goes on to the handle, over extended data, and divides the streams. */
    void begin() {
        if (!version.from(Version.R2010)) referencesAt = start + (data.rawLong() & 0xffffffffL);
        if (referencesAt > end || referencesAt < data.position()) throw new Damaged("references outside their object");
        divide();
        handle = data.handle(0);
        for (int n = data.bitShort(); n != 0; n = data.bitShort()) {
            data.handle(handle);
            data.skip(8L * (n & 0xffff));
        }
    }

    /** A flag just before the references tells whether there are texts. */
    private void divide() {
        long here = data.position();
        data.over(objects, here, referencesAt);
        references.over(objects, referencesAt, end);
        boolean any = false;
        if (version.from(Version.R2007)) {
            data.seek(referencesAt - 1);
            any = data.bit();
            data.seek(here);
        }
        if (any) Strings.before(texts, objects, referencesAt - 1, here);
        strings.over(data, any ? texts : null);
    }
}
