package brightlintel.lengths;

/** Units that people write. */
public enum LengthUnit {
    MILLIMETRE(0.001, "mm"), CENTIMETRE(0.01, "cm"), METRE(1, "m"), INCH(0.0254, "in"), FOOT(0.3048, "ft");

    private final double metres;
    private final String sign;

    LengthUnit(double metres, String sign) {
        this.metres = metres;
        this.sign = sign;
    }

    public double metres() {
        return metres;
    }

    public String sign() {
        return sign;
    }
}
