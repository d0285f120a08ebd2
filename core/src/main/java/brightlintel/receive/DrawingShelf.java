package brightlintel.receive;

import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.drawing.External;
import brightlintel.drawing.Pixels;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.edit.Appearing;
import brightlintel.edit.Receiving;
import brightlintel.find.Finder;
import brightlintel.flatten.Flattening;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.Beside;
import brightlintel.read.DrawingReader;
import brightlintel.read.Refused;
import brightlintel.read.Wanted;
import brightlintel.repair.Mender;
import brightlintel.store.Originals;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Reads each file once, for all its spaces, and keeps what came of it as long as there is room. Two who want the same at once get the same.
 * Safe to use from several threads.
 */
public final class DrawingShelf {
    /** Of the memory that there is. What is on the board is held by the board as well. */
    private static final double SHARE = 0.35;
    /** Entities in memory against bytes in the file, about. */
    private static final int UNFOLDED = 2;
    private static final int PER_SHAPE = 200;
    private final Originals originals;
    private final Optional<PictureDetails> details;
    private final Shelf<Key, RawDrawing> files;
    private final Shelf<Key, Shelved> spaces;
    private final Map<String, Object> reading = new ConcurrentHashMap<>();

    /** What opens locked files, as long as the program runs: it is asked for again another day. */
    private final Map<String, String> passwords = new ConcurrentHashMap<>();

    private record Key(String sha256, SpaceKey space) {
        /** Files of several pages are read a page at a time, others as a whole. */
        static Key ofFile(String sha256, SpaceKey space) {
            return new Key(sha256, space instanceof SpaceKey.Page ? space : new SpaceKey.Model());
        }
    }

    /** One space of a drawing, flattened, with what finding needs. */
    public record Shelved(RawDrawing drawing, SpaceKey space, Mender mender) {
        /** As they were received. */
        public Strokes strokes() {
            return mender.received().strokes();
        }

        public Finder finder() {
            return mender.received().finder();
        }

        public Receiving.Arrival arrival() {
            return new Receiving.Arrival(drawing, space, strokes(), finder());
        }
    }

    public DrawingShelf(Originals originals) {
        this(originals, (long) (SHARE * Runtime.getRuntime().maxMemory()));
    }

    /** @param details gives pictures at their full size */
    public DrawingShelf(Originals originals, PictureDetails details) {
        this(originals, (long) (SHARE * Runtime.getRuntime().maxMemory()), Optional.of(details));
    }

    /** @param most bytes that read drawings may take, about */
    DrawingShelf(Originals originals, long most) {
        this(originals, most, Optional.empty());
    }

    private DrawingShelf(Originals originals, long most, Optional<PictureDetails> details) {
        this.originals = originals;
        this.details = details;
        this.files = new Shelf<>(most / 3);
        this.spaces = new Shelf<>(most - most / 3);
    }

    public Originals originals() {
        return originals;
    }

    /**
     * Takes a file from outside: its bytes first, then reads what was taken, so that a file that changes meanwhile is one or the other and
     * not a bit of both. Nothing is kept of a file that is refused.
     */
    public Shelved take(Path file, Progress progress) throws IOException {
        return take(file, Wanted.FIRST, progress);
    }

    /** The same of one page of several, or of a locked file. */
    public Shelved take(Path file, Wanted wanted, Progress progress) throws IOException {
        DrawingReader.check(file, ReadLimits.DEFAULT);
        Originals.Taken taken = originals.take(file);
        try {
            Beside beside = Beside.of(file);
            RawDrawing d = detailed(DrawingReader.read(taken.path(), file, beside, wanted, ReadLimits.DEFAULT, progress), wanted);
            for (External e : d.companions().files())
                if (!originals.has(e.sha256())) originals.keep(beside.find(e.path()).file(), e.sha256());
            originals.keepBeside(d.sha256(), d.companions().files());
            unlock(d.sha256(), wanted.password());
            SpaceKey space = d.format().isPaged() ? new SpaceKey.Page(wanted.page()) : new SpaceKey.Model();
            files.put(Key.ofFile(d.sha256(), space), d, weight(d));
            return flattened(d, space, progress);
        } catch (IOException | RuntimeException | Error refused) {
            if (taken.isNew()) originals.drop(taken.sha256());
            throw refused;
        }
    }

