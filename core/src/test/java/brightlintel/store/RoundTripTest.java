package brightlintel.store;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Appearance;
import brightlintel.building.BuildingOutline;
import brightlintel.building.Cast;
import brightlintel.building.Clearing;
import brightlintel.building.Column;
import brightlintel.building.Custody;
import brightlintel.building.Division;
import brightlintel.building.DrawnRef;
import brightlintel.building.ElementId;
import brightlintel.building.Evidence;
import brightlintel.building.FileId;
import brightlintel.building.Given;
import brightlintel.building.GridLine;
import brightlintel.building.Ink;
import brightlintel.building.KindId;
import brightlintel.building.Level;
import brightlintel.building.LevelId;
import brightlintel.building.MarkRef;
import brightlintel.building.Mend;
import brightlintel.building.Opening;
import brightlintel.building.OpeningKind;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Region;
import brightlintel.building.Repair;
import brightlintel.building.Role;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Scale;
import brightlintel.building.Section;
import brightlintel.building.Separation;
import brightlintel.building.Side;
import brightlintel.building.Single;
import brightlintel.building.Site;
import brightlintel.building.Slab;
import brightlintel.building.Source;
import brightlintel.building.Stair;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Straightening;
import brightlintel.building.StrokeRef;
import brightlintel.building.Support;
import brightlintel.building.Top;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.building.Units;
import brightlintel.building.Verdict;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import brightlintel.building.Zone;
import brightlintel.correct.FourPoints;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.External;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Curve;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.notation.Seeds;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Law: whatever can be decided is read back as it was written. */
class RoundTripTest {
    private static final List<StoreyId> STOREYS = List.of(new StoreyId("s0"), new StoreyId("s1"));
    private static final LevelId LEVEL = new LevelId("l0");
    private Random r;
    private int ids;

    @Test void whatWasDecidedIsReadBack() {
        Seeds.each(60, seed -> {
            r = new Random(seed);
            Project p = project();
            try {
                Opened o = ProjectFile.decisions(ProjectFile.decisions(p), "Ground");
                assertThat(o.remarks()).isEmpty();
                assertThat(o.project()).isEqualTo(p);
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        });
    }

    private Project project() {
        List<Storey> storeys = List.of(new Storey(STOREYS.get(0), "Ground", given(0.0), given(3.0),
            List.of(new UnderlayId("u0"), new UnderlayId("u1"))),
            new Storey(STOREYS.get(1), "Über „1“", given(3.0), given(2.5), List.of(new UnderlayId("u1"))).ofPart(r.nextBoolean() ? "" : "Annexe"));
        Project p = Project.of("p" + r.nextInt(), r.nextBoolean() ? "" : "Boathouse \u2192 \uD83D\uDEA3", storeys)
            .withUnits(Units.values()[r.nextInt(2)]);
        p = p.withSite(new Site(given(r.nextDouble()), given(r.nextGaussian()), given(point())));
        p = p.withSources(List.of(source("f0", new Custody.Kept()), source("f1", new Custody.Followed("/plans/ü.dwg"))));
        p = p.withUnderlays(List.of(underlay("u0", "f0"), underlay("u1", "f1")))
            .withLevels(List.of(new Level(LEVEL, "Plinth", given(-0.3))));
        p = p.withGrid(List.of(new GridLine(id(), "A", r.nextBoolean() ? Optional.empty() : Optional.of("letters"), piece(), r.nextBoolean()
            ? Optional.empty() : Optional.of(Set.copyOf(STOREYS)), from())));
        for (StoreyId s : STOREYS) {
            List<StoreyElement> all = elements();
            p = p.withContents(s, c -> c.plus(all));
        }
        p = p.withWallKinds(List.of(new WallKind(new KindId("k1"), "outer 360", 0.36, true, 0xA23B24, List.of(new WallKind.Layer("brick", 0.24),
            new WallKind.Layer("wool", 0.12))), new WallKind(new KindId("k2"), "partition", 0.1, false, -1, List.of())))
            .withOpeningKinds(List.of(new OpeningKind(new KindId("o1"), "door 885", filling(), 0.885, 0, 2.01)));
        return p.withVerdicts(List.of(new Verdict(List.of(mark(), stroke()), Set.of(new ElementId("e1")), "off-its-strokes",
            r.nextBoolean(), "so it was built")));
    }

    private List<StoreyElement> elements() {
        List<StoreyElement> out = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            Wall w = new Wall(id(), piece(), Side.values()[r.nextInt(3)], given(0.1 + r.nextDouble()), stand(), top(), from(),
                r.nextBoolean() ? Optional.empty() : Optional.of(new KindId("k1")), r.nextBoolean() ? Set.of() : Set.of(Wall.End.END), Wall.Stance.values()[r.nextInt(2)]);
            out.add(w);
            out.add(new Opening(id(), w.id(), r.nextDouble(), given(0.8), given(0.0), given(2.1), filling(), r.nextBoolean() ? Optional.empty()
                : Optional.of(new KindId("o1")), from()));
        }
        out.add(new Slab(id(), ring(), r.nextBoolean() ? List.of() : List.of(ring()), stand(), given(0.25),
            r.nextBoolean() ? Optional.empty() : Optional.of(Set.of(out.get(0).id(), out.get(2).id())), from()));
        Section section = switch (r.nextInt(3)) {
            case 0 -> new Section.Round(0.3);
            case 1 -> new Section.Rectangle(0.3, 0.25);
            default -> new Section.Shape(new Ring(List.of(Point.ORIGIN, new Point(0.3, 0), new Point(0, 0.4))));
        };
        out.add(new Column(id(), section, point(), r.nextGaussian(), stand(), top(), from()));
        out.add(new Room(id(), "0.0" + r.nextInt(9), "Büro", r.nextBoolean() ? new Room.Bound.Within(point())
            : new Room.Bound.Drawn(ring(), List.of(ring())), r.nextBoolean() ? Optional.empty() : Optional.of(12.5),
            r.nextBoolean() ? Optional.empty() : Optional.of(given(2.6)), "Heated", from()));
        out.add(new Separation(id(), piece(), from()));
        Piece one = piece();
        out.add(new Stair(id(), r.nextBoolean() ? List.of(one) : List.of(one, new Piece(one.b(), point(), 0)), given(1.1),
            given(2 + r.nextInt(30)), stand(), top(), from()));
        Ring over = ring();
        List<Roof.Edge> edges = new ArrayList<>();
        for (int i = 0; i < over.size(); i++) edges.add(switch (r.nextInt(3)) {
            case 0 -> new Roof.Edge.Gable();
            case 1 -> new Roof.Edge.AtWall();
            default -> new Roof.Edge.Slope(0.1 + r.nextDouble());
        });
        out.add(new Roof(id(), over, r.nextBoolean() ? new Roof.Cover.Pitched(edges) : new Roof.Cover.Flat(r.nextDouble(), 0.25),
            given(r.nextDouble()), given(0.3), stand(), from()));
        out.add(new Zone(id(), "Zone Ä", ring(), r.nextBoolean() ? List.of() : List.of(ring()), r.nextBoolean() ? Optional.empty()
            : Optional.of(given(3.1)), from()));
        out.add(new BuildingOutline(id(), ring(), r.nextBoolean() ? Optional.empty() : Optional.of(Set.of(out.get(0).id())),
            BuildingOutline.Under.values()[r.nextInt(4)], BuildingOutline.Over.values()[r.nextInt(4)], r.nextBoolean() ? Optional.empty()
            : Optional.of(given(2.8)), from()));
        return out;
    }

