package brightlintel.cli;

import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.inspect.Inspection;
import brightlintel.inspect.PageInspection;
import brightlintel.read.DrawingReader;
import brightlintel.read.Paged;
import brightlintel.read.Sniffer;
import brightlintel.read.Wanted;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.Options;

/** What files hold, as JSON. */
final class InspectCommand implements Command {
    static final Option PASSWORD = Option.builder().longOpt("password").hasArg().argName("WORD").desc("opens a locked PDF").get();

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
        return new Options().addOption(Option.builder().longOpt("digest").desc("with sums, boxes and counts of each kind").get())
            .addOption(Option.builder().longOpt("page").hasArg().argName("N").desc("this page of a PDF or TIFF alone").get())
            .addOption(Option.builder().longOpt("words").desc("with the words of its pages and their places").get())
            .addOption(PASSWORD);
    }

    /** Among several, a file that is refused is named and the others go on. */
    @Override public int run(Call call) throws Exception {
        List<String> files = call.rest();
        if (files.isEmpty()) throw new WrongCall("missing: " + takes());
        List<Object> all = new ArrayList<>();
        for (String file : files) {
            Path f = Path.of(file);
            try {
                all.add(looked(f, call));
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

    private static Map<String, Object> looked(Path f, Call call) throws Exception {
        String name = f.getFileName().toString();
        boolean digest = call.words().hasOption("digest");
        DrawingReader.check(f, ReadLimits.DEFAULT);
        if (!Sniffer.sniff(f).isPaged()) return Inspection.of(name, DrawingReader.look(f, ReadLimits.DEFAULT, Progress.NONE), digest);
        int page = Pages.asked(call);
        PageInspection pages = new PageInspection(call.words().hasOption("words"), digest);
        Paged.each(f, new Wanted(Math.max(1, page), call.option("password", "")), ReadLimits.DEFAULT, Progress.NONE, d -> {
            pages.add(d);
            return page > 0;
        });
        return pages.of(name);
    }
}
