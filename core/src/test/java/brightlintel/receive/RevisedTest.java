package brightlintel.receive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.building.Custody;
import brightlintel.building.Project;
import brightlintel.building.Source;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.demo.DemoDrawings;
import brightlintel.drawing.Progress;
import brightlintel.edit.Clearings;
import brightlintel.edit.Placing;
import brightlintel.edit.Receiving;
import brightlintel.edit.Revising;
import brightlintel.find.Differences;
import brightlintel.geom.Point;
import brightlintel.read.Refused;
import brightlintel.store.Opened;
import brightlintel.store.Originals;
import brightlintel.store.ProjectFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A drawing that comes again keeps its place and what was set aside, says what is otherwise, and nothing of the earlier one is lost. */
class RevisedTest {
    private static final String WALLS = """
        A 0 0 9000 0
        A 0 300 9000 300
        A 0 0 0 6000
        FURNITURE 2000 2000 3000 2000
        """;
    @TempDir Path folder;
    private DrawingShelf shelf;
    private Path file;
    private Project project;

    @BeforeEach void begin() throws IOException {
        shelf = new DrawingShelf(new Originals(folder.resolve("originals")));
        file = write("plan.dxf", WALLS);
        Project empty = Project.empty("P", "G");
        StoreyId on = empty.storeys().getFirst().id();
        DrawingShelf.Shelved s = shelf.take(file, Progress.NONE);
        Receiving.Arrived arrived = new Receiving.Arrived("plan.dxf", Files.size(file), "2026-03-02T09:00:00Z",
            new Custody.Followed(file.toString()));
        project = Receiving.receive(arrived, s.arrival(), on).apply(empty);
        project = Placing.datum(underlay().id(), new Point(0, 0)).apply(project);
        project = Placing.turnBy(underlay().id(), 0.3).apply(project);
        project = Clearings.hide(underlay().id(), "FURNITURE").apply(project);
    }

    /** Lines of layer and two points, without handles. */
    private Path write(String name, String lines) throws IOException {
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nENTITIES\n");
        for (String line : lines.strip().split("\n")) {
            String[] w = line.strip().split(" ");
            b.append("0\nLINE\n8\n").append(w[0]).append("\n10\n").append(w[1]).append("\n20\n").append(w[2]).append("\n11\n").append(w[3])
                .append("\n21\n").append(w[4]).append('\n');
        }
        return Files.writeString(folder.resolve(name), b + "0\nENDSEC\n0\nEOF\n");
    }

    private Underlay underlay() {
        return project.underlays().getFirst();
    }

    private Source source() {
        return project.sources().getFirst();
    }

    private Revised later(String lines) throws IOException {
        return Revised.read(shelf, source(), write("plan.dxf", lines), project.underlays(), Progress.NONE);
    }

    @Test void placeAndClearingStayAndBothBytesAreKept() throws IOException {
        Underlay before = underlay();
        Revised r = later(WALLS + "A 9000 0 9000 6000\nFURNITURE 1 1 2 2");
        Differences d = r.parts().get(before.id());
        assertThat(d.added()).as("furniture is hidden, and is nothing to look at").hasSize(1);
        assertThat(d.same()).isEqualTo(3);
        project = Revising.revise(source().id(), r.revision()).apply(project);
        assertThat(underlay()).isEqualTo(before.of(r.revision().sha256()));
        assertThat(source().versions()).extracting(Source.Version::sha256).containsExactly(before.sha256(), r.revision().sha256());
        Path saved = folder.resolve("p.lintel");
        ProjectFile.save(project, shelf.originals(), saved);
        Originals fresh = new Originals(folder.resolve("elsewhere"));
        Opened o = ProjectFile.open(saved, fresh, "G");
        assertThat(o.project()).isEqualTo(project);
        assertThat(fresh.has(before.sha256())).isTrue();
        assertThat(fresh.has(r.revision().sha256())).isTrue();
    }

    @Test void readingAgainTwiceIsReadingOnce() throws IOException {
        Revised r = later(WALLS + "A 1 1 5 5");
        Project once = Revising.revise(source().id(), r.revision()).apply(project);
        assertThat(Revising.revise(source().id(), r.revision()).apply(once)).isEqualTo(once);
        project = once;
        Revised same = later(WALLS + "A 1 1 5 5");
        assertThat(same.parts().get(underlay().id()).isNothing()).isTrue();
        Source.Version newest = source().newest();
        project = Revising.revise(source().id(), same.revision()).apply(project);
        assertThat(source().newest()).isEqualTo(newest);
        assertThat(source().versions()).hasSize(2);
    }

    @Test void anEarlierOneThatComesBackIsTheNewestAndIsKeptOnce() throws IOException {
        String first = underlay().sha256();
        project = Revising.revise(source().id(), later(WALLS + "A 1 1 5 5").revision()).apply(project);
        project = Revising.revise(source().id(), later(WALLS).revision()).apply(project);
        assertThat(source().versions()).hasSize(2);
        assertThat(source().newest().sha256()).isEqualTo(first);
        assertThat(underlay().sha256()).isEqualTo(first);
    }

    @Test void aLayerThatComesHiddenStartsHidden() throws IOException {
        String text = Files.readString(file);
        Files.writeString(file, "0\nSECTION\n2\nTABLES\n0\nTABLE\n2\nLAYER\n0\nLAYER\n2\nNotes\n70\n1\n62\n7\n0\nENDTAB\n0\nENDSEC\n"
            + text.replace("0\nENDSEC", "0\nLINE\n8\nNotes\n10\n1\n20\n1\n11\n7\n21\n7\n0\nENDSEC"));
        Revised r = Revised.read(shelf, source(), file, project.underlays(), Progress.NONE);
        assertThat(r.parts().get(underlay().id()).added()).isEmpty();
        project = Revising.revise(source().id(), r.revision()).apply(project);
        assertThat(underlay().clearing().layersOff()).containsExactly("furniture", "notes");
    }

    @Test void aFileThatIsHalfWrittenIsToldAndOneThatIsNoDrawingIsRefused() throws IOException {
        String text = Files.readString(file);
        Files.writeString(file, text.substring(0, text.length() - 40));
        assertThat(Revised.read(shelf, source(), file, project.underlays(), Progress.NONE).endsEarly()).isTrue();
        Files.writeString(file, "not a drawing at all");
        assertThatThrownBy(() -> Revised.read(shelf, source(), file, project.underlays(), Progress.NONE)).isInstanceOf(Refused.class);
        assertThat(shelf.has(underlay())).as("what was received is there").isPresent();
    }

    @Test void aFileOfAnotherKindHasNothingOfIt() throws IOException {
        Path page = folder.resolve("page.pdf");
        Files.write(page, DemoDrawings.bytes(DemoDrawings.ANNEXE));
        Revised r = Revised.read(shelf, source(), page, project.underlays(), Progress.NONE);
        assertThat(r.parts()).isEmpty();
        assertThat(Revising.revise(source().id(), r.revision()).apply(project).underlays()).isEqualTo(project.underlays());
    }

    @Test void whereItIsLookedForIsAStep() {
        Project kept = Revising.custody(source().id(), new Custody.Kept()).apply(project);
        assertThat(kept.sources().getFirst().custody()).isEqualTo(new Custody.Kept());
        assertThat(Optional.of(kept.underlays())).contains(project.underlays());
    }
}
