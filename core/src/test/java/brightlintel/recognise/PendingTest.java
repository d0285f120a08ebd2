package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import brightlintel.building.Cast;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.Wall;
import brightlintel.demo.DemoDrawings;
import brightlintel.drawing.Progress;
import brightlintel.edit.Taking;
import brightlintel.edit.Tracing;
import brightlintel.edit.Verdicts;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosures;
import brightlintel.read.Wanted;
import brightlintel.receive.Cleaned;
import brightlintel.receive.DrawingShelf;
import brightlintel.role.Casting;
import brightlintel.store.Originals;

/** What waits of what was recognised of the demo's ground floor, while some is taken and some refused; and laws of the whole of it. */
class PendingTest {
    @TempDir Path folder;
    private DrawingShelf.Shelved shelved;
    private Recognising at;
    private Underlay underlay;
    private List<Cast> casts;
    private Recognised all;
    private final Project empty = Project.empty("p", "Ground");
    private final StoreyId on = empty.storeys().getFirst().id();

    @BeforeEach void recognised() throws IOException {
        Path file = Files.write(folder.resolve("ground.dwg"), DemoDrawings.bytes(DemoDrawings.GROUND));
        shelved = new DrawingShelf(new Originals(folder.resolve("o"))).take(file, new Wanted(1, ""), Progress.NONE);
        Cleaned c = Cleaned.whole("ground.dwg", shelved);
        underlay = c.project().underlay(c.underlay()).orElseThrow();
        at = Recognising.of(shelved.drawing(), underlay, shelved.mender());
        casts = Casting.proposed(c.roles(), shelved.strokes());
        all = at.of(underlay, casts, Progress.NONE);
    }

    private Recognised pending(Project p) {
        return Pending.of(all, p, on, List.of(), Enclosures.of(p.on(on), Tolerances.BUILDING));
    }

    private Project withWalls() {
        return Taking.walls(on, all.walls(), _ -> false, all.built(), new Taking.Names((_, t) -> "w" + t, "core", "layer")).apply(empty);
    }

    @Test void whatIsTakenDoesNotWait() {
        Recognised first = pending(empty);
        assertThat(first.walls()).isEqualTo(all.walls());
        assertThat(first.openings()).as("their walls are not there").isEmpty();
        assertThat(first.rooms()).as("nothing closes").isEmpty();
        Project p = withWalls();
        Recognised next = pending(p);
        assertThat(next.walls()).isEmpty();
        assertThat(next.openings()).hasSameSizeAs(all.openings());
        assertThat(next.rooms()).hasSameSizeAs(all.rooms());
        Project q = Tracing.add("edit.doors", on, new ArrayList<StoreyElement>(next.openings())).apply(p);
        assertThat(pending(q).openings()).isEmpty();
        Project r = Tracing.add("edit.rooms", on, next.rooms()).apply(q);
        assertThat(pending(r).rooms()).isEmpty();
    }

    @Test void severalOfOneThicknessBecomeAKind() {
        Project p = withWalls();
        assertThat(p.wallKinds()).isNotEmpty();
        for (Wall w : p.on(on).walls()) w.kind().flatMap(p::wallKind).ifPresent(k -> assertThat(w.thickness().value()).isEqualTo(k.thickness()));
        assertThat(p.on(on).walls()).anyMatch(w -> w.kind().isPresent());
        assertThat(Taking.walls(on, List.of(), _ -> false, Map.of(), new Taking.Names((_, _) -> "w", "core", "layer")).apply(p)).as("nothing taken").isEqualTo(p);
    }

