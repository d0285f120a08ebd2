package brightlintel.cli;

import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.drawing.Format;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.geom.Tolerances;
import brightlintel.geom.Vec3;
import brightlintel.paint.Palette;
import brightlintel.paint.Pictures;
import brightlintel.paint.Png;
import brightlintel.paint.Raster;
import brightlintel.read.DrawingReader;
import brightlintel.read.Sniffer;
import brightlintel.read.Wanted;
import brightlintel.receive.Cleaned;
import brightlintel.receive.DrawingShelf;
import brightlintel.solid.Body;
import brightlintel.solid.Solids;
import brightlintel.store.Opened;
import brightlintel.store.Originals;
import brightlintel.store.ProjectFile;
import brightlintel.store.Remark;
import brightlintel.store.Replacing;
import brightlintel.view3d.Camera;
import brightlintel.view3d.Painter3d;
import brightlintel.write.DrawingFormat;
import brightlintel.write.OnPaper;
import brightlintel.write.dxf.BasePlan;
import brightlintel.write.ifc.IfcWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** One call of {@link ConvertCommand}: each format takes what it needs of the words. */
record Conversion(Command.Call call, Path file, Path to) {
    int run() throws Exception {
        String ending = to.getFileName().toString().toLowerCase(Locale.ROOT).replaceFirst(".*\\.", "");
        Optional<DrawingFormat> format = DrawingFormat.of(ending);
        if (format.isEmpty() && !Set.of("ifc", "png", "pdf", "svg").contains(ending))
            throw new WrongCall("--to must end in .ifc, .png, .dxf, .dwg, .pdf or .svg: " + to.getFileName());
        boolean metres = oneOf("unit", "mm", "m").equals("m"), flat = oneOf("view", "3d", "plan").equals("plan");
        boolean project = Sniffer.sniff(existing(file)) == Format.PROJECT;
        if (call.words().hasOption("clean")) {
            if (project || ending.equals("ifc") || ending.equals("png"))
                throw new WrongCall("--clean is for a drawing, to .dxf, .dwg, .pdf or .svg");
            clean(format, metres ? BasePlan.Unit.METRE : BasePlan.Unit.MILLIMETRE);
            return Main.DONE;
        }
        if (format.isPresent() && !project) {
            write(OnPaper.inModel(DrawingReader.look(file, new Wanted(Math.max(1, Pages.asked(call)), call.option("password", "")),
                ReadLimits.DEFAULT,
                Progress.NONE)), format.get());
            return Main.DONE;
        }
        DrawingShelf shelf = new DrawingShelf(Originals.temporary());
        if (!project && Set.of("pdf", "svg").contains(ending)) {
            new SheetConversion(call, file, to).drawing(shelf);
            return Main.DONE;
        }
        Opened opened = ProjectFile.open(file, shelf.originals(), "Ground");
        for (Remark r : opened.remarks())
            call.err().println("note: " + words(r.kind()) + ": " + String.join(" ", r.values().stream().map(String::valueOf).toList()));
        Project p = opened.project();
        if (ending.equals("ifc")) ifc(p);
        else if (Set.of("pdf", "svg").contains(ending))
            new SheetConversion(call, file, to).project(p, chosen(p).orElse(p.storeys().getFirst()), shelf);
        else if (format.isPresent()) basePlan(p, shelf, format.get(), metres ? BasePlan.Unit.METRE : BasePlan.Unit.MILLIMETRE);
        else picture(p, shelf, flat);
        return Main.DONE;
    }

