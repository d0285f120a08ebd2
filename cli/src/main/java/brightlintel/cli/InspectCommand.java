package brightlintel.cli;

import brightlintel.drawing.Progress;
import brightlintel.inspect.Inspection;
import brightlintel.read.DrawingReader;
import brightlintel.read.ReadLimits;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

@Command(name = "inspect", description = "Tells what drawing files hold, as JSON: an object for one file, a list for several.", mixinStandardHelpOptions = true)
final class InspectCommand implements Callable<Integer> {
    @Spec private CommandSpec spec;
    @Parameters(paramLabel = "FILE", arity = "1..*") private List<Path> files;
    @Option(names = "--digest", description = "with sums, boxes and counts of each kind") private boolean digest;

    /** Among several, a file that is refused is named and the others go on. */
    @Override public Integer call() throws Exception {
        var json = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
        List<Object> all = new ArrayList<>();
        for (Path f : files) {
            try {
                all.add(Inspection.of(f.getFileName().toString(), DrawingReader.look(f, ReadLimits.DEFAULT, Progress.NONE), digest));
            } catch (IOException e) {
                if (files.size() == 1) throw e;
                spec.commandLine().getErr().println(Refusals.words(e));
            }
        }
        spec.commandLine().getOut().println(json.writeValueAsString(files.size() == 1 ? all.getFirst() : all));
        return all.size() == files.size() ? Main.DONE : Main.REFUSED;
    }
}
