package brightlintel.write.ifc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Division;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.GridLine;
import brightlintel.building.KindId;
import brightlintel.building.Opening;
import brightlintel.building.OpeningKind;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Side;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import brightlintel.building.Zone;
import brightlintel.edit.OpeningKinds;
import brightlintel.edit.Stacking;
import brightlintel.edit.WallKinds;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Stairs, roofs, glazed walls, zones and what bounds rooms, as IFC. */
class IfcUpperTest {
    private static final Provenance HAND = Provenance.BY_HAND;

    private static Point p(double x, double y) {
        return new Point(x, y);
    }

    private static Ring box(double x0, double y0, double x1, double y1) {
        return new Ring(List.of(p(x0, y0), p(x1, y0), p(x1, y1), p(x0, y1)));
    }

    /** A house of two storeys, 10 by 6, with a stair, a roof, a glazed wall, two rooms and a zone. */
    static Project house() {
        Storey ground = new Storey(new StoreyId("s0"), "Ground", Given.stated(0.0), Given.stated(3.0), List.of());
        Storey upper = new Storey(new StoreyId("s1"), "Upper", Given.stated(3.0), Given.stated(2.6), List.of());
        Project out = Project.of("0c7c7c5e-2a0f-4ad1-9f5d-d1b2a5b2c111", "House", List.of(ground, upper));
        List<StoreyElement> low = new ArrayList<>(walls("g"));
        low.add(new Wall(new ElementId("inner"), Piece.straight(p(6, 0.15), p(6, 5.85)), Side.CENTRE, Given.stated(0.1), Stand.FLOOR, Top.NEXT,
            HAND));
        low.add(new Opening(new ElementId("door"), new ElementId("inner"), 1, Given.stated(0.9), Given.stated(0.0), Given.stated(2.1),
            new Opening.Filling.Door(false, true), HAND));
        low.add(new Opening(new ElementId("glass"), new ElementId("g0"), 3, Given.stated(4.0), Given.stated(0.0), Given.stated(2.7),
            new Opening.Filling.Glazed(new Division.Number(4), new Division.Spacing(2.1), 0.06, false), HAND));
        low.add(new Stair(new ElementId("stair"), List.of(Piece.straight(p(7, 1), p(7, 4)), Piece.straight(p(7, 4), p(9, 4))), Given.stated(1.0),
            Given.stated(17), Stand.FLOOR, Top.NEXT, HAND));
        low.add(new Room(new ElementId("hall"), "0.01", "Hall", new Room.Bound.Within(p(8, 5)), Optional.empty(), Optional.empty(), "Heated",
            HAND));
        low.add(new Room(new ElementId("shop"), "0.02", "Workshop", new Room.Bound.Within(p(2, 1)), Optional.empty(), Optional.empty(),
            "Heated", HAND));
        low.add(new Separation(new ElementId("air"), Piece.straight(p(0.3, 3), p(5.95, 3)), HAND));
        low.add(new BuildingOutline(new ElementId("outline"), box(0, 0, 10, 6), Optional.empty(), BuildingOutline.Under.GROUND,
            BuildingOutline.Over.ROOMS, Optional.empty(), HAND));
        List<StoreyElement> high = new ArrayList<>(walls("u"));
        high.replaceAll(e -> e instanceof Wall w ? w.withTop(new Top.UnderRoof(0)) : e);
        high.add(new Slab(new ElementId("slab"), box(0, 0, 10, 6), List.of(), Stand.FLOOR, Given.stated(0.25), Optional.empty(), HAND));
        high.add(new Roof(new ElementId("roof"), box(0, 0, 10, 6), new Roof.Cover.Pitched(List.of(new Roof.Edge.Slope(0.7), new Roof.Edge.Gable(),
            new Roof.Edge.Slope(0.7), new Roof.Edge.Gable())), Given.stated(0.5), Given.stated(0.3), new Stand.OnFloor(2.2), HAND));
        high.add(new Zone(new ElementId("zone"), "North", box(0, 3, 10, 6), List.of(), Optional.empty(), HAND));
        out = out.withContents(ground.id(), c -> c.plus(low)).withContents(upper.id(), c -> c.plus(high));
        return out.withGrid(List.of(grid("A", Piece.straight(p(0, -1), p(0, 7))), grid("B", Piece.straight(p(0, 0), p(9, 9))),
            grid("1", new Piece(p(5, 0), p(0, 5), 0.4))));
    }

    private static GridLine grid(String label, Piece line) {
        return new GridLine(new ElementId("grid" + label), label, Optional.empty(), line, Optional.empty(), HAND);
    }

    private static List<Wall> walls(String key) {
        List<Point> c = List.of(p(0, 0), p(10, 0), p(10, 6), p(0, 6));
        List<Wall> out = new ArrayList<>();
        for (int i = 0; i < 4; i++) out.add(new Wall(new ElementId(key + i), Piece.straight(c.get(i), c.get((i + 1) % 4)), Side.RIGHT,
            Given.stated(0.3), Stand.FLOOR, Top.NEXT, HAND));
        return out;
    }

