package brightlintel.desktop.state;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Contents;
import brightlintel.building.Project;
import brightlintel.building.Slab;
import brightlintel.building.StoreyId;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosure;
import brightlintel.joint.Enclosures;
import brightlintel.joint.Footprints;
import brightlintel.joint.SlabOutline;
import brightlintel.joint.SlabOutlines;
import brightlintel.joint.Wells;
import java.util.List;

/** What follows from the contents of the storey in hand, worked out once for each: joints, slabs, what walls enclose. */
public final class Solved {
    /** Walls from which on rooms take longer than a frame. */
    private static final int LARGE = 60;
    private final Workspace w;
    /** The era in which it was asked for: an answer for an earlier one never comes. */
    private Object askedIn;
    private StoreyId roomsOn;
    private Contents wallsOf = Contents.NONE, roomsOf;
    private Footprints footprints = Footprints.of(Contents.NONE, Tolerances.BUILDING);
    private Enclosures enclosures;
    private Project wellsOf;
    private StoreyId wellsOn;
    private List<Ring> wells = List.of();
    private final SlabOutlines slabs = new SlabOutlines(Tolerances.BUILDING);

    Solved(Workspace w) {
        this.w = w;
    }

    /** Joints of the storey's walls, and where columns stand in them. */
    public Footprints footprints() {
        Contents now = w.contents();
        if (!sameWalls(now, wallsOf)) footprints = Footprints.of(now, Tolerances.BUILDING);
        wallsOf = now;
        return footprints;
    }

    /** What walls, columns and separation lines of the storey enclose. */
    public Enclosures enclosures() {
        Contents now = w.contents();
        if (roomsOf == null || !sameWalls(now, roomsOf) || !now.separations().equals(roomsOf.separations()))
            enclosures = Enclosures.of(now, footprints(), Tolerances.BUILDING);
        roomsOf = now;
        roomsOn = w.storeyId();
        return enclosures;
    }

    /**
     * The same for what is only looked at: of a large storey as it was, while it is worked out anew behind the window, whose end is told as
     * {@link Change#EVIDENCE}. A wall that is dragged does not wait for its rooms.
     */
    public Enclosures enclosuresSeen() {
        Contents now = w.contents();
        boolean fresh = roomsOf != null && sameWalls(now, roomsOf) && now.separations().equals(roomsOf.separations());
        StoreyId on = w.storeyId();
        if (fresh || now.walls().size() < LARGE || !on.equals(roomsOn)) return enclosures();
        if (askedIn != w.era()) {
            askedIn = w.era();
            Enclosures[] out = new Enclosures[1];
            w.onBoard().behind(() -> out[0] = Enclosures.of(now, Tolerances.BUILDING), () -> {
                askedIn = null;
                if (out[0] == null || !on.equals(w.storeyId())) return;
                enclosures = out[0];
                roomsOf = now;
                w.tell(Change.EVIDENCE);
            });
        }
        return enclosures;
    }

    private static boolean sameWalls(Contents a, Contents b) {
        return a == b || a.walls().equals(b.walls()) && a.columns().equals(b.columns());
    }

    /** Where stairs of the storeys below come up. */
    public List<Ring> wells() {
        if (wellsOf != w.project() || !w.storeyId().equals(wellsOn)) wells = Wells.of(w.project(), w.storeyId());
        wellsOf = w.project();
        wellsOn = w.storeyId();
        return wells;
    }

    /** The ground of a slab, without its holes. */
    public List<Enclosure> ground(Slab s) {
        return Wells.without(s, outline(s), wells());
    }

    /** Where the outline of the storey lies now. */
    public Ring outline(BuildingOutline b) {
        return SlabOutline.of(b, w.contents(), Tolerances.BUILDING);
    }

    public SlabOutlines slabs() {
        return slabs;
    }

    public Ring outline(Slab s) {
        return slabs.of(s, w.contents());
    }
}
