package brightlintel.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.building.Project;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.Top;
import brightlintel.notation.Seeds;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A project that cannot hold together as it stands is opened, mended, and what was mended is told. */
class MendingTest {
    private static final String STOREY =
        "{\"id\":\"s1\",\"name\":\"Ground\",\"level\":%s,\"height\":{\"value\":3.0,\"why\":{\"is\":\"stated\"}},\"underlays\":[%s]}";
    private static final String ZERO = "{\"value\":0.0,\"why\":{\"is\":\"stated\"}}",
        FROM = "\"from\":{\"way\":{\"is\":\"by-hand\"},\"on\":[]}";

    private static String storey(String underlays) {
        return STOREY.formatted(ZERO, underlays);
    }

    private static String wall(String id, String base, String top) {
        return ("{\"is\":\"wall\",\"id\":\"%s\",\"reference\":{\"a\":{\"x\":0,\"y\":0},\"b\":{\"x\":6,\"y\":0},\"bulge\":0},\"side\":\"CENTRE\",\"thickness\":{\"value\":0.2,"
            + "\"why\":{\"is\":\"stated\"}},\"base\":%s,\"top\":%s,%s}").formatted(id, base, top, FROM);
    }

    private static String wall(String id) {
        return wall(id, "{\"is\":\"floor\",\"offset\":0}", "{\"is\":\"next-storey\",\"offset\":0}");
    }

    private static String opening(String id, String wall) {
        return ("{\"is\":\"opening\",\"id\":\"%s\",\"wall\":\"%s\",\"along\":2,\"width\":{\"value\":1.0,\"why\":{\"is\":\"stated\"}},\"sill\":%s,\"head\":{\"value\":2.1,"
            + "\"why\":{\"is\":\"stated\"}},\"filling\":{\"is\":\"window\"},%s}").formatted(id, wall, ZERO, FROM);
    }

    private static String slab(String follows) {
        return ("{\"is\":\"slab\",\"id\":\"sl\",\"outline\":{\"corners\":[{\"x\":0,\"y\":0},{\"x\":6,\"y\":0},{\"x\":6,\"y\":4}]},\"holes\":[],\"top\":{\"is\":\"floor\",\"offset\":0},"
            + "\"thickness\":{\"value\":0.2,\"why\":{\"is\":\"stated\"}},\"follows\":[%s],%s}").formatted(follows, FROM);
    }

