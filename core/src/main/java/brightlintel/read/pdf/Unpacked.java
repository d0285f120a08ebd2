package brightlintel.read.pdf;

import brightlintel.drawing.Code;
import java.io.IOException;
import java.io.InputStream;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Set;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.cos.COSStream;

/**
 * Holds packed parts against a limit before they are unpacked: a few kilobytes can stand for gigabytes, and the library unpacks a part
 * whole. Parts too small to reach the limit by any packing are not looked at.
 */
final class Unpacked {
    /** Deflate packs at most this tightly. */
    private static final int TIGHTEST = 1032;
    private static final int BLOCK = 1 << 16, LARGEST_CODE = 65535;
    private final long most;
    private final Set<COSStream> seen = Collections.newSetFromMap(new IdentityHashMap<>());
    private long sum;

    /** @param most bytes of all parts together */
    Unpacked(long most) {
        this.most = most;
    }

    /** @throws Enough where it would be more than may be */
    void check(COSBase what) {
        switch (what) {
            case COSObject o -> check(o.getObject());
            case COSStream s -> stream(s);
            case COSArray a -> {
                for (COSBase b : a) if (!(b instanceof COSArray)) check(b);
            }
            case null, default -> { }
        }
    }

    /** The programs that a font carries. */
    void checkFont(COSDictionary font) {
        if (font == null) return;
        COSDictionary d = font.getCOSDictionary(COSName.FONT_DESC);
        if (d != null)
            for (COSName n : new COSName[] {COSName.FONT_FILE, COSName.FONT_FILE2, COSName.FONT_FILE3}) check(d.getDictionaryObject(n));
        check(font.getDictionaryObject(COSName.TO_UNICODE));
        check(font.getDictionaryObject(COSName.ENCODING));
        COSArray below = font.getCOSArray(COSName.DESCENDANT_FONTS);
        if (below != null && below.size() > 0 && below.getObject(0) instanceof COSDictionary one && one != font) {
            // a range of widths to 2 000 000 000 is filled number by number
            for (COSName w : new COSName[] {COSName.W, COSName.getPDFName("W2")}) if (isBeyondCodes(one.getCOSArray(w))) one.removeItem(w);
            check(one.getDictionaryObject(COSName.CID_TO_GID_MAP));
            COSDictionary od = one.getCOSDictionary(COSName.FONT_DESC);
            if (od != null) for (COSName n : new COSName[] {COSName.FONT_FILE, COSName.FONT_FILE2, COSName.FONT_FILE3})
                check(od.getDictionaryObject(n));
        }
    }

    private static boolean isBeyondCodes(COSArray widths) {
        if (widths != null) for (COSBase b : widths) if (b instanceof COSNumber n && !(n.floatValue() <= LARGEST_CODE)) return true;
        return false;
    }

    private void stream(COSStream s) {
        if (!seen.add(s)) return;
        COSBase filters = s.getFilters();
        if (filters == null) return;
        int packings = filters instanceof COSArray a ? a.size() : 1;
        if (packings == 1 && s.getLength() * TIGHTEST < most - sum) return;
        try (InputStream in = s.createRawInputStream()) {
            sum += measure(in, most - sum, packings > 1 ? most / TIGHTEST : Long.MAX_VALUE);
        } catch (IOException e) {
            return;
        }
        if (sum > most) throw new Enough(Code.UNPACKS_TOO_FAR, most);
    }

    /** @param chained what another packing may make too much of: packed twice, less is enough */
    private static long measure(InputStream in, long limit, long chained) throws IOException {
        Inflater inflater = new Inflater();
        byte[] packed = new byte[BLOCK], plain = new byte[BLOCK];
        long out = 0;
        try {
            while (out <= limit) {
                int n = in.read(packed);
                if (n < 0) break;
                inflater.setInput(packed, 0, n);
                while (!inflater.needsInput() && !inflater.finished() && out <= limit) {
                    int k = inflater.inflate(plain);
                    if (k == 0 && (inflater.needsDictionary() || inflater.needsInput())) break;
                    out += k;
                }
                if (inflater.finished() || inflater.needsDictionary()) break;
            }
        } catch (DataFormatException e) {
            // not deflate, or damaged: what could be unpacked was counted
        } finally {
            inflater.end();
        }
        return out > chained ? Math.max(out, limit + 1) : out;
    }
}
