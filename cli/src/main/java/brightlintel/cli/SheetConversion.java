package brightlintel.cli;

import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.drawing.Progress;
import brightlintel.edit.Receiving;
import brightlintel.geom.Box;
import brightlintel.paint.Pictures;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.Wanted;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Replacing;
import brightlintel.write.plot.PdfPlot;
import brightlintel.write.plot.PlanPlot;
import brightlintel.write.plot.Plot;
import brightlintel.write.plot.Sheet;
import brightlintel.write.plot.SvgPlot;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Locale;

/** A plan onto a sheet, to scale. */
record SheetConversion(Command.Call call, Path file, Path to) {
    void project(Project p, Storey s, DrawingShelf shelf) throws Exception {
        String what = call.option("what", "plan");
        if (!List.of("plan", "base").contains(what)) throw new WrongCall("--what is plan or base, not " + what);
        write(p, s, shelf.placed(p, s.id(), Progress.NONE), what.equals("plan") ? PlanPlot.What.PLAN : PlanPlot.What.BASE_PLAN);
    }

    /** What is shown of the underlays of a storey. */
    void base(Project p, Storey s, DrawingShelf shelf) throws Exception {
        write(p, s, shelf.placed(p, s.id(), Progress.NONE), PlanPlot.What.BASE_PLAN);
    }

    /** A drawing alone, placed as it would be when it is received. */
    void drawing(DrawingShelf shelf) throws Exception {
        String name = file.getFileName().toString();
        Project empty = Project.empty(name, "");
        Storey s = empty.storeys().getFirst();
        DrawingShelf.Shelved d = shelf.take(file, new Wanted(Math.max(1, Pages.asked(call)), call.option("password", "")), Progress.NONE);
        Project p = Receiving.receive(new Receiving.Arrived(name, 0, Instant.EPOCH.toString()), d.arrival(), s.id()).apply(empty);
        write(p, s, shelf.placed(p, s.id(), Progress.NONE), PlanPlot.What.BASE_PLAN);
    }

    private void write(Project p, Storey s, List<PlacedDrawing> drawings, PlanPlot.What what) throws WrongCall, IOException {
        Box plan = Pictures.extent(p, s.id(), drawings);
        Sheet sheet = sheet(plan);
        if (!sheet.holds(plan)) call.err().println("note: the plan is larger than the sheet; what lies outside is cut off");
        Plot plot = PlanPlot.of(p, s.id(), drawings, sheet, what, plan);
        boolean pdf = to.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".pdf");
        Replacing.write(to, out -> {
            if (pdf) PdfPlot.write(plot, out);
            else SvgPlot.write(plot, out);
        });
    }

    private Sheet sheet(Box plan) throws WrongCall {
        String name = call.option("sheet", "A3"), scale = call.option("scale", null);
        Sheet.Size size = Sheet.Size.of(name).orElseThrow(() -> new WrongCall("--sheet is A4, A3, A2, A1 or A0, not " + name));
        boolean landscape = !call.words().hasOption("upright");
        if (scale == null) return Sheet.fitting(size, landscape, plan);
        String figure = scale.replaceFirst("^1:", "");
        if (!figure.matches("\\d{1,5}") || Integer.parseInt(figure) < 1) throw new WrongCall("--scale is a number like 100, not " + scale);
        return new Sheet(size, landscape, Integer.parseInt(figure));
    }
}