    /** By what it stands on, so that another reading of the same drawing does not bring it back. */
    @Test void whatIsRefusedDoesNotComeBack() {
        Wall some = all.walls().getFirst();
        Project p = Verdicts.refuse(some).orElseThrow().apply(empty);
        assertThat(pending(p).walls()).hasSize(all.walls().size() - 1).doesNotContain(some);
        Recognised again = at.of(underlay, casts, Progress.NONE);
        Recognised open = Pending.of(again, p, on, List.of(), Enclosures.of(Contents.NONE, Tolerances.BUILDING));
        assertThat(open.walls()).as("recognised anew, with new ids").hasSize(all.walls().size() - 1);
        assertThat(Verdicts.allProposalsBack().apply(p)).isEqualTo(empty);
        assertThat(Pending.of(all, empty, on, Set.of(some.id()), Enclosures.of(Contents.NONE, Tolerances.BUILDING)).walls()).doesNotContain(some);
    }

    /** A wall that was drawn by hand the other way round takes the opening of the proposed one, with its hand and side. */
    @Test void openingsFitTheWallsThatAreThere() {
        Project p = empty.withContents(on, c -> c.plus(all.walls().stream().map(w -> w.turnedRound().withId(
            new ElementId("by-hand-" + w.id().value()))).toList()));
        Recognised open = pending(p);
        assertThat(open.walls()).isEmpty();
        assertThat(open.openings()).hasSameSizeAs(all.openings());
        for (Opening o : open.openings()) {
            Opening was = all.openings().stream().filter(x -> x.id().equals(o.id())).findFirst().orElseThrow();
            Point there = all.walls().stream().filter(w -> w.id().equals(was.wall())).findFirst().orElseThrow().middle(was.along());
            assertThat(p.on(on).wall(o.wall()).orElseThrow().middle(o.along()).distance(there)).isLessThan(1e-6);
            assertThat(o.filling()).isEqualTo(was.filling().turnedRound());
        }
    }

    /** Law: placed turned, mirrored or elsewhere, the drawing gives the same storey there. */
    @Test void whereverItLiesItIsTheSame() {
        Placement p = underlay.placement();
        for (Placement q : List.of(p.withTurn(Given.stated(p.turn().value() + 0.7)), p.withMirrored(!p.mirrored()), p.withAnchor(p.fileAnchor(),
            Given.stated(new Point(17, -40))))) {
            Recognised other = at.of(underlay.with(q), casts, Progress.NONE);
            assertThat(other.walls()).hasSameSizeAs(all.walls());
            assertThat(other.openings()).hasSameSizeAs(all.openings());
            assertThat(other.rooms()).hasSameSizeAs(all.rooms());
            Affine map = toBuilding(p, p.fileAnchor().value()).inverse().then(toBuilding(q, p.fileAnchor().value()));
            for (Wall w : all.walls()) {
                Point a = map.apply(w.reference().a()), b = map.apply(w.reference().b());
                assertThat(other.walls()).anyMatch(o -> Math.abs(o.thickness().value() - w.thickness().value()) < 1e-6 && (near(o, a, b) || near(o,
                    b, a)));
            }
        }
    }

    /** About the drawing's own anchor: 200 km from it digits are lost. */
    private static Affine toBuilding(Placement p, Point anchor) {
        Point o = p.apply(anchor), x = p.apply(anchor.plus(new Point(1000, 0))).minus(o), y = p.apply(anchor.plus(new Point(0, 1000))).minus(o);
        return new Affine(x.x(), x.y(), y.x(), y.y(), o.x(), o.y());
    }

    private static boolean near(Wall w, Point a, Point b) {
        return w.reference().a().distance(a) < 1e-3 && w.reference().b().distance(b) < 1e-3;
    }

    @Test void aStrokeThatMovesByAMillimetreMovesItsWallByAsMuch() {
        Wall w = all.walls().getFirst();
        Placement p = underlay.placement();
        Recognised moved = at.of(underlay.with(p.withAnchor(p.fileAnchor(), Given.stated(p.at().value().plus(new Point(0.001, 0))))), casts,
            Progress.NONE);
        Point a = w.reference().a().plus(new Point(0.001, 0));
        assertThat(moved.walls().stream().mapToDouble(o -> Math.min(o.reference().a().distance(a), o.reference().b().distance(a))).min()
            .orElseThrow()).isCloseTo(0, within(1e-4));
    }
}