    /** Remembers what opens a file. */
    public void unlock(String sha256, String password) {
        if (!password.isEmpty()) passwords.put(sha256, password);
    }

    public String password(String sha256) {
        return passwords.getOrDefault(sha256, "");
    }

    /** Pages are packed in their files as nothing else is: theirs is told by what they hold. */
    private long weight(RawDrawing d) throws IOException {
        if (!d.format().isPaged()) return UNFOLDED * Files.size(originals.path(d.sha256()));
        long pixels = 0;
        for (Pixels p : d.companions().pictures().values()) pixels += 4L * p.argb().length;
        return pixels + PER_SHAPE * d.everything().count();
    }

    private Shelved flattened(RawDrawing d, SpaceKey space, Progress progress) {
        Optional<Shelved> there = spaces.get(new Key(d.sha256(), space));
        if (there.isPresent()) return there.get();
        Strokes strokes = Flattening.of(d, space, ReadLimits.DEFAULT, progress);
        Shelved s = new Shelved(d, space, new Mender(d.sha256(), space, strokes, new Finder(d.sha256(), space, strokes)));
        spaces.put(new Key(d.sha256(), space), s, strokes.weight());
        return s;
    }

    /** What is there already, without reading. */
    public Optional<Shelved> has(Underlay u) {
        return spaces.get(new Key(u.sha256(), u.space()));
    }

    /** Reads from the originals where needed. */
    public Shelved of(Underlay u, Progress progress) throws IOException {
        return of(u.sha256(), u.space(), progress);
    }

    public Shelved of(String sha256, SpaceKey space, Progress progress) throws IOException {
        synchronized (reading.computeIfAbsent(sha256, _ -> new Object())) {
            Optional<Shelved> there = spaces.get(new Key(sha256, space));
            if (there.isPresent()) return there.get();
            Key file = Key.ofFile(sha256, space);
            Optional<RawDrawing> read = files.get(file);
            RawDrawing d = read.isPresent() ? read.get() : again(sha256, space, progress);
            if (read.isEmpty()) files.put(file, d, weight(d));
            boolean isThere = space instanceof SpaceKey.Model || d.space(space).isPresent();
            if (!isThere) throw new Refused(Refused.Why.NO_SUCH_SPACE, "", space.name());
            return flattened(d, space, progress);
        }
    }

    private RawDrawing again(String sha256, SpaceKey space, Progress progress) throws IOException {
        Wanted wanted = Wanted.page(space instanceof SpaceKey.Page p ? p.number() : 1).with(password(sha256));
        Path bytes = originals.path(sha256);
        Beside beside = Beside.kept(originals.beside(sha256));
        return detailed(DrawingReader.read(bytes, bytes, beside, wanted, ReadLimits.DEFAULT, progress), wanted);
    }

    private RawDrawing detailed(RawDrawing d, Wanted wanted) {
        return details.map(x -> x.attach(d, originals.path(d.sha256()), wanted)).orElse(d);
    }

    public Optional<PictureDetails> details() {
        return details;
    }

    public PlacedDrawing placed(Underlay u, Progress progress) throws IOException {
        return new PlacedDrawing(u, of(u, progress).mender());
    }

    /** Drawings of a storey that are shown. */
    public List<PlacedDrawing> placed(Project p, StoreyId on, Progress progress) throws IOException {
        List<PlacedDrawing> out = new ArrayList<>();
        for (Underlay u : Appearing.shown(p.underlaysOf(on))) out.add(placed(u, progress));
        return out;
    }
}
