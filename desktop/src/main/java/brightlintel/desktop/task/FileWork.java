package brightlintel.desktop.task;

import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.demo.HeronQuayProject;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Format;
import brightlintel.edit.Receiving;
import brightlintel.geom.Tolerances;
import brightlintel.geom.Vec3;
import brightlintel.paint.Pictures;
import brightlintel.paint.Png;
import brightlintel.paint.Raster;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.Sniffer;
import brightlintel.receive.DrawingShelf;
import brightlintel.solid.Body;
import brightlintel.solid.Solids;
import brightlintel.store.ProjectFile;
import brightlintel.view3d.Camera;
import brightlintel.view3d.Painter3d;
import brightlintel.write.DrawingFormat;
import brightlintel.write.dxf.BasePlan;
import brightlintel.write.ifc.IfcWriter;
import java.io.BufferedOutputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Everything that reads or writes files for the window. */
public final class FileWork {
    private static final int PICTURE_WIDTH = 2000, PICTURE_HEIGHT = 1400;
    private final Workspace w;
    private final Work work;
    private final Sessions sessions;
    private final Recent recent;
    private final Set<Underlay> underWay = new HashSet<>();

    public FileWork(Workspace w, Work work, Sessions sessions, Recent recent) {
        this.w = w;
        this.work = work;
        this.sessions = sessions;
        this.recent = recent;
        w.listen(c -> {
            if (c == Change.STOREY || c == Change.FILE || c == Change.PROJECT) readUnderlays();
        });
    }

    private void bad(Path file, Throwable t) {
        w.say(new Message(Message.Tone.BAD, Refusals.words(file, t)));
    }

    /** Whether a file is a project of ours, told from its content. */
    public static boolean isProject(Path file) {
        try {
            return Files.isRegularFile(file) && Sniffer.sniff(file) == Format.PROJECT;
        } catch (IOException e) {
            return false;
        }
    }

    /** Takes a drawing onto the storey in hand. */
    public void receive(Path file) {
        StoreyId on = w.storeyId();
        work.run(file.getFileName().toString(), p -> {
            DrawingShelf.Shelved s = w.shelf().take(file, p);
            return Receiving.receive(file.getFileName().toString(), s.drawing(), s.strokes(), Files.size(file), Instant.now().toString(), on);
        }, edit -> {
            recent.add(file);
            w.apply(edit);
            w.tell(Change.DRAWING);
            w.go(Stage.RECEIVE);
            w.say(new Message(Message.Tone.GOOD, Words.of("receive.done", file.getFileName())));
        }, t -> bad(file, t));
    }

    /** @param first is given what shows the project, once it is known to be whole: it may ask about unsaved work */
    public void open(Path file, java.util.function.Consumer<Runnable> first) {
        work.run(file.getFileName().toString(), _ -> ProjectFile.open(file, w.shelf().originals()), p -> first.accept(() -> {
            recent.add(file);
            w.show(p, Optional.of(file.toAbsolutePath()), true);
        }), t -> bad(file, t));
    }

    /** The demo is a copy: saving it asks where to. */
    public void demo() {
        work.run(Words.of("demo.name"), _ -> HeronQuayProject.build(w.shelf()), p -> w.show(p, Optional.empty(), true), t -> bad(Path.of("demo"), t));
    }

    public void recover(Sessions.Lost lost) {
        work.run(lost.project().name(), _ -> {
            sessions.adopt(lost);
            return lost.project();
        }, p -> {
            w.show(p, lost.file(), false);
            try {
                sessions.keep(p, lost.file());
                sessions.discard(lost);
            } catch (IOException e) {
                bad(lost.folder(), e);
            }
        }, t -> bad(lost.folder(), t));
    }