    private ElementId id() {
        return new ElementId("e" + r.nextInt(1 << 30) + "-" + ids++);
    }

    private Point point() {
        return new Point(r.nextGaussian() * 1e6, r.nextGaussian() * 1e6);
    }

    private Piece piece() {
        return new Piece(point(), point(), r.nextBoolean() ? 0 : r.nextGaussian());
    }

    private Ring ring() {
        List<Point> c = List.of(point(), point(), point());
        return r.nextBoolean() ? new Ring(c) : new Ring(c, List.of(0.0, r.nextGaussian(), 0.0));
    }

    private <T> Given<T> given(T v) {
        return switch (r.nextInt(3)) {
            case 0 -> Given.assumed(v);
            case 1 -> Given.stated(v);
            default -> Given.read(v, r.nextDouble(), evidence(), evidence());
        };
    }

    private Evidence evidence() {
        return switch (r.nextInt(8)) {
            case 0 -> new Evidence.HeaderUnit(0.0254);
            case 1 -> new Evidence.KnownLength(r.nextDouble(), r.nextDouble());
            case 2 -> new Evidence.ReadAcross(r.nextDouble());
            case 3 -> new Evidence.Plotted(50);
            case 4 -> new Evidence.ScaleNote("M 1:50", 50);
            case 5 -> new Evidence.Stretched(r.nextDouble());
            case 6 -> new Evidence.Straightened(r.nextDouble(), r.nextDouble());
            default -> new Evidence.Note("said \"so\"\n");
        };
    }

    private Stand stand() {
        return r.nextBoolean() ? new Stand.OnFloor(r.nextGaussian()) : new Stand.OnLevel(LEVEL, r.nextGaussian());
    }

    private Top top() {
        return switch (r.nextInt(6)) {
            case 0 -> Top.NEXT;
            case 5 -> new Top.UnderRoof(r.nextGaussian());
            case 1 -> new Top.ToFloor(STOREYS.get(r.nextInt(2)), r.nextGaussian());
            case 2 -> new Top.ToLevel(LEVEL, r.nextGaussian());
            case 3 -> new Top.Height(given(2.4));
            default -> new Top.Sloped(given(2.0), given(3.5));
        };
    }

