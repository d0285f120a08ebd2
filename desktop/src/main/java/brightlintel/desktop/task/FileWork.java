package brightlintel.desktop.task;

import brightlintel.building.Custody;
import brightlintel.building.Edit;
import brightlintel.building.FileId;
import brightlintel.building.Project;
import brightlintel.building.Source;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.demo.HeronQuayWhole;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.SheetSettings;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.ViewMode;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Format;
import brightlintel.drawing.Progress;
import brightlintel.drawing.SpaceKey;
import brightlintel.edit.Receiving;
import brightlintel.edit.OpeningKinds;
import brightlintel.geom.Box;
import brightlintel.geom.Tolerances;
import brightlintel.geom.Vec3;
import brightlintel.paint.Palette;
import brightlintel.paint.Pictures;
import brightlintel.paint.Png;
import brightlintel.paint.Raster;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.Sniffer;
import brightlintel.read.Wanted;
import brightlintel.receive.Choosing;
import brightlintel.receive.DrawingShelf;
import brightlintel.role.RoleProfile;
import brightlintel.solid.Body;
import brightlintel.solid.Solids;
import brightlintel.store.KindProfiles;
import brightlintel.store.Opened;
import brightlintel.store.ProjectFile;
import brightlintel.store.Replacing;
import brightlintel.store.RoleProfiles;
import brightlintel.view3d.Camera;
import brightlintel.view3d.Painter3d;
import brightlintel.write.DrawingFormat;
import brightlintel.write.dxf.BasePlan;
import brightlintel.write.ifc.IfcWriter;
import brightlintel.write.plot.PdfPlot;
import brightlintel.write.plot.PlanPlot;
import brightlintel.write.plot.Plot;
import brightlintel.write.plot.SvgPlot;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** Everything that reads or writes files for the window. */
public final class FileWork {
    private static final int PICTURE_WIDTH = 2000, PICTURE_HEIGHT = 1400;
    private final Workspace w;
    private final Work work;
    private final Sessions sessions;
    private final Recent recent;
    private final Keeping keeping;
    private final Claims claims;
    private final PageWork pages;
    private final Set<UnderlayId> underWay = new HashSet<>();
    /** What was last asked to take the window: a project, the demo, lost work or an empty start. */
    private Object last = new Object();

    public FileWork(Workspace w, Work work, Sessions sessions, Keeping keeping, Recent recent) {
        this.pages = new PageWork(w, work, work::later, recent::add);
        this.w = w;
        this.work = work;
        this.sessions = sessions;
        this.keeping = keeping;
        this.recent = recent;
        this.claims = new Claims(sessions.home());
        w.listen(c -> {
            if (c == Change.STOREY || c == Change.FILE || c == Change.PROJECT || c == Change.LOOK
                || c == Change.SPACE) readUnderlays();
        });
    }

    private void bad(Path file, Throwable t) {
        w.say(new Message(Message.Tone.BAD, Refusals.words(file, t)));
    }

    /** An answer that is dropped where another project is shown by then. */
    private <T> Consumer<T> ofNow(Consumer<T> answer) {
        Object era = w.era();
        return t -> {
            if (w.era() == era) answer.accept(t);
        };
    }

    /** An answer that takes the window, dropped where something else was asked to take it since. */
    private <T> Consumer<T> ofLast(Consumer<T> answer) {
        Object mine = new Object();
        last = mine;
        return t -> {
            if (last == mine) answer.accept(t);
        };
    }

    private <T> Work.Answer<T> answer(Path file, Consumer<T> done) {
        return new Work.Answer<>(done, t -> bad(file, t),
            () -> w.say(new Message(Message.Tone.SAID, Words.of("stopped", file.getFileName()))));
    }

    /** Whether a file is a project of ours, told from its content. */
    public static boolean isProject(Path file) {
        try {
            return Files.isRegularFile(file) && Sniffer.sniff(file) == Format.PROJECT;
        } catch (IOException e) {
            return false;
        }
    }

    private record Received(Edit edit, DrawingShelf.Shelved drawing) { }

    /** Files of several pages. */
    public PageWork pages() {
        return pages;
    }

    /** Takes a drawing onto the storey in hand. One of several pages is looked through first. */
    public void receive(Path file) {
        receive(file, false);
    }

