package brightlintel.lengths;

import brightlintel.building.Units;
import java.math.BigInteger;
import java.util.Locale;

/** How lengths are written: millimetres for parts, metres for levels and positions; feet and inches to a sixteenth where chosen. */
public record LengthFormat(Units units) {
    private static final int FRACTION = 16;

    /** What a bare number means where a part is asked for. */
    public LengthUnit partUnit() {
        return units == Units.METRIC ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
    }

    /** What a bare number means where a level, a position or a long way is asked for. */
    public LengthUnit positionUnit() {
        return units == Units.METRIC ? LengthUnit.METRE : LengthUnit.FOOT;
    }

    /** 1 800 or 5'-10 7/8"; without its unit in metric. */
    public String part(double metres) {
        return units == Units.METRIC ? grouped(Math.round(metres * 1000)) : feet(metres);
    }

    public String partWithUnit(double metres) {
        return units == Units.METRIC ? part(metres) + " mm" : feet(metres);
    }

    /** 24.000 m. */
    public String position(double metres) {
        return units == Units.METRIC ? number(metres, 3) + " m" : feet(metres);
    }

    /** 24.0 m: of what is known about. */
    public String about(double metres) {
        return units == Units.METRIC ? groupedAt(metres, 1) + " m" : feet(metres);
    }

    /** 24.000: beside another that carries the unit. */
    public String positionBare(double metres) {
        return units == Units.METRIC ? number(metres, 3) : feet(metres);
    }

    /** +3.30 m, ±0.00 m. */
    public String level(double metres) {
        if (units == Units.FEET_AND_INCHES) return (metres > 1e-9 ? "+" : "") + feet(metres);
        String n = number(metres, 2);
        return (n.equals("0.00") ? "±" : metres > 0 ? "+" : "") + n + " m";
    }

    /** 3.30. */
    public String height(double metres) {
        return units == Units.METRIC ? number(metres, 2) : feet(metres);
    }

    /** 24.0 × 14.0 m. */
    public String size(double width, double height) {
        if (units == Units.FEET_AND_INCHES) return feet(width) + " × " + feet(height);
        int digits = Math.max(width, height) < 1 ? 3 : Math.max(width, height) < 1000 ? 1 : 0;
        return groupedAt(width, digits) + " × " + groupedAt(height, digits) + " m";
    }

    public String area(double squareMetres) {
        return units == Units.METRIC ? number(squareMetres, 1) + " m²"
            : grouped(Math.round(squareMetres / Math.pow(LengthUnit.FOOT.metres(), 2))) + " sq ft";
    }

    /** As measured: 12.345 m², 132.9 sq ft. */
    public String areaExact(double squareMetres) {
        return units == Units.METRIC ? groupedAt(squareMetres, 3) + " m²"
            : groupedAt(squareMetres / Math.pow(LengthUnit.FOOT.metres(), 2), 1) + " sq ft";
    }

    public String volume(double cubicMetres) {
        return units == Units.METRIC ? number(cubicMetres, 2) + " m³" : groupedAt(cubicMetres / Math.pow(LengthUnit.FOOT.metres(), 3), 1)
            + " cu ft";
    }

    public static String angle(double radians) {
        String n = number(Math.toDegrees(radians), 2);
        return n + "°";
    }

    /** 15°, 7.5°: in a field. */
    public static String angleShort(double radians) {
        return number(Math.toDegrees(radians), 2).replaceFirst("\\.?0+$", "") + "°";
    }

    static String number(double v, int digits) {
        String s = String.format(Locale.ROOT, "%." + digits + "f", v);
        if (s.matches("-0\\.?0*")) s = s.substring(1);
        return s.replace('-', '−');
    }

    /** A plain figure, as in a drawing whose units nobody has said: 3 600, 11.81. */
    public static String plain(double v, int digits) {
        return groupedAt(v, digits);
    }

    /** Rounded as a whole first: the part before the point may be carried over by what is behind it. */
    private static String groupedAt(double v, int digits) {
        String s = number(v, digits);
        int dot = s.indexOf('.');
        if (dot < 0) return grouped(Math.round(v));
        String whole = s.substring(0, dot);
        return dot <= 3 ? s : grouped(Long.parseLong(whole.replace('−', '-'))) + s.substring(dot);
    }

    /** Thousands parted by a narrow no-break space. */
    public static String grouped(long v) {
        String s = Long.toString(Math.abs(v));
        StringBuilder b = new StringBuilder();
        for (int i = 0; i < s.length(); i++) {
            if (i > 0 && (s.length() - i) % 3 == 0) b.append('\u202f');
            b.append(s.charAt(i));
        }
        return (v < 0 ? "−" : "") + b;
    }

    static String feet(double metres) {
        long sixteenths = Math.round(Math.abs(metres) / LengthUnit.INCH.metres() * FRACTION);
        long feet = sixteenths / (12L * FRACTION), rest = sixteenths % (12L * FRACTION), inches = rest / FRACTION, part = rest % FRACTION;
        String fraction = "";
        if (part > 0) {
            long g = BigInteger.valueOf(part).gcd(BigInteger.valueOf(FRACTION)).longValue();
            fraction = (inches > 0 || feet > 0 ? " " : "") + part / g + "/" + FRACTION / g;
        }
        String in = (inches == 0 && feet == 0 && part > 0 ? "" : Long.toString(inches)) + fraction + "\"";
        return (metres < 0 && sixteenths > 0 ? "−" : "") + (feet > 0 ? feet + "'-" + in : in);
    }
}
