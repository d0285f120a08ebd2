package brightlintel.receive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.FileId;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.drawing.Paper;
import brightlintel.drawing.Progress;
import brightlintel.drawing.SpaceKey;
import brightlintel.edit.Receiving;
import brightlintel.edit.Stacking;
import brightlintel.geom.Point;
import brightlintel.read.Refused;
import brightlintel.store.Opened;
import brightlintel.store.Originals;
import brightlintel.store.ProjectFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files are read once, kept as long as there is room, and are what they were when they were taken. */
class DrawingShelfTest {
    private static final Progress NONE = Progress.NONE;
    private static final SpaceKey MODEL = new SpaceKey.Model();
    @TempDir Path folder;
    private Originals originals;

    @BeforeEach void begin() throws IOException {
        originals = new Originals(folder.resolve("originals"));
    }

    private Path plan(String name, int lines) throws IOException {
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nENTITIES\n");
        for (int i = 0; i < lines; i++)
            b.append("0\nLINE\n8\n").append(name).append("\n10\n").append(i).append("\n20\n0\n11\n").append(i).append("\n21\n9\n");
        return Files.writeString(folder.resolve(name + ".dxf"), b + "0\nENDSEC\n0\nEOF\n");
    }

    @Test void aFileIsReadOnceForThoseWhoWantItAtOnce() throws Exception {
        DrawingShelf shelf = new DrawingShelf(originals);
        String sha = originals.keep(plan("a", 3000));
        AtomicInteger reads = new AtomicInteger();
        Progress counting = (stage, done, _) -> {
            if (stage == Progress.Stage.INDEXING) reads.incrementAndGet();
        };
        ExecutorService many = Executors.newFixedThreadPool(4);
        List<Future<DrawingShelf.Shelved>> all = new ArrayList<>();
        for (int i = 0; i < 8; i++) all.add(many.submit(() -> shelf.of(sha, MODEL, counting)));
        DrawingShelf.Shelved first = all.getFirst().get();
        for (Future<DrawingShelf.Shelved> f : all) assertThat(f.get()).isSameAs(first);
        many.shutdown();
        assertThat(reads).hasValue(1);
    }

    @Test void theShelfIsBoundedInBytes() throws IOException {
        DrawingShelf shelf = new DrawingShelf(originals, 3_000_000);
        List<String> shas = new ArrayList<>();
        for (int i = 0; i < 8; i++) shas.add(shelf.take(plan("p" + i, 4000), NONE).drawing().sha256());
        int there = 0;
        for (String s : shas) if (shelf.has(underlay(s)).isPresent()) there++;
        assertThat(there).as("of eight drawings of half a megabyte each").isBetween(1, 6);
        assertThat(shelf.has(underlay(shas.getLast()))).as("the newest").isPresent();
        assertThat(shelf.has(underlay(shas.getFirst()))).as("the oldest").isEmpty();
        assertThat(shelf.of(shas.getFirst(), MODEL, NONE).strokes().size()).as("is read again").isEqualTo(4000);
    }

    private static Underlay underlay(String sha) {
        Project p = Project.empty("P", "G");
        return new Underlay(new UnderlayId("u"), new FileId("f"), sha, MODEL, Optional.empty(),
            Placement.assumed(1, Point.ORIGIN), Clearing.NONE, Appearance.faded(0), p.storeys().isEmpty());
    }

    @Test void oneTooHeavyForTheShelfIsThereAllTheSame() throws IOException {
        DrawingShelf shelf = new DrawingShelf(originals, 10);
        DrawingShelf.Shelved s = shelf.take(plan("a", 2000), NONE);
        assertThat(shelf.has(underlay(s.drawing().sha256()))).contains(s);
        shelf.take(plan("b", 5), NONE);
        assertThat(shelf.has(underlay(s.drawing().sha256()))).isEmpty();
    }

    private Path withSheet() throws IOException {
        String line = "0\nLINE\n67\n%d\n8\nA\n10\n0\n20\n0\n11\n%d\n21\n0\n";
        return Files.writeString(folder.resolve("sheet.dxf"), "0\nSECTION\n2\nENTITIES\n" + line.formatted(0, 9000) + line.formatted(1, 400)
            + line.formatted(1, 500) + "0\nENDSEC\n"
            + "0\nSECTION\n2\nTABLES\n0\nTABLE\n2\nBLOCK_RECORD\n0\nBLOCK_RECORD\n5\n1F\n2\n*Paper_Space\n0\nENDTAB\n0\nENDSEC\n"
            + "0\nSECTION\n2\nOBJECTS\n0\nLAYOUT\n5\n30\n100\nAcDbPlotSettings\n44\n594\n45\n420\n72\n1\n100\nAcDbLayout\n1\nGround floor\n330\n1F\n0\nENDSEC\n0\nEOF\n");
    }