    private static Opened open(String storeys, String elements, String more) {
        String contents = elements.isEmpty() ? "{}" : "{\"s1\":{\"elements\":[" + elements + "]}}";
        String json = "{\"format\":\"bright-lintel-project\",\"version\":2,\"writtenBy\":\"x\",\"project\":{\"id\":\"p\",\"name\":\"P\",\"units\":\"METRIC\",\"storeys\":[" + storeys
            + "],\"contents\":" + contents + more + "}}";
        try {
            return ProjectFile.decisions(json.getBytes(StandardCharsets.UTF_8), "Ground");
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    private static List<Remark.Kind> kinds(Opened o) {
        return o.remarks().stream().map(Remark::kind).toList();
    }

    @Test void aSoundProjectIsLeftAlone() {
        Opened o = open(storey(""), wall("a") + "," + opening("o", "a") + "," + slab("\"a\""), "");
        assertThat(o.remarks()).isEmpty();
        assertThat(o.project().on(o.project().storeys().getFirst().id()).elements()).hasSize(3);
    }

    @Test void withoutAStoreyOneIsAdded() {
        Opened o = open("", "", "");
        assertThat(kinds(o)).containsExactly(Remark.Kind.NO_STOREY);
        assertThat(o.project().storeys()).singleElement().satisfies(s -> assertThat(s.name()).isEqualTo("Ground"));
        assertThat(kinds(open("", wall("a"), ""))).as("and what stood on none is told")
            .contains(Remark.Kind.NO_STOREY, Remark.Kind.REFERS_TO_NOTHING);
    }

    @Test void whatRefersToNothingIsLetGoAndTold() {
        Opened o = open(storey("\"nowhere\""),
            wall("a", "{\"is\":\"level\",\"level\":\"x\",\"offset\":0.4}", "{\"is\":\"level\",\"level\":\"y\",\"offset\":0}") + ","
            + opening("o", "gone") + "," + slab("\"a\",\"gone\""), "");
        Project p = o.project();
        assertThat(kinds(o)).containsOnly(Remark.Kind.REFERS_TO_NOTHING).hasSize(5);
        assertThat(p.storeys().getFirst().underlays()).isEmpty();
        var c = p.on(p.storeys().getFirst().id());
        assertThat(c.walls().getFirst().base()).isEqualTo(new Stand.OnFloor(0.4));
        assertThat(c.walls().getFirst().top()).isEqualTo(Top.NEXT);
        assertThat(c.openings()).isEmpty();
        assertThat(c.slabs().getFirst().follows()).isEmpty();
        assertThat(o.remarks()).anySatisfy(r -> assertThat(r.values()).contains("opening", "o", "wall", "gone"));
    }

    @Test void doubledIdsArePartedAndTold() {
        Opened o = open(storey("") + "," + storey(""), wall("a") + "," + wall("a") + "," + opening("o", "a"), "");
        assertThat(kinds(o)).containsExactlyInAnyOrder(Remark.Kind.DOUBLED_ID, Remark.Kind.DOUBLED_ID);
        Project p = o.project();
        assertThat(p.storeys()).hasSize(1);
        assertThat(p.on(p.storeys().getFirst().id()).walls()).hasSize(2).extracting(w -> w.id()).doesNotHaveDuplicates();
        assertThat(p.on(p.storeys().getFirst().id()).openings()).hasSize(1);
    }

    /** A storey that was copied by hand, ids and all: its openings stay in its own walls. */
    @Test void whatRefersToARenamedWallGoesAlong() {
        String elements = wall("a") + "," + opening("o", "a") + "," + slab("\"a\"");
        Opened two = open(storey("") + "," + storey("").replace("s1", "s2"), elements + "]},\"s2\":{\"elements\":[" + elements, "");
        Project p = two.project();
        assertThat(kinds(two)).containsOnly(Remark.Kind.DOUBLED_ID).hasSize(3);
        for (Storey s : p.storeys()) {
            assertThat(p.on(s.id()).openings()).singleElement().satisfies(x -> assertThat(p.on(s.id()).wall(x.wall())).isPresent());
            assertThat(p.on(s.id()).slabs()).singleElement()
                .satisfies(x -> assertThat(x.follows().orElseThrow()).allMatch(f -> p.on(s.id()).wall(f).isPresent()));
        }
    }

    @Test void namesThatAreNotKnownAreToldWithTheirPlace() {
        Opened o = open(storey("").replace("\"name\":\"Ground\"", "\"name\":\"Ground\",\"colour\":\"red\""), wall("a"),
            ",\"holograms\":[1,2]");
        assertThat(kinds(o)).containsOnly(Remark.Kind.UNKNOWN_NAME).hasSize(2);
        assertThat(o.remarks()).anySatisfy(r -> assertThat(r.values().getFirst()).isEqualTo("holograms"))
            .anySatisfy(r -> assertThat(r.values().getFirst()).isEqualTo("colour"));
    }

    /** One wall of no thickness does not take the house along. */
    @Test void whatCannotBeIsLeftOutByItselfWithItsReason() {
        Opened o = open(storey(""), wall("a") + "," + wall("b").replace("\"value\":0.2", "\"value\":-3") + "," + wall("c"), "");
        assertThat(o.project().on(o.project().storeys().getFirst().id()).walls()).extracting(w -> w.id().value()).containsExactly("a", "c");
        assertThat(o.remarks()).singleElement().satisfies(r -> {
            assertThat(r.kind()).isEqualTo(Remark.Kind.LEFT_OUT);
            assertThat(r.values().toString()).contains("b", "thickness", "-3");
        });
    }

    @Test void aKindThatIsNotKnownIsLeftOut() {
        Opened o = open(storey(""), wall("a") + ",{\"is\":\"hologram\",\"id\":\"h\"}", "");
        assertThat(kinds(o)).containsExactly(Remark.Kind.LEFT_OUT);
        assertThat(o.project().elements()).hasSize(1);
    }

    @Test void whatIsNoProjectAtAllIsRefused() {
        for (String s : List.of("", "[]", "{}", "{\"format\":\"bright-lintel-project\",\"version\":2}",
            "{\"format\":\"bright-lintel-project\",\"version\":2,\"project\":7}", "{\"format\":\"x\"}"))
            assertThatThrownBy(() -> ProjectFile.decisions(s.getBytes(StandardCharsets.UTF_8), "Ground")).as(s)
            .isInstanceOf(NotOpened.class);
    }

    /** Law: however a document is spoiled, it is refused with a reason or opened as a project that holds together. */
    @Test void spoiledDocumentsAreRefusedOrMended() throws IOException {
        String sound = Files.readString(Path.of("src/test/resources/projects/every-word-of-version-1.json"));
        Seeds.each(200, seed -> {
            Random r = new Random(seed);
            StringBuilder b = new StringBuilder(sound);
            String[] put = {"null", "-1", "\"\"", "[]", "{}", "1e400", "\"w1\"", "true"};
            for (int k = 0; k < 1 + r.nextInt(4); k++) {
                int colon = b.indexOf(": ", r.nextInt(b.length())), end = colon < 0 ? -1 : b.indexOf(",", colon);
                if (colon > 0 && end > 0 && b.substring(colon, end).indexOf('\n') < 0)
                    b.replace(colon + 2, end, put[r.nextInt(put.length)]);
            }
            try {
                Opened o = ProjectFile.decisions(b.toString().getBytes(StandardCharsets.UTF_8), "Ground");
                Project p = o.project();
                assertThat(p.storeys()).isNotEmpty();
                p.contents().forEach((id, c) -> {
                    assertThat(p.storey(id)).isPresent();
                    c.openings().forEach(x -> assertThat(c.wall(x.wall())).isPresent());
                });
                p.storeys().forEach(s -> s.underlays().forEach(u -> assertThat(p.underlay(u)).isPresent()));
                assertThat(ProjectFile.decisions(ProjectFile.decisions(p), "Ground").project()).isEqualTo(p);
            } catch (NotOpened refused) {
                assertThat(refused.getMessage()).isNotBlank();
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        });
    }
}
