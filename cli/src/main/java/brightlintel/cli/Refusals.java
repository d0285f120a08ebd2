package brightlintel.cli;

import brightlintel.read.Refused;
import brightlintel.store.NotOpened;
import java.nio.file.AccessDeniedException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** One line for each reason. */
final class Refusals {
    private Refusals() { }

    static String words(Throwable t) {
        return switch (t) {
            case Refused r -> words(r);
            case NotOpened n -> words(n);
            case NoSuchFileException n -> n.getFile() + ": there is no such file";
            case AccessDeniedException a -> a.getFile() + ": no permission";
            case OutOfMemoryError _ -> "not enough memory for this file";
            default -> t.getClass().getSimpleName() + (t.getMessage() == null ? "" : ": " + t.getMessage().lines().findFirst().orElse(""));
        };
    }

    /** With the file's name before it, where the words do not begin with one. */
    static String words(Path file, Throwable t) {
        boolean named = t instanceof Refused || t instanceof NotOpened || t instanceof NoSuchFileException
            || t instanceof AccessDeniedException;
        return (named ? "" : file.getFileName() + ": ") + words(t);
    }

    private static String words(Refused r) {
        Object name = r.values().isEmpty() ? "" : r.values().getFirst();
        return name + ": " + switch (r.why()) {
            case MISSING -> "there is no such file";
            case FOLDER -> "this is a folder, not a drawing";
            case NO_PERMISSION -> "no permission to read it";
            case EMPTY -> "the file is empty";
            case NOT_A_DRAWING -> "this is no drawing that can be read";
            case NO_DECODER -> r.values().get(1) + " pictures cannot be decoded; ask the sender for PNG, JPEG, TIFF or PDF";
            case PASSWORD -> (r.values().get(1).equals("wrong") ? "the password is wrong" : "it is locked with a password")
                + "; --password WORD opens it";
            case NO_RIGHT -> "whoever made it allows nothing to be taken out; the owner's password (--password) opens it";
            case OLD_VERSION -> r.values().get(1)
                + " is a DWG version that is not read; ask the sender to save it as DWG of 2000 or later, or as DXF";
            case LOST -> "too damaged to be read (" + r.values().get(1) + "); ask the sender to send it again";
            case TOO_BIG -> "too big: " + r.values().get(1) + " bytes, at most " + r.values().get(2);
            case NO_SUCH_SPACE -> "there is no sheet or page " + r.values().get(1) + " in it";
            case DISK -> "the disk could not be read";
        };
    }

    private static String words(NotOpened n) {
        Object name = n.values().isEmpty() ? "" : n.values().getFirst();
        return name + ": " + switch (n.why()) {
            case MISSING -> "there is no such file";
            case NOT_A_PROJECT -> "this is no Bright Lintel project";
            case NEWER -> "written by a newer version (" + n.values().get(2) + "); this one cannot read it";
            case DAMAGED -> "the project is damaged" + (n.values().size() > 1 ? ": " + n.values().get(1) : "");
            case ORIGINAL_MISSING -> "an original drawing is missing from the project: " + n.values().get(1);
        };
    }
}
