package brightlintel.cli;

import brightlintel.correct.Laying;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.flatten.Flattening;
import brightlintel.read.Beside;
import brightlintel.read.DrawingReader;
import brightlintel.read.Wanted;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.commons.cli.Options;

/** How large drawings are, how they lie and where, with the evidence, as JSON. */
final class TrueCommand implements Command {
    @Override public String name() {
        return "true";
    }

    @Override public String purpose() {
        return "Tells the size, turn and datum of a drawing with their evidence, as JSON; "
            + "of several of one building, how they lie on the first.";
    }

    @Override public String takes() {
        return "FILE...";
    }

    @Override public Options options() {
        return new Options()
            .addOption(Pages.OPTION)
            .addOption(InspectCommand.PASSWORD);
    }

    /** Of several, one that is refused leaves the others without their place: the call ends. */
    @Override public int run(Call call) throws Exception {
        if (call.rest().isEmpty()) throw new WrongCall("missing: " + takes());
        List<Reckoning> all = new ArrayList<>();
        for (String file : call.rest()) all.add(reckoned(Path.of(file), call));
        List<Laying> laid = Laying.of(all);
        List<Map<String, Object>> out = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) out.add(TrueAnswer.of(call.rest().get(i), all.get(i), all.size() == 1 ? null : laid.get(i),
            i == 0));
        call.out().writeBytes(JsonText.of(out.size() == 1 ? out.getFirst() : out));
        call.out().println();
        return Main.DONE;
    }

    /** Read and reckoned as it arrives. */
    static Reckoning reckoned(Path f, Call call) throws Exception {
        DrawingReader.check(f, ReadLimits.DEFAULT);
        Wanted wanted = new Wanted(Math.max(1, Pages.asked(call)), call.option("password", ""));
        RawDrawing d = DrawingReader.read(f, f, Beside.of(f), wanted, ReadLimits.DEFAULT, Progress.NONE);
        SpaceKey space = d.format().isPaged() ? new SpaceKey.Page(wanted.page()) : new SpaceKey.Model();
        return Reckoning.of(Drawn.asReceived(d, space, Flattening.of(d, space, ReadLimits.DEFAULT, Progress.NONE)));
    }
}