    /** @param alone the only one that was opened: where there is something to choose in it, it is shown before it is taken */
    public void receive(Path file, boolean alone) {
        if (PageWork.isPaged(file)) pages.open(file, "", word -> receive(file, Wanted.FIRST.with(word), false));
        else receive(file, Wanted.FIRST, alone);
    }

    private void receive(Path file, Wanted wanted, boolean choosing) {
        StoreyId on = w.storeyId();
        UnderlayId id = UnderlayId.fresh();
        work.run(file.getFileName().toString(), p -> {
            if (choosing) pages.firstSight(file);
            DrawingShelf.Shelved s = w.shelf().take(file, wanted, p);
            Receiving.Arrived arrived = new Receiving.Arrived(file.getFileName().toString(),
                Files.size(w.shelf().originals().path(s.drawing().sha256())), Instant.now().toString(),
                new Custody.Followed(file.toAbsolutePath().toString()));
            return new Received(Receiving.receive(FileId.fresh(), id, arrived, s.arrival(), on), s);
        }, sightEnds(this.<Received>answer(file, ofNow(r -> {
            recent.add(file);
            String sha = r.drawing.drawing().sha256();
            SpaceKey space = r.drawing.space();
            if (choosing && Choosing.isWanted(r.drawing) && Receiving.there(w.project(), sha, space, on).isEmpty()) {
                pages.choose(file, r.drawing, wanted.password());
                return;
            }
            w.apply(r.edit);
            if (w.project().storey(on).isEmpty()) return;
            boolean fresh = w.project().underlay(id).isPresent();
            w.go(on);
            Receiving.there(w.project(), sha, space, on).map(Underlay::id).or(() -> Optional.of(id)).ifPresent(w.onBoard()::take);
            w.tell(Change.DRAWING);
            w.go(Stage.RECEIVE);
            w.say(new Message(fresh ? Message.Tone.GOOD : Message.Tone.SAID,
                Words.of(fresh ? "receive.done" : "receive.already", file.getFileName(), w.storey().name())));
        }))));
    }

    /** However it ends, the rough picture gives way. */
    private <T> Work.Answer<T> sightEnds(Work.Answer<T> a) {
        return new Work.Answer<>(t -> {
            pages.endSight();
            a.done().accept(t);
        }, t -> {
            pages.endSight();
            a.failed().accept(t);
        }, () -> {
            pages.endSight();
            a.stopped().run();
        });
    }

    /** Lays another space of a file that was received on the storey in hand. */
    public void lay(Source source, SpaceKey space) {
        StoreyId on = w.storeyId();
        UnderlayId id = UnderlayId.fresh();
        Path name = Path.of(source.name());
        work.run(source.name(), p -> Receiving.lay(id, source.id(), w.shelf().of(source.newest().sha256(), space, p).arrival(), on),
            this.<Edit>answer(name, ofNow(edit -> {
            w.apply(edit);
            w.onBoard().take(id);
            w.tell(Change.DRAWING);
        })));
    }

    /**
     * @param first is given what shows the project, once it is known to be whole: it may ask about unsaved work
     * @param then  comes after it is shown
     */
    public void open(Path file, Consumer<Runnable> first, Runnable then) {
        work.run(file.getFileName().toString(), _ -> ProjectFile.open(file, w.shelf().originals(), Words.of("storey.ground")),
            this.<Opened>answer(file, ofLast(o -> first.accept(() -> {
                recent.add(file);
                w.show(o.project(), Optional.of(file.toAbsolutePath()), o.remarks().isEmpty());
                keeping.forget();
                boolean alone = claims.take(file);
                if (!o.remarks().isEmpty()) w.say(new Message(Message.Tone.BAD, Remarks.words(file, o.remarks())));
                else if (!alone) w.say(new Message(Message.Tone.BAD, Words.of("open.elsewhere", file.getFileName())));
                then.run();
            }))));
    }

    /** The demo is a copy: saving it asks where to. */
    public void demo() {
        work.run(Words.of("demo.name"), _ -> HeronQuayWhole.build(w.shelf()), this.<Project>answer(Path.of("demo"), ofLast(p -> {
            claims.release();
            w.show(p, Optional.empty(), true);
            keeping.forget();
        })));
    }

    /** Nothing is open any more. */
    public void startAnew() {
        last = new Object();
        claims.release();
        w.startAnew();
        keeping.forget();
    }

