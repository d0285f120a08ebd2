package brightlintel.drawing;

import java.util.concurrent.CancellationException;

/** Called now and then by long steps. The call throws once the user has said stop; nothing was changed in place. */
@FunctionalInterface
public interface Progress {
    Progress NONE = (_, _, _) -> { };

    enum Stage { READING, FLATTENING, INDEXING, MENDING, RECOGNISING, WRITING }

    /** @param total 0: not known yet */
    void at(Stage stage, long done, long total) throws CancellationException;
}
