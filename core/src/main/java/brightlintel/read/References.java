package brightlintel.read;

import brightlintel.drawing.Block;
import brightlintel.drawing.Code;
import brightlintel.drawing.Companions;
import brightlintel.drawing.Entity;
import brightlintel.drawing.External;
import brightlintel.drawing.Location;
import brightlintel.drawing.Pixels;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Reads what a drawing refers to: other drawings, each once and never in a circle, and pictures. What is not there is named. */
final class References {
    private static final int MOST = 200;
    private final Beside beside;
    private final ReadLimits limits;
    private final Progress progress;
    private final Set<Path> open = new HashSet<>();
    private final List<External> files = new ArrayList<>();
    private int count;

    private References(Beside beside, ReadLimits limits, Progress progress) {
        this.beside = beside;
        this.limits = limits;
        this.progress = progress;
    }

    static RawDrawing resolve(RawDrawing d, Path file, Beside beside, ReadLimits limits, Progress progress) throws IOException {
        // pages carry all that they show
        if (d.format().isPaged()) return d;
        References r = new References(beside, limits, progress);
        r.open.add(file.toRealPath());
        return r.withCompanions(d);
    }

    private RawDrawing withCompanions(RawDrawing d) {
        Map<String, RawDrawing> drawings = new LinkedHashMap<>();
        Map<String, Pixels> pictures = new LinkedHashMap<>();
        Report.Builder report = new Report.Builder();
        for (Block b : d.blocks().values())
            if (!b.external().isEmpty() && !drawings.containsKey(b.external())) drawing(b.external(), report, drawings);
        for (String path : picturePaths(d)) picture(path, report, pictures);
        if (count == 0 && report.build().entries().isEmpty()) return d;
        return d.with(new Companions(drawings, pictures, open.size() == 1 ? files : List.of()), d.report().and(report.build()));
    }

    private static Set<String> picturePaths(RawDrawing d) {
        Set<String> out = new LinkedHashSet<>();
        for (Space s : d.spaces()) picturePaths(s.entities(), out);
        for (Block b : d.blocks().values()) picturePaths(b.entities(), out);
        return out;
    }

    private static void picturePaths(List<Entity> entities, Set<String> out) {
        for (Entity e : entities) if (e instanceof Entity.Picture p) out.add(p.file());
    }

    /** null where it is not there, outside, or one too many; which is said. */
    private Path find(String path, Report.Builder report) {
        Beside.Found f = beside.find(path);
        if (f.file() != null && count++ < MOST) return f.file();
        report.say(f.outside() ? Code.EXTERNAL_OUTSIDE : Code.EXTERNAL_NOT_READ, new Location.Whole(), path);
        return null;
    }

    private void drawing(String path, Report.Builder report, Map<String, RawDrawing> into) {
        Path file = find(path, report);
        if (file == null) return;
        if (!open.add(file)) {
            report.say(Code.EXTERNAL_IN_CIRCLE, new Location.Whole(), path);
            return;
        }
        try {
            RawDrawing d = withCompanions(DrawingReader.alone(file, true, Wanted.FIRST, limits, progress));
            into.put(path, d);
            files.add(new External(path, d.sha256()));
            report.say(Code.EXTERNAL_READ, new Location.Whole(), path);
        } catch (IOException e) {
            report.say(Code.EXTERNAL_NOT_READ, new Location.Whole(), path);
        } finally {
            open.remove(file);
        }
    }

    private void picture(String path, Report.Builder report, Map<String, Pixels> into) {
        Path file = find(path, report);
        if (file == null) return;
        try {
            into.put(path, Pictures.read(file));
            files.add(new External(path, Pictures.sha256(file)));
            report.say(Code.EXTERNAL_READ, new Location.Whole(), path);
        } catch (IOException | RuntimeException e) {
            report.say(Code.EXTERNAL_NOT_READ, new Location.Whole(), path);
        }
    }
}
