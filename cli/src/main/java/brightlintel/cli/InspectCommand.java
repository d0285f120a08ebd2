package brightlintel.cli;

import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.inspect.Inspection;
import brightlintel.read.DrawingReader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.Options;

/** What files hold, as JSON. */
final class InspectCommand implements Command {
    @Override public String name() {
        return "inspect";
    }

    @Override public String purpose() {
        return "Tells what drawing files hold, as JSON: an object for one file, a list for several.";
    }

    @Override public String takes() {
        return "FILE...";
    }

    @Override public Options options() {
        return new Options().addOption(Option.builder().longOpt("digest").desc("with sums, boxes and counts of each kind").get());
    }

    /** Among several, a file that is refused is named and the others go on. */
    @Override public int run(Call call) throws Exception {
        List<String> files = call.rest();
        if (files.isEmpty()) throw new WrongCall("missing: " + takes());
        List<Object> all = new ArrayList<>();
        for (String file : files) {
            Path f = Path.of(file);
            try {
                all.add(Inspection.of(f.getFileName().toString(), DrawingReader.look(f, ReadLimits.DEFAULT, Progress.NONE),
                    call.words().hasOption("digest")));
            } catch (Exception | OutOfMemoryError | StackOverflowError e) {
                if (files.size() == 1) throw e;
                call.err().println(Refusals.words(f, e));
            }
        }
        // JSON is UTF-8, whatever the console takes for its own
        call.out().writeBytes(JsonText.of(files.size() == 1 ? all.getFirst() : all));
        call.out().println();
        return all.size() == files.size() ? Main.DONE : Main.REFUSED;
    }
}
