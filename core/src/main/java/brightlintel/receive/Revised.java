package brightlintel.receive;

import brightlintel.building.Custody;
import brightlintel.building.Source;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.clear.Cleared;
import brightlintel.drawing.Code;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.edit.Receiving;
import brightlintel.edit.Revising;
import brightlintel.find.Differences;
import brightlintel.read.Wanted;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Later bytes of a file that was received, read and held against the earlier ones.
 *
 * @param parts     what is otherwise in each of its drawings that is in the later one too
 * @param endsEarly it ends in the middle of something, as a file does that is half written
 */
public record Revised(Revising.Revision revision, Map<UnderlayId, Differences> parts, boolean endsEarly) {
    public Revised {
        parts = Map.copyOf(parts);
    }

    /**
     * Reads them; the bytes are kept as those of any file that is received. The same file may have been received as a whole or page by
     * page; each page that is laid is read.
     *
     * @param at  where they lie
     * @param all drawings of the project; those of other files are passed over
     */
    public static Revised read(DrawingShelf shelf, Source source, Path at, Collection<Underlay> all, Progress progress) throws IOException {
        List<Underlay> laid = all.stream().filter(u -> u.file().equals(source.id())).toList();
        String password = shelf.password(source.newest().sha256());
        int page = laid.stream().mapToInt(u -> u.space() instanceof SpaceKey.Page p ? p.number() : 1).min().orElse(1);
        DrawingShelf.Shelved first = first(shelf, at, page, password, progress);
        RawDrawing d = first.drawing();
        Set<SpaceKey> spaces = new HashSet<>();
        Set<String> off = new HashSet<>();
        Map<UnderlayId, Differences> parts = new LinkedHashMap<>();
        for (Underlay u : laid) {
            if (!has(d, u.space())) continue;
            spaces.add(u.space());
            DrawingShelf.Shelved was = shelf.of(u, progress), now = shelf.of(d.sha256(), u.space(), progress);
            off.addAll(Revising.newlyHidden(was.drawing().layers(), now.drawing().layers()));
            parts.put(u.id(), Differences.of(side(u, was), side(u.of(d.sha256()).with(u.clearing().withLayersOff(both(u, off))), now)));
        }
        Receiving.Arrived arrived = new Receiving.Arrived(at.getFileName().toString(), Files.size(shelf.originals().path(d.sha256())),
            Instant.now().toString(), new Custody.Followed(at.toAbsolutePath().toString()));
        return new Revised(new Revising.Revision(arrived, d.sha256(), d.companions().files(), spaces, off), parts,
            d.report().count(Code.FILE_ENDS_EARLY) > 0);
    }

    /** A page that is gone is no reason not to read the others. */
    private static DrawingShelf.Shelved first(DrawingShelf shelf, Path at, int page, String password,
        Progress progress) throws IOException {
        try {
            return shelf.take(at, new Wanted(page, password), progress);
        } catch (IOException e) {
            if (page == 1) throw e;
            return shelf.take(at, Wanted.FIRST.with(password), progress);
        }
    }

    private static boolean has(RawDrawing d, SpaceKey space) {
        return switch (space) {
            case SpaceKey.Page(int n) -> d.format().isPaged() && n <= d.header().whole("$PAGES").orElse(1);
            case SpaceKey.Model _ -> !d.format().isPaged();
            case SpaceKey.Layout _ -> d.space(space).map(Space::key).isPresent();
        };
    }

    private static Set<String> both(Underlay u, Set<String> off) {
        Set<String> out = new HashSet<>(u.clearing().layersOff());
        out.addAll(off);
        return out;
    }

    private static Differences.Side side(Underlay u, DrawingShelf.Shelved s) {
        Cleared c = Cleared.of(u, s.strokes(), s.finder());
        return new Differences.Side(s.strokes(), s.finder(), c::strokeShown, c::markShown);
    }
}
