package brightlintel.cli;

/** The words on the command line make no sense; the message says which, on one line. */
final class WrongCall extends Exception {
    WrongCall(String words) {
        super(words);
    }
}