    private Opening.Filling filling() {
        return switch (r.nextInt(4)) {
            case 3 -> new Opening.Filling.Glazed(division(), division(), 0.05 + r.nextDouble() / 10, r.nextBoolean());
            case 0 -> new Opening.Filling.Door(r.nextBoolean(), r.nextBoolean(), Opening.Filling.Way.values()[r.nextInt(5)]);
            case 1 -> new Opening.Filling.Window(Opening.Filling.Sash.values()[r.nextInt(3)]);
            default -> new Opening.Filling.Empty();
        };
    }

    private Division division() {
        return r.nextBoolean() ? new Division.Number(1 + r.nextInt(9)) : new Division.Spacing(0.1 + r.nextDouble());
    }

    private Provenance from() {
        Provenance.Way way = switch (r.nextInt(3)) {
            case 0 -> new Provenance.Way.ByHand();
            case 1 -> new Provenance.Way.Proposed(r.nextDouble());
            default -> new Provenance.Way.Repeated(new ElementId("before"));
        };
        return new Provenance(way, List.of(new Support(new UnderlayId("u0"), r.nextBoolean()
            ? stroke() : mark(), Support.Face.values()[r.nextInt(7)], r.nextDouble())));
    }

    private SpaceKey space() {
        return switch (r.nextInt(3)) {
            case 0 -> new SpaceKey.Model();
            case 1 -> new SpaceKey.Layout("Sheet " + r.nextInt(9));
            default -> new SpaceKey.Page(1 + r.nextInt(9));
        };
    }

    private List<DrawnRef.Step> path() {
        return r.nextBoolean() ? List.of() : List.of(new DrawnRef.Step(key(), r.nextInt(3), r.nextInt(3)), new DrawnRef.Step(key(), 0, 0));
    }

    private EntityKey key() {
        return new EntityKey(r.nextBoolean() ? "" : Integer.toHexString(r.nextInt()).toUpperCase(Locale.ROOT), r.nextInt(1 << 20));
    }

    private StrokeRef stroke() {
        Curve c = switch (r.nextInt(3)) {
            case 0 -> new Curve.Straight(point(), point());
            case 1 -> Curve.EllipticArc.circular(point(), 5, r.nextDouble(), r.nextGaussian());
            default -> new Nurbs(2, new double[] {0, 0, 0, 1, 1, 1}, new double[] {1, r.nextDouble() + 0.1, 1},
                List.of(point(), point(), point()));
        };
        return new StrokeRef("ab", space(), path(), key(), r.nextInt(5), 0.1, 0.9, c);
    }

    private MarkRef mark() {
        return new MarkRef("ab", space(), path(), key(), MarkRef.Sort.values()[r.nextInt(3)], point());
    }

    private Source source(String id, Custody custody) {
        return new Source(new FileId(id), id + ".dwg", custody,
            List.of(new Source.Version("0a", 12, "2026-03-02T09:00:00Z", List.of(new External("grid.dxf", "0b"))),
            new Source.Version("0c", 13, "2026-03-03T09:00:00Z", List.of())));
    }

    private Underlay underlay(String id, String file) {
        Placement place = new Placement(given(new Scale(0.001, 0.0011)), r.nextBoolean(), given(r.nextGaussian()), given(point()),
            given(point()), r.nextBoolean() ? Optional.empty() : Optional.of(FourPoints.fit(List.of(new Straightening.Rectangle(
                List.of(Point.ORIGIN, new Point(100, 3), new Point(96, 60), new Point(5, 55)), 8, 5))).straightening()));
        Clearing c = new Clearing(Set.of("a", "ü"), Set.of("HATCH"), Set.of("chair"), Set.of(0xFF8800), List.of(new Region(ring(), r.nextBoolean())),
            List.of(new Single(mark(), true), new Single(stroke(), false)),
            List.of(new Cast(new Cast.Part.Layer("A-WALL"), given(Role.WALL)), new Cast(new Cast.Part.Block("door"), given(Role.DOOR)),
            new Cast(new Cast.Part.LayerKind("0", "TEXT"), given(Role.TEXT)),
                new Cast(new Cast.Part.LayerColour("0", 0xFF8800), given(Role.WALL)), new Cast(new Cast.Part.Manner("ISOCPEUR"), given(Role.TEXT))),
            Set.of(Role.FURNITURE, Role.SITE), List.of(new Repair.Doubled(stroke(), stroke()),
                new Repair.Mended(Set.of(Mend.GAPS, Mend.DOUBLED), 0.005, Set.of("walls", "0"))));
        return new Underlay(new UnderlayId(id), new FileId(file), "0c", space(), r.nextBoolean() ? Optional.empty() : Optional.of(ring()),
            place, c, appearance(), r.nextBoolean());
    }

    private Appearance appearance() {
        Ink ink = switch (r.nextInt(5)) {
            case 0 -> Ink.USUAL;
            case 1 -> Ink.QUIET;
            case 2 -> Ink.DRAWN;
            case 3 -> Ink.BY_ROLE;
            default -> new Ink.One(r.nextInt(1 << 24));
        };
        return new Appearance(r.nextBoolean(), ink, 0.5 + r.nextDouble() * 3, r.nextDouble());
    }
}
