package brightlintel.cli;

import java.io.PrintStream;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.commons.cli.CommandLine;
import org.apache.commons.cli.DefaultParser;
import org.apache.commons.cli.ParseException;

/** The headless face of Bright Lintel. */
public final class Main {
    static final int DONE = 0, REFUSED = 1, WRONG_CALL = 2;
    private static final String VERSION = "Bright Lintel 0.1.0";
    private static final List<Command> COMMANDS = List.of(new InspectCommand(), new TrueCommand(), new ClearCommand(), new TraceCommand(),
        new ConvertCommand(), new DemoCommand());

    private Main() { }

    public static void main(String[] args) {
        System.exit(run(System.out, System.err, args));
    }

    static int run(PrintStream out, PrintStream err, String... args) {
        try {
            return call(out, err, List.of(args));
        } catch (WrongCall w) {
            err.println(w.getMessage());
            return WRONG_CALL;
        } catch (Throwable t) {
            // out of memory or stack, a class that is missing: still one line and an exit code
            err.println(Refusals.words(t));
            return REFUSED;
        }
    }

    private static int call(PrintStream out, PrintStream err, List<String> args) throws Exception {
        String first = args.isEmpty() ? "" : args.getFirst();
        switch (first) {
            case "" -> {
                Help.all(COMMANDS, err);
                return WRONG_CALL;
            }
            case "-h", "--help" -> Help.all(COMMANDS, out);
            case "-V", "--version" -> out.println(VERSION);
            default -> {
                Command c = COMMANDS.stream().filter(k -> k.name().equals(first)).findFirst().orElseThrow(() -> new WrongCall(
                    "there is no command " + first + "; there are " + COMMANDS.stream().map(Command::name)
                    .collect(Collectors.joining(", "))));
                CommandLine words = parsed(c, args.subList(1, args.size()));
                if (!words.hasOption(Help.HELP)) return c.run(new Command.Call(words, out, err));
                Help.one(c, out);
            }
        }
        return DONE;
    }

    private static CommandLine parsed(Command c, List<String> words) throws WrongCall {
        try {
            return DefaultParser.builder().setAllowPartialMatching(false).get()
                .parse(Help.withHelp(c.options()), words.toArray(String[]::new));
        } catch (ParseException e) {
            throw new WrongCall(e.getMessage().lines().findFirst().orElse("wrong call"));
        }
    }
}