    private static String written() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        List<IfcWriter.Note> notes = IfcWriter.write(house(), Tolerances.BUILDING, "house.ifc", Instant.EPOCH, out);
        assertThat(notes).isEmpty();
        return out.toString(StandardCharsets.US_ASCII);
    }

    private static long count(String ifc, String type) {
        return Pattern.compile("=" + type + "\\(").matcher(ifc).results().count();
    }

    @Test void eachElementIsWhatTheStandardCallsIt() throws IOException {
        String ifc = written();
        if (System.getProperty("ifc.to") != null) Files.writeString(Path.of(System.getProperty("ifc.to")), ifc);
        assertThat(count(ifc, "IFCSTAIR")).isEqualTo(1);
        assertThat(count(ifc, "IFCSTAIRFLIGHT")).isEqualTo(1);
        assertThat(count(ifc, "IFCROOF")).isEqualTo(1);
        assertThat(count(ifc, "IFCCURTAINWALL")).isEqualTo(1);
        // five posts; rails below, between and above in each of four bays, with two rows of panes
        assertThat(count(ifc, "IFCMEMBER")).isEqualTo(5 + 4 * 3);
        assertThat(count(ifc, "IFCPLATE")).isEqualTo(8);
        assertThat(count(ifc, "IFCZONE")).isEqualTo(1);
        assertThat(count(ifc, "IFCSPATIALZONE")).isEqualTo(2);
        assertThat(ifc).contains(".QUARTER_TURN_STAIR.", ".GABLE_ROOF.", "'Pset_StairCommon'", "'Qto_RoofBaseQuantities'",
            "'Qto_DoorBaseQuantities'", ".RADIAL.");
    }

    @Test void whatIsKnownStandsInTheStandardsSets() throws IOException {
        String ifc = written();
        assertThat(ifc).contains("'Pset_DoorCommon'", "'Pset_CurtainWallCommon'", "'Pset_SlabCommon'", "'Pset_SpaceCommon'");
        assertThat(count(ifc, "IFCDOORTYPE")).isEqualTo(1);
        assertThat(ifc).containsPattern("IFCDOORTYPE\\('[^']+',\\$,'Door 900 x 2100',.*\\.SINGLE_SWING_LEFT\\.");
        KindId outer = new KindId("c2f7a7c4-2f0e-4d0f-8e53-0a7f6f0f3a11"), entrance = new KindId("d2f7a7c4-2f0e-4d0f-8e53-0a7f6f0f3a11");
        Project p = WallKinds.give(Set.of(new ElementId("inner")), outer).apply(WallKinds.add(new WallKind(outer, "outer", 0.3, true, -1,
            List.of())).apply(house()));
        p = OpeningKinds.give(Set.of(new ElementId("door")), entrance).apply(OpeningKinds.add(new OpeningKind(entrance, "entrance",
            new Opening.Filling.Door(false, true), 0.9, 0, 2.1)).apply(p));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        IfcWriter.write(p, Tolerances.BUILDING, "house.ifc", Instant.EPOCH, out);
        String kinds = out.toString(StandardCharsets.US_ASCII);
        assertThat(kinds).containsPattern("IFCDOORTYPE\\('[^']+',\\$,'entrance',");
        assertThat(kinds.split("IFCPROPERTYSINGLEVALUE\\('IsExternal',\\$,IFCBOOLEAN\\(\\.T\\.\\)")).as("wall type, door, roof").hasSizeGreaterThanOrEqualTo(4);
    }

    @Test void eachPartIsABuildingWithItsStoreys() throws IOException {
        Project p = house();
        p = Stacking.addPart(p.storeys().getFirst().id(), new StoreyId("a7c4c2f7-2f0e-4d0f-8e53-0a7f6f0f3a11"), "Annexe", "Annexe ground").apply(p);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        IfcWriter.write(p, Tolerances.BUILDING, "house.ifc", Instant.EPOCH, out);
        String ifc = out.toString(StandardCharsets.US_ASCII);
        if (System.getProperty("ifc.parts") != null) Files.writeString(Path.of(System.getProperty("ifc.parts")), ifc);
        assertThat(count(ifc, "IFCBUILDING")).isEqualTo(2);
        assertThat(count(ifc, "IFCBUILDINGSTOREY")).isEqualTo(3);
        assertThat(ifc).containsPattern("IFCBUILDING\\('[^']+',\\$,'Annexe',");
    }

    @Test void roomsAreBoundedByWallsDoorsAndAir() throws IOException {
        String ifc = written();
        List<String> bounds = Pattern.compile("=IFCRELSPACEBOUNDARY1STLEVEL\\(.*").matcher(ifc).results().map(m -> m.group()).toList();
        // hall: four walls and the door; workshop: three walls, the door, the glass and the separation
        assertThat(bounds).hasSize(5 + 6);
        assertThat(bounds.stream().filter(b -> b.contains(".VIRTUAL."))).hasSize(1);
        assertThat(bounds.stream().filter(b -> b.contains(".EXTERNAL."))).hasSize(3 + 2 + 1);
    }

    @Test void theSlabAboveAStairHasItsWell() throws IOException {
        String ifc = written();
        Matcher m = Pattern.compile("IFCQUANTITYAREA\\('NetArea',\\$,\\$,([0-9.E+-]+),").matcher(ifc.substring(ifc.indexOf("IFCSLAB(")));
        assertThat(m.find()).isTrue();
        // a flight of 2.5 m, a landing of 1 m², a flight of 1.5 m
        assertThat(Double.parseDouble(m.group(1))).isCloseTo(60 - 2.5 - 1 - 1.5, within(1e-3));
    }

    @Test void noIdIsThereTwice() throws IOException {
        List<String> ids = Pattern.compile("=IFC[A-Z0-9]+\\('([0-9A-Za-z_$]{22})'").matcher(written()).results().map(m -> m.group(1)).toList();
        Set<String> once = new HashSet<>(ids);
        assertThat(once).hasSameSizeAs(ids);
    }
}
