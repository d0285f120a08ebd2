package brightlintel.cli;

import java.io.PrintStream;
import java.util.List;
import org.apache.commons.cli.CommandLine;
import org.apache.commons.cli.Options;

/** One headless command: what it is called, what may stand behind its name, and what it does with that. */
interface Command {
    String name();

    /** One sentence for the help. */
    String purpose();

    /** What must stand behind the name and the options, as the help shows it. */
    String takes();

    /** All but {@code --help}, which every command has. */
    default Options options() {
        return new Options();
    }

    /** @return the exit code
     *  @throws WrongCall where the words make no sense
     *  @throws Exception where a file is refused: {@link Refusals} has the words */
    int run(Call call) throws Exception;

    /** The words behind the command's name, and where answers and remarks go. */
    record Call(CommandLine words, PrintStream out, PrintStream err) {
        String option(String name, String usual) {
            return words.getOptionValue(name, usual);
        }

        String needed(String name) throws WrongCall {
            if (!words.hasOption(name)) throw new WrongCall("missing: --" + name);
            return words.getOptionValue(name);
        }

        List<String> rest() {
            return words.getArgList();
        }

        /** @throws WrongCall if there is none or there are several */
        String only(String what) throws WrongCall {
            if (rest().size() != 1)
                throw new WrongCall(rest().isEmpty() ? "missing: " + what : "one " + what + " is enough: " + String.join(" ", rest()));
            return rest().getFirst();
        }
    }
}