    /** @param first may ask about unsaved work that would give way */
    public void recover(Sessions.Lost lost, Consumer<Runnable> first) {
        work.run(lost.project().name(), _ -> {
            sessions.adopt(lost);
            return lost.project();
        }, this.<Project>answer(lost.folder(), ofLast(p -> first.accept(() -> {
            claims.release();
            w.show(p, lost.file(), false);
            lost.file().ifPresent(claims::take);
            keeping.now();
            try {
                sessions.discard(lost);
            } catch (IOException e) {
                bad(lost.folder(), e);
            }
        }))));
    }

    /** What stands against saving over a file. */
    public Optional<Claims.Trouble> trouble(Path file) {
        return claims.trouble(file);
    }

    /** @param then comes once it is saved, if it is still the project in hand */
    public void save(Path file, Runnable then) {
        String untitled = Words.of("project.untitled");
        if (w.project().name().equals(untitled)) {
            String name = file.getFileName().toString().replaceFirst("\\.lintel$", "");
            w.apply(Edit.of("edit.name", x -> x.withName(name)));
        }
        Project what = w.project();
        work.run(file.getFileName().toString(), _ -> {
            ProjectFile.save(what, w.shelf().originals(), file);
            return what;
        }, this.<Project>answer(file, ofNow(saved -> {
            recent.add(file);
            w.savedAs(file.toAbsolutePath(), saved);
            claims.take(file);
            keeping.now();
            then.run();
        })));
    }

    /** What the layers and blocks of the drawing in hand stand for, for the next of its office. */
    public void saveRoles(Path file) {
        RoleProfile p = w.casts().profile();
        work.run(file.getFileName().toString(), _ -> {
            RoleProfiles.write(file, p);
            return p;
        }, this.<RoleProfile>answer(file, r -> w.say(new Message(Message.Tone.GOOD, Words.of("roles.saved", r.layers().size()
            + r.blocks().size(),
            file.getFileName())))));
    }

    /** One step; what is no such file is said. */
    public void readRoles(Path file) {
        Object era = w.era();
        work.run(file.getFileName().toString(), _ -> RoleProfiles.read(file), this.<RoleProfile>answer(file, p -> {
            if (w.era() != era || w.drawing().isEmpty()) return;
            int n = w.casts().take(p);
            w.say(new Message(n > 0 ? Message.Tone.GOOD : Message.Tone.SAID, Words.count("roles.read", n)));
        }));
    }

    /** Kinds of walls and openings, for the next project. */
    public void saveKinds(Path file) {
        KindProfiles.Profile kinds = KindProfiles.Profile.of(w.project());
        work.run(file.getFileName().toString(), _ -> {
            KindProfiles.write(file, kinds);
            return kinds;
        }, this.<KindProfiles.Profile>answer(file, k -> w.say(new Message(Message.Tone.GOOD, Words.of("kinds.saved", k.size(),
            file.getFileName())))));
    }

    public void readKinds(Path file) {
        Object era = w.era();
        work.run(file.getFileName().toString(), _ -> KindProfiles.read(file), this.<KindProfiles.Profile>answer(file, k -> {
            if (w.era() != era) return;
            int before = KindProfiles.Profile.of(w.project()).size();
            w.apply(OpeningKinds.addAll(k.walls(), k.openings()));
            w.say(new Message(Message.Tone.GOOD, Words.of("kinds.read", KindProfiles.Profile.of(w.project()).size() - before,
                file.getFileName())));
        }));
    }

    public void exportIfc(Path file) {
        Project p = w.project();
        work.run(file.getFileName().toString(), _ -> {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            List<IfcWriter.Note> notes = IfcWriter.write(p, Tolerances.BUILDING, file.getFileName().toString(), Instant.now(), out);
            Replacing.write(file, to -> to.write(out.toByteArray()));
            return notes;
        }, this.<List<IfcWriter.Note>>answer(file,
            notes -> w.say(new Message(Message.Tone.GOOD, Words.of("hand-over.done", file.getFileName())
            + String.join("", notes.stream().map(n -> " " + Words.of("note." + n.name())).toList())))));
    }

    /** The cleaned, corrected plan of the storey in hand, in millimetres. */
    public void exportBasePlan(Path file, DrawingFormat format) {
        Project p = w.project();
        StoreyId on = w.storeyId();
        List<PlacedDrawing> drawings = w.drawings();
        written(file, out -> format.write(BasePlan.of(p, on, drawings, BasePlan.Unit.MILLIMETRE), out));
    }

