package brightlintel.cli;

import brightlintel.correct.Reckoning;
import brightlintel.correct.lie.DatumFinding;
import brightlintel.correct.size.SizeFinding;
import brightlintel.drawing.Progress;
import brightlintel.geom.Point;
import brightlintel.inspect.Inspection;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.Wanted;
import brightlintel.receive.Cleaned;
import brightlintel.receive.DrawingShelf;
import brightlintel.recognise.Recognised;
import brightlintel.role.Casting;
import brightlintel.role.RoleFinding;
import brightlintel.store.Originals;
import brightlintel.store.Replacing;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.Options;

/** What is recognised of a plan without anybody, as JSON: how it lies, what its layers stand for, and its elements. */
final class TraceCommand implements Command {
    @Override public String name() {
        return "trace";
    }

    @Override public String purpose() {
        return "Tells what is recognised of a plan, as JSON: placement, roles of layers, grid, walls, openings, columns and rooms.";
    }

    @Override public String takes() {
        return "FILE";
    }

    @Override public Options options() {
        return new Options()
            .addOption(Option.builder().longOpt("json").hasArg().argName("OUT")
            .desc("the file to write; standard output if it is not said").get())
            .addOption(Pages.OPTION)
            .addOption(InspectCommand.PASSWORD);
    }

    @Override public int run(Call call) throws Exception {
        String file = call.only(takes()), to = call.option("json", null);
        DrawingShelf shelf = new DrawingShelf(Originals.temporary());
        Cleaned c = Cleaned.whole(file, shelf.take(Path.of(file), new Wanted(Math.max(1, Pages.asked(call)), call.option("password", "")),
            Progress.NONE));
        PlacedDrawing d = shelf.placed(c.project().underlay(c.underlay()).orElseThrow(), Progress.NONE);
        Recognised found = Recognised.of(d, c.reckoning(), c.roles());
        Map<String, Object> all = Inspection.ordered("file", file, "placement", placement(c.reckoning()), "layers",
            layers(c.roles()));
        all.putAll(new RecognisedJson(c.reckoning(), d).of(found));
        byte[] text = JsonText.of(all);
        if (to != null) Replacing.write(Path.of(to), out -> out.write(text));
        else {
            call.out().writeBytes(text);
            call.out().println();
        }
        call.err().println(file + ": " + found.rooms().size() + " rooms, " + found.walls().size() + " walls, " + found.openings().size()
            + " openings, " + found.columns().size() + " columns, " + found.grid().size() + " grid lines");
        return Main.DONE;
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