    public void save(Path file, Runnable then) {
        Project p = w.project().name().equals(Words.of("project.untitled")) ? w.project().withName(file.getFileName().toString().replaceFirst("\\.lintel$", "")) : w.project();
        if (!p.equals(w.project())) w.apply(brightlintel.building.Edit.of("edit.name", x -> x.withName(p.name())));
        Project what = w.project();
        work.run(file.getFileName().toString(), _ -> {
            ProjectFile.save(what, w.shelf().originals(), file);
            return what;
        }, saved -> {
            recent.add(file);
            w.savedAs(file.toAbsolutePath(), saved);
            try {
                sessions.forget();
            } catch (IOException e) {
                bad(file, e);
            }
            then.run();
        }, t -> bad(file, t));
    }

    public void exportIfc(Path file) {
        Project p = w.project();
        work.run(file.getFileName().toString(), _ -> {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            List<IfcWriter.Note> notes = IfcWriter.write(p, Tolerances.BUILDING, file.getFileName().toString(), Instant.now(), out);
            write(file, out.toByteArray());
            return notes;
        }, notes -> w.say(new Message(Message.Tone.GOOD, Words.of("hand-over.done", file.getFileName()) + String.join("", notes.stream().map(n -> " " + Words.of("note." + n.name())).toList()))),
            t -> bad(file, t));
    }

    /** The cleaned, corrected plan of the storey in hand, in millimetres. */
    public void exportBasePlan(Path file, DrawingFormat format) {
        Project p = w.project();
        StoreyId on = w.storeyId();
        List<PlacedDrawing> drawings = w.drawings();
        work.run(file.getFileName().toString(), _ -> {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            format.write(BasePlan.of(p, on, drawings, BasePlan.Unit.MILLIMETRE), out);
            write(file, out.toByteArray());
            return file;
        }, f -> w.say(new Message(Message.Tone.GOOD, Words.of("hand-over.done", f.getFileName()))), t -> bad(file, t));
    }

    public void exportPlan(Path file) {
        Project p = w.project();
        StoreyId on = w.storeyId();
        List<PlacedDrawing> drawings = w.drawings();
        picture(file, () -> Pictures.plan(p, on, drawings, PICTURE_WIDTH, PICTURE_HEIGHT, brightlintel.paint.Palette.LIGHT));
    }

    public void exportSpace(Path file) {
        Project p = w.project();
        picture(file, () -> {
            List<Body> bodies = new ArrayList<>();
            for (Storey s : p.storeys()) bodies.addAll(Solids.of(p, s.id(), Tolerances.BUILDING));
            Raster r = new Raster(PICTURE_WIDTH, PICTURE_HEIGHT);
            Camera c = Camera.fit(Camera.usual(Vec3.ZERO, 30), Painter3d.corners(bodies), r.width, r.height);
            new Painter3d().paint(bodies, c, new Painter3d.Look(brightlintel.paint.Palette.LIGHT, Set.of()), r);
            return r;
        });
    }

    private void picture(Path file, java.util.function.Supplier<Raster> paint) {
        work.run(file.getFileName().toString(), _ -> {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            Png.write(paint.get(), out);
            write(file, out.toByteArray());
            return file;
        }, f -> w.say(new Message(Message.Tone.GOOD, Words.of("hand-over.done", f.getFileName()))), t -> bad(file, t));
    }

    /** Beside it first, so that a full disk leaves no half file in place of a good one. */
    private static void write(Path file, byte[] bytes) throws IOException {
        Path fresh = file.toAbsolutePath().resolveSibling(file.getFileName() + ".new");
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(fresh))) {
            out.write(bytes);
        }
        Files.move(fresh, file, StandardCopyOption.REPLACE_EXISTING);
    }

    /** Drawings of the storey in hand that are not read yet. */
    private void readUnderlays() {
        for (Underlay u : w.project().underlaysOf(w.storeyId())) {
            if (w.shelf().has(u).isPresent() || underWay.contains(u)) continue;
            underWay.add(u);
            String name = w.project().source(u.file()).map(s -> s.name()).orElse("");
            work.run(name, p -> w.shelf().of(u, p), _ -> {
                underWay.remove(u);
                w.tell(Change.DRAWING);
            }, t -> bad(Path.of(name), t));
        }
    }
}
