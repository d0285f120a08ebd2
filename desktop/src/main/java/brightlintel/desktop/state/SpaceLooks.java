package brightlintel.desktop.state;

import brightlintel.building.StoreyId;
import brightlintel.geom.Point;
import brightlintel.solid.Body;
import brightlintel.view3d.Cut;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is seen in space; never part of a project.
 *
 * @param hidden    storeys whose bodies are not seen
 * @param off       kinds of bodies that are not seen
 * @param sheets    whether drawings lie at their levels
 * @param sheetsOff storeys whose drawings do not
 * @param height    above the project's ±0.00, over which all is cut away
 * @param across    an upright cut
 * @param names     whether rooms of the storey in hand say what they are
 * @param through   whether bodies can be seen through
 */
public record SpaceLooks(Set<StoreyId> hidden, Set<Kind> off, boolean sheets, Set<StoreyId> sheetsOff, Optional<Double> height,
    Optional<Across> across, boolean names, boolean through) {
    public static final SpaceLooks USUAL = new SpaceLooks(Set.of(), Set.of(), true, Set.of(), Optional.empty(), Optional.empty(),
        true, false);

    public enum Kind {
        WALLS, OPENINGS, SLABS, COLUMNS, STAIRS, ROOFS, PROPOSALS;

        static Kind of(Body.Matter m) {
            return switch (m) {
                case WALL -> WALLS;
                case SLAB -> SLABS;
                case COLUMN -> COLUMNS;
                case STAIR -> STAIRS;
                case ROOF -> ROOFS;
                case DOOR, GLASS -> OPENINGS;
                case PROPOSED -> PROPOSALS;
            };
        }
    }

    /** @param towards the side that is cut away, in the plan, radians. @param at how far the plane lies that way, metres */
    public record Across(double towards, double at) {
        /** Quarter of a turn, about a place of the plan. */
        public Across turned(Point about) {
            double now = towards + Math.PI / 2;
            return new Across(now, about.dot(Point.polar(now, 1)));
        }

        public Across withAt(double metres) {
            return new Across(towards, metres);
        }

        Cut cut() {
            return Cut.across(Point.polar(towards, at), towards);
        }
    }

    public SpaceLooks {
        hidden = Set.copyOf(hidden);
        off = Set.copyOf(off);
        sheetsOff = Set.copyOf(sheetsOff);
    }

    public boolean shows(Body b) {
        return !off.contains(Kind.of(b.matter()));
    }

    public boolean showsProposals() {
        return !off.contains(Kind.PROPOSALS);
    }

    public boolean showsSheets(StoreyId s) {
        return sheets && !sheetsOff.contains(s);
    }

    public List<Cut> cuts() {
        List<Cut> out = new ArrayList<>();
        height.ifPresent(h -> out.add(Cut.above(h)));
        across.ifPresent(a -> out.add(a.cut()));
        return out;
    }

    public SpaceLooks toggled(Kind k) {
        EnumSet<Kind> now = off.isEmpty() ? EnumSet.noneOf(Kind.class) : EnumSet.copyOf(off);
        if (!now.remove(k)) now.add(k);
        return new SpaceLooks(hidden, now, sheets, sheetsOff, height, across, names, through);
    }

    public SpaceLooks toggledStorey(StoreyId s) {
        return new SpaceLooks(toggled(hidden, s), off, sheets, sheetsOff, height, across, names, through);
    }

    public SpaceLooks toggledSheets(StoreyId s) {
        return new SpaceLooks(hidden, off, sheets, toggled(sheetsOff, s), height, across, names, through);
    }

    private static Set<StoreyId> toggled(Set<StoreyId> set, StoreyId s) {
        Set<StoreyId> now = new HashSet<>(set);
        if (!now.remove(s)) now.add(s);
        return now;
    }

    public SpaceLooks withSheets(boolean on) {
        return new SpaceLooks(hidden, off, on, sheetsOff, height, across, names, through);
    }

    public SpaceLooks withHeight(Optional<Double> h) {
        return new SpaceLooks(hidden, off, sheets, sheetsOff, h, across, names, through);
    }

    public SpaceLooks withAcross(Optional<Across> a) {
        return new SpaceLooks(hidden, off, sheets, sheetsOff, height, a, names, through);
    }

    public SpaceLooks withNames(boolean n) {
        return new SpaceLooks(hidden, off, sheets, sheetsOff, height, across, n, through);
    }

    public SpaceLooks withThrough(boolean t) {
        return new SpaceLooks(hidden, off, sheets, sheetsOff, height, across, names, t);
    }
}
