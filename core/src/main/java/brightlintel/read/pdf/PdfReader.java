package brightlintel.read.pdf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Companions;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Format;
import brightlintel.drawing.Header;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Tables;
import brightlintel.read.Endings;
import brightlintel.read.HashedStream;
import brightlintel.read.PictureRows;
import brightlintel.read.Refused;
import brightlintel.read.Wanted;
import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Predicate;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.io.RandomAccessRead;
import org.apache.pdfbox.io.RandomAccessReadBufferedFile;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;

/** Reads pages, each into a drawing of its own. Scripts, links, attachments and outside files are not looked at. */
public final class PdfReader {
    /** A page that takes longer is given up; what was read of it stays. */
    private static final long PAGE_NANOS = 60_000_000_000L;
    private static final long OPERATORS = 20_000_000;
    /** Of the memory that there is: what all packed parts of a page may unpack to. */
    private static final double UNPACKED_SHARE = 0.25;
    // held here, or the setting is lost with the logger: what the library has to say of a file is in our own report
    private static final List<Logger> QUIET = List.of(Logger.getLogger("org.apache.pdfbox"), Logger.getLogger("org.apache.fontbox"));

    private PdfReader() { }

    /** One page. */
    public static RawDrawing read(Path file, boolean hash, Wanted wanted, ReadLimits limits, Progress progress) throws IOException {
        String sha = hash ? sha256(file) : "";
        Guard guard = new Guard();
        Progress alive = alive(guard, progress);
        return guard.run(file.getFileName(), () -> {
            try (PDDocument d = open(file, wanted.password())) {
                if (wanted.page() > d.getNumberOfPages()) throw noPage(file, wanted);
                return page(d, wanted.page(), sha, limits, alive, null);
            }
        });
    }

    /** Reads a page again for whoever takes its pictures at full size. */
    public static void rows(Path file, Wanted wanted, PictureRows.Sink sink, ReadLimits limits, Progress progress) throws IOException {
        Guard guard = new Guard();
        Progress alive = alive(guard, progress);
        guard.run(file.getFileName(), () -> {
            try (PDDocument d = open(file, wanted.password())) {
                if (wanted.page() > d.getNumberOfPages()) throw noPage(file, wanted);
                return page(d, wanted.page(), "", limits, alive, sink);
            }
        });
    }

    /** Pages in turn from the one that is wanted, each given up before the next is read, until there is enough. */
    public static void each(Path file, Wanted wanted, ReadLimits limits, Progress progress, Predicate<RawDrawing> enough)
        throws IOException {
        Guard guard = new Guard();
        Progress alive = alive(guard, progress);
        guard.run(file.getFileName(), () -> {
            try (PDDocument d = open(file, wanted.password())) {
                if (wanted.page() > d.getNumberOfPages()) throw noPage(file, wanted);
                for (int i = wanted.page(); i <= d.getNumberOfPages(); i++) if (enough.test(page(d, i, "", limits, alive, null))) break;
                return null;
            }
        });
    }

    private static Refused noPage(Path file, Wanted wanted) {
        return new Refused(Refused.Why.NO_SUCH_SPACE, file.getFileName(), new SpaceKey.Page(wanted.page()).name());
    }

    /** How many there are. */
    public static int count(Path file, String password) throws IOException {
        return new Guard().run(file.getFileName(), () -> {
            try (PDDocument d = open(file, password)) {
                return d.getNumberOfPages();
            }
        });
    }

    private static Progress alive(Guard guard, Progress progress) {
        return (stage, done, total) -> {
            guard.alive();
            progress.at(stage, done, total);
        };
    }

    private static String sha256(Path file) throws IOException {
        try (HashedStream in = new HashedStream(file, true)) {
            return in.sha256Hex();
        }
    }

    private static PDDocument open(Path file, String password) throws IOException {
        prepare();
        Packages.check(file, unpackedAtMost());
        RandomAccessRead bytes = new RandomAccessReadBufferedFile(file);
        PDDocument d;
        try {
            d = Loader.loadPDF(bytes, password, IOUtils.createMemoryOnlyStreamCache());
        } catch (InvalidPasswordException e) {
            bytes.close();
            throw new Refused(Refused.Why.PASSWORD, file.getFileName(), password.isEmpty() ? "" : "wrong");
        } catch (IOException | RuntimeException e) {
            bytes.close();
            throw new Refused(Refused.Why.LOST, file.getFileName(), "no document in it");
        }
        boolean may = !d.isEncrypted() || d.getCurrentAccessPermission().canExtractContent();
        if (may && d.getNumberOfPages() > 0) return d;
        d.close();
        throw may ? new Refused(Refused.Why.LOST, file.getFileName(), "no pages in it")
            : new Refused(Refused.Why.NO_RIGHT, file.getFileName());
    }

