package brightlintel.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.Top;
import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.notation.Seeds;

/** Zones along façades, and wells of stairs in slabs. */
class GroundsTest {
    private static Ring box(double x0, double y0, double x1, double y1) {
        return new Ring(List.of(new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1)));
    }

    private static double area(List<FacadeZones.Part> parts) {
        return parts.stream().mapToDouble(p -> p.ground().area()).sum();
    }

    private static double area(List<FacadeZones.Part> parts, FacadeZones.Faces f) {
        return area(parts.stream().filter(p -> p.faces() == f).toList());
    }

    @Test void aBoxHasFourStripsAndACore() {
        List<FacadeZones.Part> z = FacadeZones.of(box(0, 0, 20, 12), 4, 0).orElseThrow();
        assertThat(z).hasSize(5);
        assertThat(area(z, FacadeZones.Faces.CORE)).isCloseTo(12 * 4, within(1e-6));
        assertThat(area(z, FacadeZones.Faces.SOUTH)).isCloseTo((20 + 12) / 2.0 * 4, within(1e-6));
        assertThat(area(z, FacadeZones.Faces.WEST)).isCloseTo((12 + 4) / 2.0 * 4, within(1e-6));
    }

    @Test void trueNorthTurnsTheNames() {
        List<FacadeZones.Part> z = FacadeZones.of(box(0, 0, 20, 12), 4, Math.PI / 2).orElseThrow();
        // true north lies at the left: the lower façade looks west
        assertThat(area(z, FacadeZones.Faces.WEST)).isCloseTo(64, within(1e-6));
        assertThat(area(z, FacadeZones.Faces.NORTH)).isCloseTo(32, within(1e-6));
    }

    @Test void aNarrowHouseHasNoCore() {
        List<FacadeZones.Part> z = FacadeZones.of(box(0, 0, 20, 6), 4, 0).orElseThrow();
        assertThat(z).extracting(FacadeZones.Part::faces).doesNotContain(FacadeZones.Faces.CORE);
        assertThat(area(z)).isCloseTo(120, within(1e-6));
    }

    /** Law: together they are the outline, and corners of one that lie on another are corners of that too. */
    @Test void zonesCoverTheOutlineAndShareTheirEdges() {
        Seeds.each(60, seed -> {
            Random r = new Random(seed);
            double w = 12 + 10 * r.nextDouble(), d = 8 + 8 * r.nextDouble(), x = 3 + 4 * r.nextDouble(), y = 3 + 4 * r.nextDouble();
            Ring ring = new Ring(List.of(Point.ORIGIN, new Point(w, 0), new Point(w, d), new Point(w - x, d), new Point(w - x, d + y),
                new Point(0, d + y))).mapped(Affine.turn(r.nextDouble() * 6).then(Affine.move(new Point(30 * r.nextDouble(), 4))));
            List<FacadeZones.Part> z = FacadeZones.of(ring, 1 + 3 * r.nextDouble(), r.nextDouble()).orElseThrow();
            assertThat(area(z)).as("seed " + seed).isCloseTo(ring.area(), within(1e-3));
            Set<Point> corners = z.stream().flatMap(p -> rings(p).stream()).flatMap(p -> p.corners().stream()).collect(Collectors.toSet());
            for (FacadeZones.Part p : z) for (Ring one : rings(p)) for (Piece e : one.pieces()) for (Point c : corners) {
                boolean within = e.distance(c) < 1e-7 && c.distance(e.a()) > 1e-5 && c.distance(e.b()) > 1e-5;
                assertThat(within).as("seed " + seed + ": " + c + " lies within an edge").isFalse();
            }
        });
    }

    private static List<Ring> rings(FacadeZones.Part p) {
        List<Ring> out = new ArrayList<>(List.of(p.ground().outline()));
        out.addAll(p.ground().holes());
        return out;
    }

    private static final StoreyId LOW = new StoreyId("s0"), HIGH = new StoreyId("s1");

    private static Project withStair(Top top, Piece... line) {
        List<Storey> storeys = List.of(new Storey(LOW, "Ground", Given.stated(0.0), Given.stated(3.0), List.of()), new Storey(HIGH, "Upper",
            Given.stated(3.0), Given.stated(3.0), List.of()));
        Stair s = new Stair(new ElementId("stair"), List.of(line), Given.stated(1.0), Given.stated(17), Stand.FLOOR, top, Provenance.BY_HAND);
        return Project.of("p", "P", storeys).withContents(LOW, c -> c.plus(List.of(s)));
    }

    private static Slab slab(Ring r) {
        return new Slab(new ElementId("slab"), r, List.of(box(0.5, 0.5, 1, 1)), Stand.FLOOR, Given.stated(0.25), Optional.empty(),
            Provenance.BY_HAND);
    }

    private static Piece up(double x, double y0, double y1) {
        return Piece.straight(new Point(x, y0), new Point(x, y1));
    }

    @Test void aStairHasItsWellInTheSlabAbove() {
        Project p = withStair(Top.NEXT, up(5, 1, 5));
        assertThat(Wells.of(p, LOW)).isEmpty();
        List<Ring> wells = Wells.of(p, HIGH);
        assertThat(wells).singleElement().satisfies(w -> assertThat(w.area()).isCloseTo(4, within(1e-4)));
        Slab s = slab(box(0, 0, 10, 6));
        List<Enclosure> ground = Wells.without(s, s.outline(), wells);
        assertThat(ground).singleElement().satisfies(e -> {
            assertThat(e.holes()).hasSize(2);
            assertThat(e.area()).isCloseTo(60 - 4 - 0.25, within(1e-4));
        });
    }

    @Test void aWellAtTheEdgeIsABayAndOneAcrossPartsTheSlab() {
        Slab s = slab(box(0, 0, 10, 6));
        List<Enclosure> bay = Wells.without(s, s.outline(), Wells.of(withStair(Top.NEXT, up(5, -1, 3)), HIGH));
        assertThat(bay).singleElement().satisfies(e -> assertThat(e.holes()).hasSize(1));
        assertThat(bay.getFirst().area()).isCloseTo(60 - 3 - 0.25, within(1e-4));
        assertThat(Wells.without(s, s.outline(), Wells.of(withStair(Top.NEXT, up(5, -1, 7)), HIGH))).hasSize(2);
        assertThat(Wells.without(s, s.outline(), List.of())).singleElement().satisfies(e -> assertThat(e.outline()).isEqualTo(s.outline()));
    }

    @Test void aStairThatEndsElsewhereMakesNoWell() {
        assertThat(Wells.of(withStair(new Top.Height(Given.stated(1.2)), up(5, 1, 3)), HIGH)).isEmpty();
        assertThat(Wells.of(withStair(Top.NEXT, up(5, 1, 3)), new StoreyId("elsewhere"))).isEmpty();
    }
}
