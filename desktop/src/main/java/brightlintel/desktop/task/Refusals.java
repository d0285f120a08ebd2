package brightlintel.desktop.task;

import brightlintel.desktop.text.Words;
import brightlintel.read.Refused;
import brightlintel.store.NotOpened;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Path;
import java.util.List;

/** Failures in plain words: which file, what is wrong, what was done. */
public final class Refusals {
    private Refusals() { }

    public static String words(Path file, Throwable t) {
        return switch (t) {
            case Refused r -> Words.of("refused." + r.why().name(), fill(file, r.values()));
            case NotOpened n -> Words.of("not-opened." + n.why().name(), fill(file, n.values()));
            case AccessDeniedException _ -> Words.of("refused.NO_PERMISSION", file.getFileName());
            case OutOfMemoryError _ -> Words.of("refused.MEMORY", file.getFileName());
            case FileSystemException e -> Words.of("refused.DISK", file.getFileName(), e.getReason() == null ? e.getClass().getSimpleName()
                : e.getReason());
            default -> Words.of("refused.OTHER", file.getFileName(), t.getMessage() == null ? t.getClass().getSimpleName()
                : t.getMessage().lines().findFirst().orElse(""));
        };
    }

    private static Object[] fill(Path file, List<Object> values) {
        Object[] out = values.isEmpty() ? new Object[] {""} : values.toArray();
        out[0] = file.getFileName();
        return out;
    }
}
