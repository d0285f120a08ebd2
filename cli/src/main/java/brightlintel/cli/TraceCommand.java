package brightlintel.cli;

import brightlintel.correct.Reckoning;
import brightlintel.correct.lie.DatumFinding;
import brightlintel.correct.size.SizeFinding;
import brightlintel.drawing.Progress;
import brightlintel.geom.Point;
import brightlintel.inspect.Inspection;
import brightlintel.read.Wanted;
import brightlintel.geom.Tolerances;
import brightlintel.receive.Cleaned;
import brightlintel.receive.DrawingShelf;
import brightlintel.receive.TracedBuilding;
import brightlintel.recognise.Recognised;
import brightlintel.role.Casting;
import brightlintel.role.RoleFinding;
import brightlintel.store.Originals;
import brightlintel.store.ProjectFile;
import brightlintel.store.Replacing;
import brightlintel.write.ifc.IfcWriter;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.Options;

/** What is recognised of a plan without anybody, as JSON: how it lies, what its layers stand for, and its elements. */
final class TraceCommand implements Command {
    @Override public String name() {
        return "trace";
    }

    @Override public String purpose() {
        return "Recognises plans, one storey each from the lowest up: placement, roles of layers, grid, walls, openings, columns and rooms "
            + "as JSON, and what is sure of them as a model.";
    }

    @Override public String takes() {
        return "FILE...";
    }

    @Override public Options options() {
        return new Options()
            .addOption(Option.builder().longOpt("json").hasArg().argName("OUT")
            .desc("the file to write; standard output if neither it nor a model is said").get())
            .addOption(Option.builder().longOpt("out").hasArg().argName("MODEL")
            .desc("the model to write; its ending, ifc or lintel, says as what").get())
            .addOption(Option.builder().longOpt("all").desc("takes into the model what is not sure, too").get())
            .addOption(Pages.OPTION)
            .addOption(InspectCommand.PASSWORD);
    }

    /** One that is refused does not stop the rest. */
    @Override public int run(Call call) throws Exception {
        if (call.rest().isEmpty()) throw new WrongCall("missing: " + takes());
        String to = call.option("json", null), model = call.option("out", null);
        if (model != null && !model.endsWith(".ifc") && !model.endsWith(".lintel"))
            throw new WrongCall("--out ends with .ifc or .lintel, not " + model);
        DrawingShelf shelf = new DrawingShelf(Originals.temporary());
        TracedBuilding building = new TracedBuilding(stem(call.rest().getFirst()), shelf, call.words().hasOption("all"));
        Wanted wanted = new Wanted(Math.max(1, Pages.asked(call)), call.option("password", ""));
        List<Map<String, Object>> all = new ArrayList<>();
        int refused = 0;
        for (String file : call.rest()) {
            try {
                TracedBuilding.Plan p = building.add(stem(file), shelf.take(Path.of(file), wanted, Progress.NONE), Progress.NONE);
                all.add(told(file, p));
                call.err().println(line(file, p));
            } catch (Exception | StackOverflowError | OutOfMemoryError e) {
                if (call.rest().size() == 1) throw e;
                refused++;
                call.err().println(Refusals.words(e));
            }
        }
        if (all.isEmpty()) return Main.REFUSED;
        byte[] text = JsonText.of(call.rest().size() == 1 ? all.getFirst() : all);
        if (to != null) Replacing.write(Path.of(to), out -> out.write(text));
        else if (model == null) {
            call.out().writeBytes(text);
            call.out().println();
        }
        if (model != null) model(building, shelf, Path.of(model), call);
        return refused == 0 ? Main.DONE : Main.REFUSED;
    }

    private static String stem(String file) {
        String name = Path.of(file).getFileName().toString();
        int dot = name.lastIndexOf('.');
        return dot > 0 ? name.substring(0, dot) : name;
    }

    private static Map<String, Object> told(String file, TracedBuilding.Plan p) {
        Cleaned c = p.cleaned();
        Map<String, Object> out = Inspection.ordered("file", file, "placement", placement(c.reckoning()), "layers", layers(c.roles()));
        out.putAll(new RecognisedJson(c.reckoning(), p.drawing()).of(p.found()));
        return out;
    }

    private static String line(String file, TracedBuilding.Plan p) {
        Recognised f = p.found();
        return file + ": " + f.rooms().size() + " rooms, " + f.walls().size() + " walls, " + f.openings().size() + " openings, "
            + f.columns().size() + " columns, " + f.grid().size() + " grid lines, " + p.toLookAt() + " to look at, " + f.left().size()
            + " strokes left over";
    }

    private static void model(TracedBuilding b, DrawingShelf shelf, Path to, Call call) throws IOException {
        if (to.toString().endsWith(".lintel")) {
            ProjectFile.save(b.project(), shelf.originals(), to);
            return;
        }
        List<IfcWriter.Note> notes = new ArrayList<>();
        Replacing.write(to, out -> notes.addAll(IfcWriter.write(b.project(), Tolerances.BUILDING, to.getFileName().toString(),
            Instant.now(), out)));
        for (IfcWriter.Note n : notes) call.err().println(to + ": " + n.name().toLowerCase(Locale.ROOT).replace('_', ' '));
    }

    /** Building = turned back by turnRadians, of what lies from originInFile, in metres. */
    private static Map<String, Object> placement(Reckoning r) {
        SizeFinding s = r.size();
        Point origin = r.inFile(r.datum().best().map(DatumFinding.Proposal::at).orElse(Point.ORIGIN));
        Map<String, Object> out = Inspection.ordered("metresPerUnit", s.metresPerUnit(), "turnRadians", r.turn().whole(), "originInFile",
            List.of(origin.x(), origin.y()), "unsure", s.unsure());
        if (s.isStretched()) out.put("metresPerUnitXY", List.of(s.metresPerUnitX(), s.metresPerUnitY()));
        return out;
    }

    private static List<Map<String, Object>> layers(RoleFinding f) {
        List<Map<String, Object>> out = new ArrayList<>();
        for (RoleFinding.OfPart p : f.layers())
            out.add(Inspection.ordered("name", p.name(), "role", p.isMixed() ? "mixed" : Casting.word(p.role()), "confidence",
                Math.round(p.confidence() * 100) / 100.0));
        return out;
    }
}
