package brightlintel.write.ifc;

import java.util.Collection;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** Numbers the entities and spells the values of ISO 10303-21. Equal points, directions and the like are written once. */
final class StepText {
    private final StringBuilder out = new StringBuilder();
    private final Map<String, Integer> shared = new HashMap<>();
    private int last;

    /** A reference to an entity. */
    record Ref(int number) {
        @Override public String toString() {
            return "#" + number;
        }
    }

    /** An enumeration value, or a star or dollar. */
    record Word(String text) {
        @Override public String toString() {
            return text;
        }
    }

    static final Word NONE = new Word("$"), DERIVED = new Word("*");

    static Word of(String enumeration) {
        return new Word("." + enumeration + ".");
    }

    /** A value with its type named, as selects ask for. */
    static Word typed(String type, Object value) {
        return new Word(type + "(" + spell(value) + ")");
    }

    Ref add(String type, Object... values) {
        last++;
        out.append('#').append(last).append('=').append(line(type, values)).append(";\n");
        return new Ref(last);
    }

    Ref once(String type, Object... values) {
        String key = line(type, values);
        Integer n = shared.get(key);
        if (n == null) shared.put(key, n = add(type, values).number());
        return new Ref(n);
    }

    private static String line(String type, Object[] values) {
        StringBuilder b = new StringBuilder(type).append('(');
        for (int i = 0; i < values.length; i++) b.append(i == 0 ? "" : ",").append(spell(values[i]));
        return b.append(')').toString();
    }

    static String spell(Object v) {
        return switch (v) {
            case null -> "$";
            case Double d -> real(d);
            case Integer i -> i.toString();
            case Boolean b -> b ? ".T." : ".F.";
            case String s -> text(s);
            case Collection<?> c -> c.stream().map(StepText::spell).collect(Collectors.joining(",", "(", ")"));
            default -> v.toString();
        };
    }

    /** To a hundredth of a micrometre; never "-0.". */
    static String real(double d) {
        if (!Double.isFinite(d)) throw new IllegalArgumentException("not finite: " + d);
        String s = String.format(Locale.ROOT, "%.8f", d).replaceFirst("0+$", "");
        return s.equals("-0.") ? "0." : s;
    }

    /** What is not plain ASCII stands in hexadecimal: four digits a character, eight for those beyond the first 65,536. */
    static String text(String s) {
        StringBuilder b = new StringBuilder("'");
        int digits = 0;
        for (int c : s.codePoints().toArray()) {
            int needs = c >= 32 && c < 127 ? 0 : c <= 0xFFFF ? 4 : 8;
            if (needs != digits) b.append(digits > 0 ? "\\X0\\" : "").append(needs == 4 ? "\\X2\\" : needs == 8 ? "\\X4\\" : "");
            digits = needs;
            if (digits > 0) b.append(String.format(digits == 4 ? "%04X" : "%08X", c));
            else if (c == '\'') b.append("''");
            else if (c == '\\') b.append("\\\\");
            else b.append((char) c);
        }
        return b.append(digits > 0 ? "\\X0\\" : "").append('\'').toString();
    }

    @Override public String toString() {
        return out.toString();
    }
}