    /** One file, two spaces: the sheet is laid as an underlay of its own, at the most usual scale of plans until somebody says another. */
    @Test void aSheetIsASpaceOfTheSameFile() throws IOException {
        DrawingShelf shelf = new DrawingShelf(originals);
        DrawingShelf.Shelved model = shelf.take(withSheet(), NONE);
        SpaceKey key = new SpaceKey.Layout("Ground floor");
        assertThat(model.drawing().space(key).orElseThrow().paper()).contains(new Paper(0.594, 0.42, 0.001));
        DrawingShelf.Shelved sheet = shelf.of(model.drawing().sha256(), key, NONE);
        assertThat(sheet.drawing()).as("read once").isSameAs(model.drawing());
        assertThat(List.of(model.strokes().size(), sheet.strokes().size())).containsExactly(1, 2);
        Project p = Project.empty("P", "Ground");
        var on = p.storeys().getFirst().id();
        p = Receiving.receive(new Receiving.Arrived("sheet.dxf", 1, ""), model.arrival(), on).apply(p);
        p = Receiving.lay(new UnderlayId("sheet"), p.sources().getFirst().id(), sheet.arrival(), on).apply(p);
        assertThat(p.sources()).hasSize(1);
        assertThat(p.underlaysOf(on)).extracting(u -> u.space().name()).containsExactly("Model", "Ground floor");
        assertThat(p.underlaysOf(on).getLast().placement().scale().value().mean()).isEqualTo(0.1);
        assertThat(shelf.placed(p, on, NONE)).hasSize(2);
    }

    /** The bytes that are kept are those that were read, however the file changes meanwhile; so that it can be saved. */
    @Test void aFileThatChangesWhileItIsReceivedIsWhatItWas() throws IOException {
        DrawingShelf shelf = new DrawingShelf(originals);
        Path f = plan("a", 2000), saved = folder.resolve("p.lintel");
        byte[] before = Files.readAllBytes(f);
        AtomicInteger calls = new AtomicInteger();
        DrawingShelf.Shelved s = shelf.take(f, (_, _, _) -> {
            if (calls.getAndIncrement() > 0) return;
            try {
                Files.writeString(f, "0\nSECTION\n2\nENTITIES\n0\nENDSEC\n0\nEOF\n");
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        });
        assertThat(calls.get()).isPositive();
        assertThat(originals.path(s.drawing().sha256())).hasBinaryContent(before);
        Project empty = Project.empty("P", "Ground");
        Project p = Receiving.receive(new Receiving.Arrived("a.dxf", 1, ""), s.arrival(), empty.storeys().getFirst().id()).apply(empty);
        ProjectFile.save(p, originals, saved);
        Opened o = ProjectFile.open(saved, new Originals(folder.resolve("other")), "Ground");
        assertThat(o.project()).isEqualTo(p);
    }

    @Test void ofARefusedFileNothingIsKept() throws IOException {
        DrawingShelf shelf = new DrawingShelf(originals);
        Path bad = Files.writeString(folder.resolve("x.dxf"), "hello"), empty = Files.createFile(folder.resolve("y.dxf"));
        assertThatThrownBy(() -> shelf.take(bad, NONE)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> shelf.take(empty, NONE)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> shelf.take(folder.resolve("nowhere.dxf"), NONE)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> shelf.take(plan("a", 9), (_, _, _) -> {
            throw new CancellationException();
        })).isInstanceOf(CancellationException.class);
        assertThat(Files.list(folder.resolve("originals"))).isEmpty();
    }

    @Test void theSameFileTwiceIsOneSource() throws IOException {
        DrawingShelf shelf = new DrawingShelf(originals);
        DrawingShelf.Shelved s = shelf.take(plan("a", 9), NONE);
        Project p = Stacking.add(StoreyId.fresh(), "Upper").apply(Project.empty("P", "Ground"));
        Receiving.Arrived file = new Receiving.Arrived("a.dxf", 1, "");
        for (Storey x : p.storeys()) for (int i = 0; i < 2; i++) p = Receiving.receive(file, s.arrival(), x.id()).apply(p);
        assertThat(p.sources()).hasSize(1);
        assertThat(p.underlays()).as("once on each storey").hasSize(2);
        assertThat(p.underlays()).extracting(Underlay::file).containsOnly(p.sources().getFirst().id());
        for (Storey x : p.storeys()) assertThat(p.underlaysOf(x.id())).hasSize(1);
    }
}
