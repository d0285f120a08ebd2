package brightlintel.edit;

import brightlintel.building.Custody;
import brightlintel.building.Edit;
import brightlintel.building.FileId;
import brightlintel.building.Project;
import brightlintel.building.Source;
import brightlintel.building.Underlay;
import brightlintel.drawing.External;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Names;
import brightlintel.drawing.SpaceKey;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** Files that are received again, or whose place on disk is another one. */
public final class Revising {
    private Revising() { }

    /**
     * Later bytes of a file.
     *
     * @param spaces    that are in it: a drawing of a sheet that is gone from it stays as it was
     * @param layersOff layers that the earlier had not, and that the later hides
     */
    public record Revision(Receiving.Arrived arrived, String sha256, List<External> externals, Set<SpaceKey> spaces,
        Set<String> layersOff) {
        public Revision {
            externals = List.copyOf(externals);
            spaces = Set.copyOf(spaces);
            layersOff = Set.copyOf(layersOff);
        }
    }

    /** Layers of a later one that are hidden in it and that the earlier had not: they start off, as in a drawing that is received. */
    public static Set<String> newlyHidden(List<Layer> was, List<Layer> now) {
        Set<String> before = was.stream().map(l -> Names.key(l.name())).collect(Collectors.toSet());
        return now.stream().filter(Layer::startsHidden).map(l -> Names.key(l.name())).filter(n -> !before.contains(n))
            .collect(Collectors.toCollection(TreeSet::new));
    }

    /** Reads a file again, or puts another in its place: what was set right and cleared stays. The same bytes again change nothing. */
    public static Edit revise(FileId file, Revision r) {
        return Edit.of("edit.revise", r.arrived.name(), p -> {
            Source s = p.source(file).orElse(null);
            if (s == null) return p;
            List<Source.Version> versions = new ArrayList<>(s.versions());
            if (!s.newest().sha256().equals(r.sha256)) {
                // one that comes back is the newest again, and is kept once
                versions.removeIf(v -> v.sha256().equals(r.sha256));
                versions.add(new Source.Version(r.sha256, r.arrived.bytes(), r.arrived.received(), r.externals));
            }
            Source now = new Source(file, r.arrived.name(), r.arrived.custody(), versions);
            return source(p, now).withUnderlays(p.underlays().stream().map(u -> u.file().equals(file) ? revised(u, r) : u).toList());
        });
    }

    private static Underlay revised(Underlay u, Revision r) {
        if (u.sha256().equals(r.sha256) || !r.spaces.contains(u.space())) return u;
        Set<String> off = new TreeSet<>(u.clearing().layersOff());
        off.addAll(r.layersOff);
        return u.of(r.sha256).with(u.clearing().withLayersOff(off));
    }

    /** From now on the file is looked for there, or not any more. */
    public static Edit custody(FileId file, Custody c) {
        return Edit.of(c instanceof Custody.Kept ? "edit.keep-file" : "edit.follow-file",
            p -> p.source(file).map(s -> source(p, new Source(file, s.name(), c, s.versions()))).orElse(p));
    }

    private static Project source(Project p, Source now) {
        UnaryOperator<Source> put = s -> s.id().equals(now.id()) ? now : s;
        return p.withSources(p.sources().stream().map(put).toList());
    }
}
