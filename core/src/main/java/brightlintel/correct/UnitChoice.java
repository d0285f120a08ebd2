package brightlintel.correct;

import brightlintel.drawing.Header;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What one drawing unit may be. */
public enum UnitChoice {
    MILLIMETRE(0.001), CENTIMETRE(0.01), METRE(1), INCH(0.0254), FOOT(0.3048);

    /** A floor plan is about this long across, give or take: 30 m. */
    private static final double USUAL = 30;
    private static final double SMALLEST = 3, LARGEST = 600;
    private final double metres;

    UnitChoice(double metres) {
        this.metres = metres;
    }

    public double metres() {
        return metres;
    }

    public boolean isPlausible(double diagonalInUnits) {
        double d = diagonalInUnits * metres;
        return d >= SMALLEST && d <= LARGEST;
    }

    /** The file's own word, where its header gives one of these. */
    public static Optional<UnitChoice> saidBy(Header header) {
        return header.whole("$INSUNITS").flatMap(u -> switch (u) {
            case 1 -> Optional.of(INCH);
            case 2 -> Optional.of(FOOT);
            case 4 -> Optional.of(MILLIMETRE);
            case 5 -> Optional.of(CENTIMETRE);
            case 6 -> Optional.of(METRE);
            default -> Optional.empty();
        });
    }

    /** The file's word where the size that follows can be a building; else the unit that gives the most usual size. */
    public static UnitChoice assumed(Header header, double diagonalInUnits) {
        Optional<UnitChoice> said = saidBy(header);
        if (said.isPresent() && (said.get().isPlausible(diagonalInUnits) || diagonalInUnits <= 0)) return said.get();
        return List.of(MILLIMETRE, CENTIMETRE, METRE).stream()
            .min(Comparator.comparingDouble(u -> Math.abs(Math.log(Math.max(diagonalInUnits, 1e-9) * u.metres / USUAL)))).orElseThrow();
    }

    public static Optional<UnitChoice> of(double metresPerUnit) {
        for (UnitChoice u : values()) if (Math.abs(u.metres / metresPerUnit - 1) < 1e-9) return Optional.of(u);
        return Optional.empty();
    }
}
