package brightlintel.receive;

import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.drawing.External;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.Beside;
import brightlintel.read.DrawingReader;
import brightlintel.read.ReadLimits;
import brightlintel.store.Originals;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** Reads each file once and keeps what came of it. Safe to use from several threads. */
public final class DrawingShelf {
    private final Originals originals;
    private final Map<Key, Shelved> shelf = new ConcurrentHashMap<>();

    private record Key(String sha256, SpaceKey space) { }

    /** A drawing, flattened, with what finding needs. */
    public record Shelved(RawDrawing drawing, Strokes strokes, PlacedDrawing.Centres centres) { }

    public DrawingShelf(Originals originals) {
        this.originals = originals;
    }

    public Originals originals() {
        return originals;
    }

    /** Reads a file from outside and keeps its bytes. Nothing is kept of a file that is refused. */
    public Shelved take(Path file, Progress progress) throws IOException {
        RawDrawing d = DrawingReader.read(file, ReadLimits.DEFAULT, progress);
        Shelved s = shelve(d, new SpaceKey.Model(), progress);
        if (!originals.has(d.sha256())) originals.keep(file);
        Beside beside = Beside.of(file);
        for (External e : d.companions().files()) if (!originals.has(e.sha256())) originals.keep(beside.find(e.path()).file());
        originals.keepBeside(d.sha256(), d.companions().files());
        return s;
    }

    private Shelved shelve(RawDrawing d, SpaceKey space, Progress progress) {
        Strokes strokes = Flattening.of(d, space, ReadLimits.DEFAULT, progress);
        Shelved s = new Shelved(d, strokes, new PlacedDrawing.Centres(strokes));
        shelf.put(new Key(d.sha256(), space), s);
        return s;
    }

    /** What is there already, without reading. */
    public Optional<Shelved> has(Underlay u) {
        return Optional.ofNullable(shelf.get(new Key(u.sha256(), u.space())));
    }

    /** Reads from the originals where needed. */
    public Shelved of(Underlay u, Progress progress) throws IOException {
        Optional<Shelved> there = has(u);
        if (there.isPresent()) return there.get();
        return shelve(DrawingReader.read(originals.path(u.sha256()), Beside.kept(originals.beside(u.sha256())), ReadLimits.DEFAULT, progress), u.space(), progress);
    }

    public PlacedDrawing placed(Underlay u, Progress progress) throws IOException {
        Shelved s = of(u, progress);
        return new PlacedDrawing(u, s.strokes(), s.centres());
    }

    public List<PlacedDrawing> placed(Project p, StoreyId on, Progress progress) throws IOException {
        List<PlacedDrawing> out = new ArrayList<>();
        for (Underlay u : p.underlaysOf(on)) out.add(placed(u, progress));
        return out;
    }
}
