package brightlintel.cli;

/** The option that names a page. */
final class Pages {
    private Pages() { }

    /** 0 where none is named. */
    static int asked(Command.Call call) throws WrongCall {
        String said = call.option("page", null);
        if (said == null) return 0;
        if (!said.matches("[1-9]\\d{0,5}")) throw new WrongCall("--page is a number from 1, not " + said);
        return Integer.parseInt(said);
    }
}