    /** The storey in hand on the sheet that is chosen. */
    public void exportSheet(Path file, boolean pdf) {
        Project p = w.project();
        StoreyId on = w.storeyId();
        List<PlacedDrawing> drawings = w.drawings();
        SheetSettings s = w.sheet();
        written(file, out -> {
            Box plan = Pictures.extent(p, on, drawings);
            Plot plot = PlanPlot.of(p, on, drawings, s.sheet(plan), s.basePlan() ? PlanPlot.What.BASE_PLAN : PlanPlot.What.PLAN, plan);
            if (pdf) PdfPlot.write(plot, out);
            else SvgPlot.write(plot, out);
        });
    }

    public void exportPlan(Path file) {
        Project p = w.project();
        StoreyId on = w.storeyId();
        List<PlacedDrawing> drawings = w.drawings();
        picture(file, () -> Pictures.plan(p, on, drawings, PICTURE_WIDTH, PICTURE_HEIGHT, Palette.LIGHT));
    }

    public void exportSpace(Path file) {
        Project p = w.project();
        picture(file, () -> {
            List<Body> bodies = new ArrayList<>();
            for (Storey s : p.storeys()) bodies.addAll(Solids.of(p, s.id(), Tolerances.BUILDING));
            Raster r = new Raster(PICTURE_WIDTH, PICTURE_HEIGHT);
            Camera c = Camera.fit(Camera.usual(Vec3.ZERO, 30), Painter3d.corners(bodies), r.width, r.height);
            new Painter3d().paint(bodies, c, new Painter3d.Look(Palette.LIGHT, Set.of()), r);
            return r;
        });
    }

    private void picture(Path file, Supplier<Raster> paint) {
        written(file, out -> Png.write(paint.get(), out));
    }

    private void written(Path file, Replacing.Content content) {
        work.run(file.getFileName().toString(), _ -> {
            Replacing.write(file, content);
            return file;
        }, this.<Path>answer(file, f -> w.say(new Message(Message.Tone.GOOD, Words.of("hand-over.done", f.getFileName())))));
    }

    /** Reads again what could not be read or was stopped. */
    public void readAgain() {
        w.onBoard().forgetTroubles();
        readUnderlays();
        w.tell(Change.DRAWING);
    }

    /** Drawings that are seen and are not read yet: of the storey in hand, of the one that echoes under it, in space of all. */
    private void readUnderlays() {
        // the uppermost first: it is the one that is looked at
        List<Underlay> wanted = new ArrayList<>(w.project().underlaysOf(w.storeyId()).reversed());
        w.looks().echo().seen(w.project(), w.storeyId()).ifPresent(s -> wanted.addAll(w.project().underlaysOf(s.id()).reversed()));
        if (w.looks().mode() != ViewMode.PLAN) for (Storey s : w.project().storeys())
            if (w.space().showsSheets(s.id())) wanted.addAll(w.project().underlaysOf(s.id()));
        for (Underlay u : wanted) {
            if (w.onBoard().isRead(u) || w.onBoard().trouble(u.id()).isPresent() || !underWay.add(u.id())) continue;
            String name = w.project().source(u.file()).map(Source::name).orElse("");
            Object era = w.era();
            work.run(name, p -> measured(u, p), new Work.Answer<>(d -> {
                underWay.remove(u.id());
                if (w.era() == era) w.onBoard().adopt(d);
                w.tell(Change.DRAWING);
            }, t -> {
                underWay.remove(u.id());
                if (w.era() != era) return;
                w.onBoard().trouble(u.id(), Refusals.words(Path.of(name), t));
                bad(Path.of(name), t);
                if (PageWork.isLocked(t)) pages.ask(Path.of(name), word -> {
                    w.shelf().unlock(u.sha256(), word);
                    readAgain();
                });
            }, () -> {
                underWay.remove(u.id());
                if (w.era() == era) w.onBoard().trouble(u.id(), Words.of("receive.stopped", name));
            }));
        }
    }

    private PlacedDrawing measured(Underlay u, Progress p) throws IOException {
        PlacedDrawing d = w.shelf().placed(u, p);
        d.extent();
        return d;
    }
}
