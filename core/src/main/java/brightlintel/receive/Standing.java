package brightlintel.receive;

import java.nio.file.Path;

/** How a followed file stands on disk, against what was received of it. */
public sealed interface Standing {
    /** Byte for byte as it was received. */
    record Same() implements Standing { }

    /** It has other bytes. @param sha256 of them @param at where it lies, now also beside the project */
    record Changed(Path at, String sha256) implements Standing { }

    /** Somebody is writing it: it changed between two looks. */
    record Writing(Path at) implements Standing { }

    /** It is there and cannot be read: another program holds it, or it may not be read. */
    record Held(Path at) implements Standing { }

    /** The same bytes lie elsewhere now. */
    record Moved(Path to) implements Standing { }

    record Missing() implements Standing { }
}
