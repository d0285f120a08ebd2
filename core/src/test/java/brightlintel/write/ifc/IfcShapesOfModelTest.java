package brightlintel.write.ifc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.KindId;
import brightlintel.building.LevelId;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Room;
import brightlintel.building.Section;
import brightlintel.building.Slab;
import brightlintel.building.Stand;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import brightlintel.edit.Levels;
import brightlintel.edit.Sites;
import brightlintel.edit.WallKinds;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.notation.Walls;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Doors by the side they open to, walls drawn twice, tops that slope, outlines with arcs, the site. */
class IfcShapesOfModelTest {
    private static final String A = "11111111-1111-4111-8111-111111111111", B = "22222222-2222-4222-8222-222222222222";
    private final List<IfcWriter.Note> notes = new ArrayList<>();

    private StepFile written(Project p) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            notes.addAll(IfcWriter.write(p, Tolerances.BUILDING, "x.ifc", Instant.EPOCH, out));
            return new StepFile(out.toString(StandardCharsets.US_ASCII));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Project with(String walls, Contents more) {
        Project p = Project.empty("Hut", "Ground");
        return p.withContents(p.storeys().getFirst().id(), _ -> new Contents(Walls.read(walls)).plus(more.elements()));
    }

    private static Opening door(boolean hingeFar, boolean opensLeft) {
        return new Opening(ElementId.fresh(), new ElementId(A), 2, Given.stated(0.9), Given.stated(0.0), Given.stated(2.1),
            new Opening.Filling.Door(hingeFar, opensLeft), Provenance.BY_HAND);
    }

    @SuppressWarnings("unchecked")
    private static List<Double> numbers(StepFile.Entity e) {
        return (List<Double>) e.values().getFirst();
    }

    /** Where a door stands in the storey: its place, and its x axis. */
    private double[] placed(StepFile f, StepFile.Entity product) {
        StepFile.Entity axes = f.get(f.get(product.values().get(5)).values().get(1));
        List<Double> at = numbers(f.get(axes.values().get(0))), x = numbers(f.get(axes.values().get(2)));
        return new double[] {at.get(0), at.get(1), x.get(0), x.get(1)};
    }

    /** The standard: a door opens towards the y axis of its placement, and its hinge is at the start or the end of x. */
    @Test void aDoorIsPlacedSoThatItOpensTowardsY() {
        for (boolean far : new boolean[] {false, true})
            for (boolean left : new boolean[] {false, true}) {
                StepFile f = written(with(A + " 0 0 -> 5 0 thick 0.3", new Contents(List.of(door(far, left)))));
                StepFile.Entity door = f.all("IFCDOOR").getFirst();
                double[] p = placed(f, door);
                assertThat(p[2]).as("x along the wall, or against it: y is to its left").isCloseTo(left ? 1 : -1, within(1e-9));
                assertThat(p[0]).as("placed at the jamb where x begins").isCloseTo(left ? 1.55 : 2.45, within(1e-9));
                double hinge = far ? 2.45 : 1.55;
                boolean hingeAtStart = Math.abs(hinge - p[0]) < 1e-9;
                assertThat(door.values().get(11).toString()).as("hinge far %b, opens left %b", far, left)
                    .contains(hingeAtStart ? "SINGLE_SWING_LEFT" : "SINGLE_SWING_RIGHT");
            }
    }

    /** One of two walls in the same place has no ground of its own: it keeps its axis, no empty set is written, and it is said. */
    @Test void aDoubledWallHasAnAxisAndNoEmptyBody() {
        StepFile f = written(with(A + " 0 0 -> 5 0 thick 0.3\n" + B + " 0 0 -> 5 0 thick 0.3", Contents.NONE));
        assertThat(f.all("IFCWALL")).hasSize(2);
        assertThat(notes).contains(IfcWriter.Note.WALL_WITHOUT_GROUND);
        for (StepFile.Entity e : f.all("IFCSHAPEREPRESENTATION")) assertThat((List<?>) e.values().get(3)).as(e.toString()).isNotEmpty();
        for (StepFile.Entity e : f.all("IFCPRODUCTDEFINITIONSHAPE")) assertThat((List<?>) e.values().get(2)).isNotEmpty();
    }

