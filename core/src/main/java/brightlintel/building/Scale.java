package brightlintel.building;

/** Equal but for a stretched sheet. */
public record Scale(double metresPerUnitX, double metresPerUnitY) {
    public Scale {
        // written so that NaN fails too
        if (!(metresPerUnitX > 1e-9 && metresPerUnitX < 1e6))
            throw new IllegalArgumentException("metresPerUnitX " + metresPerUnitX + " is not within 1e-9..1e6");
        if (!(metresPerUnitY > 1e-9 && metresPerUnitY < 1e6))
            throw new IllegalArgumentException("metresPerUnitY " + metresPerUnitY + " is not within 1e-9..1e6");
    }

    public static Scale even(double metresPerUnit) {
        return new Scale(metresPerUnit, metresPerUnit);
    }

    public double mean() {
        return Math.sqrt(metresPerUnitX * metresPerUnitY);
    }

    public boolean isEven() {
        return Math.abs(metresPerUnitX - metresPerUnitY) < 1e-9 * metresPerUnitX;
    }

    public Scale times(double f) {
        return new Scale(metresPerUnitX * f, metresPerUnitY * f);
    }
}
