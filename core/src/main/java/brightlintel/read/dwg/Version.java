package brightlintel.read.dwg;

import java.util.Arrays;
import java.util.Optional;

/** Layouts of the format, in the order they came. */
enum Version {
    R2000("AC1015"), R2004("AC1018"), R2007("AC1021"), R2010("AC1024"), R2013("AC1027"), R2018("AC1032");

    private final String word;

    Version(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }

    boolean from(Version v) {
        return compareTo(v) >= 0;
    }

    /** Whether sizes of the header and of the classes have a second word: it came with a release within a version. */
    boolean longSizes(int maintenance) {
        return this == R2018 || from(R2010) && maintenance > 3;
    }

    static Optional<Version> of(String word) {
        return Arrays.stream(values()).filter(v -> v.word.equals(word)).findFirst();
    }
}