    @Test void aSlopedWallIsAClosedMesh() {
        Project p = with(A + " 0 0 -> 6 0 thick 0.2", Contents.NONE);
        p = p.withContents(p.storeys().getFirst().id(),
            c -> c.map(e -> e instanceof Wall w ? w.withTop(new Top.Sloped(Given.stated(2.0), Given.stated(4.0))) : e));
        StepFile f = written(p);
        StepFile.Entity mesh = f.all("IFCTRIANGULATEDFACESET").getFirst();
        List<?> faces = (List<?>) mesh.values().get(3), points = (List<?>) f.get(mesh.values().get(0)).values().getFirst();
        Map<List<Object>, Integer> edges = new HashMap<>();
        double volume = 0;
        for (Object face : faces) {
            List<?> v = (List<?>) face;
            double[][] q = new double[3][];
            for (int i = 0; i < 3; i++) {
                Object a = v.get(i), b = v.get((i + 1) % 3);
                edges.merge(List.of(a, b), 1, Integer::sum);
                edges.merge(List.of(b, a), -1, Integer::sum);
                q[i] = ((List<?>) points.get(((Number) a).intValue() - 1)).stream().mapToDouble(x -> (Double) x).toArray();
            }
            volume += (q[0][0] * (q[1][1] * q[2][2] - q[1][2] * q[2][1]) - q[0][1] * (q[1][0] * q[2][2] - q[1][2] * q[2][0])
                + q[0][2] * (q[1][0] * q[2][1] - q[1][1] * q[2][0])) / 6;
        }
        assertThat(edges.values()).as("each edge is passed once each way").containsOnly(0);
        assertThat(volume).isCloseTo(6 * 0.2 * 3, within(1e-3));
        assertThat(f.all("IFCQUANTITYVOLUME").stream().filter(e -> e.values().getFirst().equals("GrossVolume"))
            .map(e -> (Double) e.values().get(3)).findFirst().orElseThrow()).isCloseTo(3.6, within(1e-9));
    }

    @Test void anOutlineWithAnArcKeepsIt() {
        Ring apse = new Ring(List.of(new Point(0, 0), new Point(4, 0), new Point(4, 4), new Point(0, 4)), List.of(0.0, 1.0, 0.0, 0.0));
        Ring hole = new Ring(List.of(new Point(1, 1), new Point(2, 1), new Point(2, 2)));
        Slab s = new Slab(ElementId.fresh(), apse, List.of(hole), Stand.FLOOR, Given.stated(0.2), Optional.empty(), Provenance.BY_HAND);
        StepFile f = written(with(A + " 0 0 -> 5 0 thick 0.3", new Contents(List.of(s))));
        StepFile.Entity curve = f.all("IFCINDEXEDPOLYCURVE").getFirst();
        assertThat(curve.values().get(1).toString()).contains("IFCARCINDEX").contains("IFCLINEINDEX");
        assertThat(f.all("IFCARBITRARYPROFILEDEFWITHVOIDS")).hasSize(1);
        double net = f.all("IFCQUANTITYAREA").stream().filter(e -> e.values().getFirst().equals("NetArea"))
            .map(e -> (Double) e.values().get(3)).findFirst().orElseThrow();
        assertThat(net).isCloseTo(16 + 2 * Math.PI - 0.5, within(1e-6));
    }

    @Test void whatStandsOnALevelStandsThere() {
        Project p = with(A + " 0 0 -> 6 0 thick 0.2", Contents.NONE);
        LevelId plinth = new LevelId("plinth");
        p = Levels.add(plinth, "Plinth", -0.4).apply(p);
        p = p.withContents(p.storeys().getFirst().id(), c -> c.map(e -> e instanceof Wall w ? w.withBase(new Stand.OnLevel(plinth, 0.1))
            : e));
        StepFile f = written(p);
        StepFile.Entity axes = f.get(f.get(f.all("IFCWALL").getFirst().values().get(5)).values().get(1));
        assertThat(numbers(f.get(axes.values().getFirst())).get(2)).isCloseTo(-0.3, within(1e-9));
    }