    /** What is unsure is said. */
    private void clean(Optional<DrawingFormat> format, BasePlan.Unit unit) throws Exception {
        DrawingShelf shelf = new DrawingShelf(Originals.temporary());
        DrawingShelf.Shelved d = shelf.take(file, new Wanted(Math.max(1, Pages.asked(call)), call.option("password", "")), Progress.NONE);
        Cleaned c = Cleaned.of(file.getFileName().toString(), d);
        if (!c.isTrue()) call.err().println("note: the size is not sure; it is taken as the file says, and nothing was mended");
        Storey s = c.project().storeys().getFirst();
        if (format.isPresent()) write(BasePlan.of(c.project(), s.id(), shelf.placed(c.project(), s.id(), Progress.NONE), unit, true),
            format.get());
        else new SheetConversion(call, file, to).base(c.project(), s, shelf);
    }

    /** The first is meant if nothing is said. */
    private String oneOf(String option, String usual, String other) throws WrongCall {
        String said = call.option(option, usual);
        if (!said.equals(usual) && !said.equals(other))
            throw new WrongCall("--" + option + " is " + usual + " or " + other + ", not " + said);
        return said;
    }

    private static Path existing(Path f) throws IOException {
        if (!Files.isRegularFile(f)) throw new NoSuchFileException(f.toString());
        return f;
    }

    /** What cannot be written is named. */
    private void write(RawDrawing drawing, DrawingFormat format) throws IOException {
        Replacing.write(to, out -> format.write(drawing, out).forEach((kind, n) -> call.err().println("note: left out " + n + " " + kind)));
    }

    private void basePlan(Project p, DrawingShelf shelf, DrawingFormat format, BasePlan.Unit unit) throws Exception {
        Storey s = chosen(p).orElse(p.storeys().getFirst());
        write(BasePlan.of(p, s.id(), shelf.placed(p, s.id(), Progress.NONE), unit), format);
    }

    private Optional<Storey> chosen(Project p) throws WrongCall {
        String storey = call.option("storey", null);
        Optional<Storey> found = p.storeys().stream().filter(s -> s.name().equalsIgnoreCase(storey)).findFirst();
        if (storey != null && found.isEmpty())
            throw new WrongCall("there is no storey " + storey + "; there are "
                + String.join(", ", p.storeys().stream().map(Storey::name).toList()));
        return found;
    }

    private void ifc(Project p) throws Exception {
        if (call.option("storey", null) != null) throw new WrongCall("an IFC file holds all storeys; --storey is for plans and pictures");
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        for (IfcWriter.Note n : IfcWriter.write(p, Tolerances.BUILDING, to.getFileName().toString(), Instant.now(), bytes))
            call.err().println("note: " + words(n));
        Replacing.write(to, out -> out.write(bytes.toByteArray()));
    }

    private void picture(Project p, DrawingShelf shelf, boolean flat) throws Exception {
        String size = call.option("size", "1600x1000");
        if (!size.matches("\\d{2,4}x\\d{2,4}")) throw new WrongCall("--size is like 1600x1000, not " + size);
        int w = Integer.parseInt(size.replaceFirst("x.*", "")), h = Integer.parseInt(size.replaceFirst(".*x", ""));
        Storey chosen = chosen(p).orElse(null);
        Raster r = flat ? plan(p, chosen == null ? p.storeys().getFirst() : chosen, shelf, w, h) : space(p, chosen, w, h);
        Replacing.write(to, out -> Png.write(r, out));
    }

    private static String words(Enum<?> code) {
        return code.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static Raster plan(Project p, Storey s, DrawingShelf shelf, int w, int h) throws IOException {
        return Pictures.plan(p, s.id(), shelf.placed(p, s.id(), Progress.NONE), w, h, Palette.LIGHT);
    }

    private static Raster space(Project p, Storey only, int w, int h) {
        List<Body> bodies = new ArrayList<>();
        for (Storey s : p.storeys()) if (only == null || only.equals(s)) bodies.addAll(Solids.of(p, s.id(), Tolerances.BUILDING));
        Raster r = new Raster(w, h);
        new Painter3d().paint(bodies, Camera.fit(Camera.usual(Vec3.ZERO, 30), Painter3d.corners(bodies), w, h),
            new Painter3d.Look(Palette.LIGHT, Set.of()), r);
        return r;
    }
}
