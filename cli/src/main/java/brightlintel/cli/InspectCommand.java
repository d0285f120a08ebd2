package brightlintel.cli;

import brightlintel.drawing.Progress;
import brightlintel.inspect.Inspection;
import brightlintel.read.DrawingReader;
import brightlintel.read.ReadLimits;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

@Command(name = "inspect", description = "Tells what a drawing file holds, as JSON.", mixinStandardHelpOptions = true)
final class InspectCommand implements Callable<Integer> {
    @Spec private CommandSpec spec;
    @Parameters(paramLabel = "FILE") private Path file;
    @Option(names = "--digest", description = "with sums, boxes and counts of each kind") private boolean digest;

    @Override public Integer call() throws Exception {
        var json = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
        var drawing = DrawingReader.look(file, ReadLimits.DEFAULT, Progress.NONE);
        spec.commandLine().getOut().println(json.writeValueAsString(Inspection.of(file.getFileName().toString(), drawing, digest)));
        return Main.DONE;
    }
}
