package brightlintel.read.dwg;

import brightlintel.drawing.Style;

/** Line weights by the number that the format gives them. */
public final class Weights {
    private static final int[] HUNDREDTHS = {0, 5, 9, 13, 15, 18, 20, 25, 30, 35, 40, 50, 53, 60, 70, 80, 90, 100, 106, 120, 140, 158, 200,
        211};
    private static final int BY_LAYER = 29, BY_BLOCK = 30, USUAL = 31;

    private Weights() { }

    /** Hundredths of a millimetre, or one of the words of {@link Style}. */
    static int of(int number) {
        if (number < HUNDREDTHS.length) return HUNDREDTHS[number];
        return number == BY_BLOCK ? Style.WEIGHT_BY_BLOCK : number == USUAL ? Style.WEIGHT_DEFAULT : Style.WEIGHT_BY_LAYER;
    }

    /** The number of the nearest weight. */
    public static int number(int weight) {
        if (weight < 0) return weight == Style.WEIGHT_BY_LAYER ? BY_LAYER : weight == Style.WEIGHT_BY_BLOCK ? BY_BLOCK : USUAL;
        int best = 0;
        for (int i = 1; i < HUNDREDTHS.length; i++) if (Math.abs(HUNDREDTHS[i] - weight) < Math.abs(HUNDREDTHS[best] - weight)) best = i;
        return best;
    }
}
