package brightlintel.correct.size;

import brightlintel.correct.UnitChoice;
import brightlintel.correct.look.Look;
import brightlintel.drawing.Header;
import java.util.List;
import java.util.Optional;

/** What the file says of itself. It is right more often than not, and wrong so often that it decides nothing alone. */
final class Words {
    /** Logarithms of how much less likely another unit is than the one that is named: about 1 in 5, and 1 in 2. */
    private static final double UNIT = -1.6, SYSTEM = -0.7;

    private Words() { }

    static List<Opinion> header(Look look) {
        Optional<UnitChoice> said = UnitChoice.saidBy(look.drawn().file().header());
        if (said.isEmpty() || look.drawn().isOnPaper()) return List.of();
        double m = said.get().metres();
        return List.of(new Opinion(SizeKind.HEADER, m, 1, 1, Double.NaN, List.of(), f -> Math.abs(f / m - 1) < 1e-3 ? 0 : UNIT));
    }

    static List<Opinion> system(Look look) {
        Header h = look.drawn().file().header();
        Optional<Integer> said = h.whole("$MEASUREMENT");
        if (said.isEmpty() || look.drawn().isOnPaper()) return List.of();
        boolean metric = said.get() == 1;
        return List.of(new Opinion(SizeKind.SYSTEM, Double.NaN, 1, 1, Double.NaN, List.of(), f -> {
            boolean imperial = Candidates.isImperial(f);
            return imperial != metric ? 0 : SYSTEM;
        }));
    }
}