    /** Before the library does anything: it does not search the machine for fonts, and logs nothing. */
    public static void prepare() throws IOException {
        for (Logger l : QUIET) l.setLevel(Level.OFF);
        PageFonts.use();
    }

    private static long unpackedAtMost() {
        return (long) (UNPACKED_SHARE * Runtime.getRuntime().maxMemory());
    }

    private static RawDrawing page(PDDocument d, int number, String sha, ReadLimits limits, Progress progress, PictureRows.Sink sink)
        throws IOException {
        progress.at(Progress.Stage.READING, 0, 0);
        Report.Builder report = new Report.Builder();
        Ink ink = new Ink(number, limits, report);
        PageImages images = new PageImages(number, report, sink);
        PDPage page = d.getPage(number - 1);
        PageFrame frame = PageFrame.of(page);
        Groups groups = Groups.of(d);
        groups.layers().forEach(ink::declare);
        Unpacked unpacked = new Unpacked(unpackedAtMost());
        PageWalk walk = new PageWalk(page, frame, ink, groups, images, unpacked,
            new PageWalk.Limits(OPERATORS, System.nanoTime() + PAGE_NANOS), progress);
        walk(page, walk, unpacked, ink);
        return drawing(d, number, sha, frame, new Walked(ink, images, walk, groups));
    }

    private record Walked(Ink ink, PageImages images, PageWalk walk, Groups groups) { }

    /** Whatever ends it, what was painted until then is kept, and the end is told. */
    private static void walk(PDPage page, PageWalk walk, Unpacked unpacked, Ink ink) {
        Report.Builder report = ink.report;
        try {
            unpacked.check(page.getCOSObject().getDictionaryObject(COSName.CONTENTS));
            walk.run();
        } catch (Enough e) {
            report.say(e.code(), ink.at(), e.value());
        } catch (CancellationException e) {
            throw e;
        } catch (StackOverflowError e) {
            report.say(Code.NESTED_TOO_DEEP, ink.at());
        } catch (OutOfMemoryError e) {
            report.say(Code.UNPACKS_TOO_FAR, ink.at(), Runtime.getRuntime().maxMemory());
        } catch (IOException | RuntimeException e) {
            report.say(Code.PAGE_CONTENT_DAMAGED, ink.at(), e.getClass().getSimpleName());
        }
        try {
            walk.letters().end();
        } catch (Enough e) {
            report.say(e.code(), ink.at(), e.value());
        }
        Gathering.of(ink);
    }

    private static RawDrawing drawing(PDDocument d, int number, String sha, PageFrame frame, Walked w) {
        Ink ink = w.ink;
        Map<String, String> words = new LinkedHashMap<>();
        words.put("$PAGES", Integer.toString(d.getNumberOfPages()));
        words.put("$PAGEROTATION", Integer.toString(frame.rotation()));
        words.put("$PAINTEDPATHS", Long.toString(w.walk.paths()));
        words.put("$PAGEPICTURES", Integer.toString(w.images.count()));
        List<Layer> layers = ink.layers();
        Space space = new Space(new SpaceKey.Page(number), Optional.of(frame.paper()), ink.entities);
        boolean strokes = ink.entities.stream().anyMatch(e -> !(e instanceof Entity.Picture || e instanceof Entity.Text));
        if (!strokes && w.images.count() > 0) ink.report.say(Code.NOTHING_TO_SNAP_TO, ink.at());
        Endings.say(ink.report, w.groups.layers(), List.of(space));
        return new RawDrawing(sha, Format.PDF, Float.toString(d.getVersion()), new Header(words), layers,
            new Tables(ink.lineTypes, List.of()),
            List.of(space), Map.of(), new Companions(Map.of(), w.images.pixels(), List.of()), ink.report.build());
    }
}
