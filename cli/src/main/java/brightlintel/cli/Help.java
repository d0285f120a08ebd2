package brightlintel.cli;

import java.io.PrintStream;
import java.util.List;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.Options;

/** What can be called and how. */
final class Help {
    static final Option HELP = Option.builder("h").longOpt("help").desc("this text").get();
    static final Option VERSION = Option.builder("V").longOpt("version").desc("the version").get();

    private Help() { }

    static void all(List<Command> commands, PrintStream out) {
        out.println("Usage: bright-lintel [COMMAND]");
        out.println("Floor plans in, building models out. Without a command the window opens.");
        out.println();
        print(new Options().addOption(HELP).addOption(VERSION), out);
        out.println();
        out.println("Commands, each with a --help of its own:");
        for (Command c : commands) line(c.name(), c.purpose(), out);
    }

    static void one(Command c, PrintStream out) {
        out.println("Usage: bright-lintel " + c.name() + " [OPTIONS] " + c.takes());
        out.println(c.purpose());
        out.println();
        print(withHelp(c.options()), out);
    }

    static Options withHelp(Options options) {
        return options.addOption(HELP);
    }

    private static void print(Options options, PrintStream out) {
        for (Option o : options.getOptions()) {
            String names = (o.getOpt() == null ? "" : "-" + o.getOpt() + ", ") + "--" + o.getLongOpt()
                + (o.hasArg() ? " " + o.getArgName() : "");
            line(names, o.getDescription(), out);
        }
    }

    private static void line(String name, String words, PrintStream out) {
        out.printf("  %-16s %s%n", name, words);
    }
}