    /** Large figures stand in the conversion alone; the building's own coordinates stay small. */
    @Test void theSurveyIsAMapConversion() {
        Project plain = with(A + " 0 0 -> 5 0 thick 0.3", Contents.NONE);
        assertThat(written(plain).all("IFCMAPCONVERSION")).as("nothing is known").isEmpty();
        Project p = Sites.survey(new Point(4001234.5, 5432100.25))
            .apply(Sites.datum(12.75).apply(Sites.north(Math.toRadians(30)).apply(plain)));
        StepFile f = written(p);
        List<Object> v = f.all("IFCMAPCONVERSION").getFirst().values();
        assertThat(f.get(v.get(0)).type()).isEqualTo("IFCGEOMETRICREPRESENTATIONCONTEXT");
        assertThat(f.get(v.get(1)).type()).isEqualTo("IFCPROJECTEDCRS");
        assertThat(v.subList(2, 5)).containsExactly(4001234.5, 5432100.25, 12.75);
        // the building's x axis in the survey: turned back by the angle that north is turned
        assertThat((Double) v.get(5)).isCloseTo(Math.cos(Math.toRadians(30)), within(1e-8));
        assertThat((Double) v.get(6)).isCloseTo(-Math.sin(Math.toRadians(30)), within(1e-8));
        assertThat(f.all("IFCSITE").getFirst().values().get(11)).isEqualTo(12.75);
        assertThat(f.all("IFCBUILDING").getFirst().values().get(9)).isEqualTo(12.75);
        for (StepFile.Entity e : f.all("IFCCARTESIANPOINT")) for (double d : numbers(e)) assertThat(Math.abs(d)).isLessThan(1000);
    }

    @Test void columnsRoomsAndKindsOfWallsAreWritten() {
        String box = A + " 0 0 -> 10 0 thick 0.4\n" + B + " 10 0 -> 10 6 thick 0.4\nc 10 6 -> 0 6 thick 0.4\nd 0 6 -> 0 0 thick 0.4";
        Column c = new Column(ElementId.fresh(), new Section.Round(0.3), new Point(4, 3), 0.2, Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
        Room r = new Room(ElementId.fresh(), "0.01", "Hall", new Room.Bound.Within(new Point(5, 3)), Optional.empty(), Optional.empty(), "", Provenance.BY_HAND);
        Room open = new Room(ElementId.fresh(), "0.02", "", new Room.Bound.Within(new Point(50, 3)), Optional.empty(), Optional.empty(), "", Provenance.BY_HAND);
        WallKind k = new WallKind(new KindId("77777777-1111-4111-8111-111111111111"), "outer 400", 0.4, true, -1, List.of(new WallKind.Layer("brick", 0.4)));
        Project p = WallKinds.give(Set.of(new ElementId(A), new ElementId(B)), k.id()).apply(WallKinds.add(k).apply(with(box, new Contents(List.of(c, r, open)))));
        StepFile f = written(p);
        assertThat(notes).contains(IfcWriter.Note.ROOM_NOT_CLOSED);
        assertThat(f.all("IFCCOLUMN")).hasSize(1);
        assertThat(f.all("IFCSPACE")).singleElement().satisfies(e -> assertThat(e.values()).contains("0.01", "Hall"));
        assertThat(f.all("IFCWALLTYPE")).singleElement().satisfies(e -> assertThat(e.values()).contains("outer 400"));
        assertThat(StepFile.refs(f.all("IFCRELDEFINESBYTYPE").getFirst().values())).as("both walls and the type").hasSize(3);
        assertThat(f.all("IFCMATERIALLAYER")).hasSize(1);
        double area = f.all("IFCQUANTITYAREA").stream().filter(e -> e.values().contains("NetFloorArea")).map(e -> (Double) e.values().get(3)).findFirst().orElseThrow();
        assertThat(area).isCloseTo(9.6 * 5.6 - Math.PI * 0.0225, within(0.01));
    }
}
