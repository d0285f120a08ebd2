package brightlintel.read;

import brightlintel.drawing.Format;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.read.pdf.PdfReader;
import brightlintel.read.picture.PictureReader;
import java.io.IOException;
import java.nio.file.Path;
import java.util.function.Predicate;

/** Files of several pages, each a drawing of its own. */
public final class Paged {
    private Paged() { }

    /** How many there are. @throws Refused where it is locked and the password is not the one */
    public static int count(Path file, String password) throws IOException {
        return Sniffer.sniff(file) == Format.PDF ? PdfReader.count(file, password) : PictureReader.count(file);
    }

    /**
     * One page after the other from the one that is wanted; each may be given up before the next is read.
     *
     * @param enough tells whether to end with the page it is given
     */
    public static void each(Path file, Wanted wanted, ReadLimits limits, Progress progress, Predicate<RawDrawing> enough)
        throws IOException {
        if (Sniffer.sniff(file) == Format.PDF) {
            PdfReader.each(file, wanted, limits, progress, enough);
            return;
        }
        int n = Math.max(wanted.page(), PictureReader.count(file));
        for (int i = wanted.page(); i <= n; i++)
            if (enough.test(PictureReader.read(file, false, new Wanted(i, wanted.password()), limits, progress))) return;
    }
}
