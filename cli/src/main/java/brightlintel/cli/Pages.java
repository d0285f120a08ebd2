package brightlintel.cli;

import org.apache.commons.cli.Option;

/** The option that names a page. */
final class Pages {
    static final Option OPTION = Option.builder().longOpt("page").hasArg().argName("N").desc("of a PDF or TIFF; 1 if it is not said").get();

    private Pages() { }

    /** 0 where none is named. */
    static int asked(Command.Call call) throws WrongCall {
        String said = call.option("page", null);
        if (said == null) return 0;
        if (!said.matches("[1-9]\\d{0,5}")) throw new WrongCall("--page is a number from 1, not " + said);
        return Integer.parseInt(said);
    }
}
