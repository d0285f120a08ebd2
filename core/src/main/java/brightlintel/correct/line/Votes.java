package brightlintel.correct.line;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Which shifts along one axis lay most of one plan's lines on another's. */
final class Votes {
    /** Metres. */
    private static final double BIN = 0.004;
    private static final int MOST = 900;

    private Votes() { }

    /** The best so many, best first. */
    static List<Double> of(Lines.Line[] fixed, Lines.Line[] moved, int many) {
        Lines.Line[] a = longest(fixed), b = longest(moved);
        if (a.length == 0 || b.length == 0) return List.of();
        double low = Double.POSITIVE_INFINITY, high = Double.NEGATIVE_INFINITY;
        for (Lines.Line f : a)
            for (Lines.Line m : List.of(b[0], b[b.length - 1])) {
                low = Math.min(low, f.at() - m.at());
                high = Math.max(high, f.at() - m.at());
            }
        int n = (int) Math.min(4_000_000, (high - low) / BIN + 3);
        float[] votes = new float[n];
        for (Lines.Line f : a)
            for (Lines.Line m : b) {
                int k = (int) ((f.at() - m.at() - low) / BIN);
                if (k >= 0 && k < n) votes[k] += (float) Math.min(f.weight(), m.weight());
            }
        List<Double> out = new ArrayList<>();
        float[] smooth = new float[n];
        for (int k = 0; k < n; k++) smooth[k] = votes[k] + (k > 0 ? votes[k - 1] : 0) + (k + 1 < n ? votes[k + 1] : 0);
        while (out.size() < many) {
            int best = 0;
            for (int k = 1; k < n; k++) if (smooth[k] > smooth[best]) best = k;
            if (smooth[best] <= 0) break;
            out.add(low + (best + 0.5) * BIN);
            for (int k = Math.max(0, best - 3); k <= Math.min(n - 1, best + 3); k++) smooth[k] = 0;
        }
        return out;
    }

    private static Lines.Line[] longest(Lines.Line[] all) {
        Lines.Line[] out = all.clone();
        Arrays.sort(out, (p, q) -> Double.compare(q.length(), p.length()));
        out = Arrays.copyOf(out, Math.min(MOST, out.length));
        Arrays.sort(out, (p, q) -> Double.compare(p.at(), q.at()));
        return out;
    }
}
