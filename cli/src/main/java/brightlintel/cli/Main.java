package brightlintel.cli;

import java.io.PrintStream;
import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The headless face of Bright Lintel. */
@Command(name = "bright-lintel", subcommands = {InspectCommand.class, ConvertCommand.class, DemoCommand.class},
    description = "Floor plans in, building models out. Without a subcommand the window opens.", mixinStandardHelpOptions = true, version = "Bright Lintel 0.1.0")
public final class Main {
    static final int DONE = 0, REFUSED = 1, WRONG_CALL = 2;

    private Main() { }

    public static void main(String[] args) {
        System.exit(run(System.out, System.err, args));
    }

    static int run(PrintStream out, PrintStream err, String... args) {
        CommandLine cl = new CommandLine(new Main());
        cl.setOut(new java.io.PrintWriter(out, true)).setErr(new java.io.PrintWriter(err, true));
        cl.setExecutionExceptionHandler((e, _, _) -> {
            err.println(Refusals.words(e));
            return REFUSED;
        });
        cl.setParameterExceptionHandler((e, _) -> {
            err.println(e.getMessage().lines().findFirst().orElse("wrong call"));
            return WRONG_CALL;
        });
        if (List.of(args).isEmpty()) {
            cl.usage(err);
            return WRONG_CALL;
        }
        try {
            return cl.execute(args);
        } catch (Throwable t) {
            // out of memory or stack, a class that is missing: still one line and an exit code
            err.println(Refusals.words(t));
            return REFUSED;
        }
    }
}
