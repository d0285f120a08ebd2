package brightlintel.desktop.docket;

import java.util.Optional;

import brightlintel.building.Division;
import brightlintel.desktop.state.Workspace;
import brightlintel.lengths.LengthReader;

/** Parts as people write them: 5 for so many, @ 1.20 for a spacing. */
public final class Divisions {
    private Divisions() { }

    public static String text(Workspace w, Division d) {
        return switch (d) {
            case Division.Number(int n) -> Integer.toString(n);
            case Division.Spacing(double m) -> "@ " + w.lengths().part(m);
        };
    }

    public static Optional<Division> read(Workspace w, String text) {
        String t = text.strip();
        if (t.matches("\\d{1,3}")) {
            int n = Integer.parseInt(t);
            return n >= 1 && n <= 500 ? Optional.of(new Division.Number(n)) : Optional.empty();
        }
        if (!t.startsWith("@")) return Optional.empty();
        return LengthReader.read(t.substring(1).strip(), w.lengths().partUnit()).filter(v -> v >= 0.05
            && v < 100).map(Division.Spacing::new);
    }
}
