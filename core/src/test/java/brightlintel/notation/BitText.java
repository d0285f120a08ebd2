package brightlintel.notation;

/** Bits as noughts and ones, to be read in a test. */
public final class BitText {
    private BitText() { }

    /** The bytes of a number as the format stores it, lowest first. */
    public static String low(long v, int bytes) {
        StringBuilder b = new StringBuilder();
        for (int i = 0; i < bytes; i++) b.append(eight((int) (v >>> 8 * i & 255)));
        return b.toString();
    }

    public static String eight(int v) {
        return String.format("%8s", Integer.toBinaryString(v & 255)).replace(' ', '0');
    }
}
