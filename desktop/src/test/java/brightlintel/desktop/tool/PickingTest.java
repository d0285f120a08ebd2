package brightlintel.desktop.tool;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Contents;
import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Side;
import brightlintel.building.Slab;
import brightlintel.building.Stand;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Workspace;
import brightlintel.geom.Box;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import java.io.IOException;
import brightlintel.select.Outline;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A hut of 6 x 4 m with a door, a slab, and a grid line 10 m long through it; one arc wall beside it. */
class PickingTest {
    private Workspace w;

    private static Wall wall(String id, double ax, double ay, double bx, double by, double bulge) {
        return new Wall(new ElementId(id), new Piece(new Point(ax, ay), new Point(bx, by), bulge), Side.CENTRE, Given.stated(0.2),
            Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
    }

    @BeforeEach void hut() throws IOException {
        w = new Workspace(new DrawingShelf(Originals.temporary()));
        Opening door = new Opening(new ElementId("door"), new ElementId("south"), 2, Given.stated(0.9), Given.stated(0.0),
            Given.stated(2.1), new Opening.Filling.Door(false, true), Provenance.BY_HAND);
        Slab slab = new Slab(new ElementId("slab"), new Ring(List.of(new Point(0, 0), new Point(6, 0), new Point(6, 4), new Point(0, 4))),
            List.of(), Stand.FLOOR, Given.stated(0.2), Optional.empty(), Provenance.BY_HAND);
        GridLine grid = new GridLine(new ElementId("grid"), "A", Optional.empty(), Piece.straight(new Point(3, -3), new Point(3, 7)),
            Optional.empty(), Provenance.BY_HAND);
        Project p = Project.empty("Hut", "Ground");
        p = p.withGrid(List.of(grid)).withContents(p.storeys().getFirst().id(),
            _ -> new Contents(List.of(wall("south", 0, 0, 6, 0, 0), wall("east", 6, 0, 6, 4, 0),
            wall("north", 6, 4, 0, 4, 0), wall("west", 0, 4, 0, 0, 0), wall("arc", 10, 0, 14, 0, 1), door, slab)));
        w.show(p, Optional.empty(), true);
    }

    private String at(double x, double y) {
        return Picking.at(w, new Point(x, y), 0.1).map(Element::id).map(ElementId::value).orElse("nothing");
    }

    private List<String> in(double ax, double ay, double bx, double by, boolean inside) {
        return Picking.in(w, Outline.of(Box.of(new Point(ax, ay), new Point(bx, by))), inside).stream().map(ElementId::value).toList();
    }

    @Test void theSmallerThingIsMeant() {
        assertThat(at(2, 0)).isEqualTo("door");
        assertThat(at(4.5, 0)).isEqualTo("south");
        assertThat(at(3, 2)).isEqualTo("grid");
        assertThat(at(1, 2)).isEqualTo("slab");
        assertThat(at(-5, 2)).isEqualTo("nothing");
    }

    @Test void aWallIsHitOnItsBodyAndALittleBeside() {
        assertThat(at(4.5, 0.09)).isEqualTo("south");
        assertThat(at(4.5, -0.19)).isEqualTo("south");
        assertThat(at(4.5, -0.3)).isEqualTo("nothing");
        // half a circle below its chord: on the arc, not on the chord
        assertThat(at(12, -2)).isEqualTo("arc");
        assertThat(at(12, 0)).isEqualTo("nothing");
    }

    @Test void theTagOfAGridLineIsEasierToHitThanTheLine() {
        assertThat(at(3.2, -3)).isEqualTo("grid");
        assertThat(at(3.2, -1.5)).isEqualTo("nothing");
    }

    @Test void aBoxTakesWhatItTouchesOrOnlyWhatIsInside() {
        assertThat(in(5.5, -1, 7, 1, false)).containsExactlyInAnyOrder("south", "east", "slab");
        assertThat(in(5.5, -1, 7, 1, true)).isEmpty();
        assertThat(in(5.5, -1, 7, 5, true)).containsExactly("east");
        assertThat(in(-1, -1, 7, 5, true)).containsExactlyInAnyOrder("south", "east", "north", "west", "door", "slab");
        assertThat(in(-1, -4, 7, 8, true)).contains("grid");
        assertThat(in(2.9, -2, 3.1, -1, false)).containsExactly("grid");
        assertThat(in(0.5, 0.5, 2, 2, false)).isEmpty();
    }
}
