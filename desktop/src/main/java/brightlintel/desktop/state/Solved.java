package brightlintel.desktop.state;

import brightlintel.building.Contents;
import brightlintel.building.Slab;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosures;
import brightlintel.joint.Footprints;
import brightlintel.joint.SlabOutlines;

/** What follows from the contents of the storey in hand, worked out once for each: joints, slabs, what walls enclose. */
public final class Solved {
    private final Workspace w;
    private Contents wallsOf = Contents.NONE, roomsOf;
    private Footprints footprints = Footprints.of(Contents.NONE, Tolerances.BUILDING);
    private Enclosures enclosures;
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
        return enclosures;
    }

    private static boolean sameWalls(Contents a, Contents b) {
        return a == b || a.walls().equals(b.walls()) && a.columns().equals(b.columns());
    }

    public SlabOutlines slabs() {
        return slabs;
    }

    public Ring outline(Slab s) {
        return slabs.of(s, w.contents());
    }
}
