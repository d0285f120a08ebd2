package brightlintel.read.dxf;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;

class NumbersTest {
    private static double parse(String s) {
        byte[] b = s.getBytes(StandardCharsets.US_ASCII);
        return Numbers.parse(b, 0, b.length);
    }

    /** Law: to the last bit the same as the library's own slow way. */
    @Test void everyNumberIsTheNearestDouble() {
        Random r = new Random(5);
        for (int i = 0; i < 300_000; i++) {
            double v = switch (i % 4) {
                case 0 -> r.nextDouble() * 1e6;
                case 1 -> Double.longBitsToDouble(r.nextLong());
                case 2 -> (r.nextInt(2_000_001) - 1_000_000) / 1024.0;
                default -> r.nextGaussian() * Math.pow(10, r.nextInt(40) - 20);
            };
            if (!Double.isFinite(v)) continue;
            for (String s : new String[] {Double.toString(v), String.format(Locale.ROOT, "%.12f", Math.abs(v) < 1e7 ? v : 1),
                String.format(Locale.ROOT, "%.17e", v), String.format(Locale.ROOT, "%.3f", Math.abs(v) < 1e12 ? v : 2)})
                assertThat(parse(s)).as(s).isEqualTo(Double.parseDouble(s));
        }
    }

    /** Numbers that lie half way between two doubles, where a product that is a little short would fall to the wrong side. */
    @Test void halfWaysGoToTheEvenOne() {
        for (String s : new String[] {"9007199254740993", "9007199254740995", "4503599627370497.5", "4503599627370496.5",
            "0.500000000000000055", "1e23", "8.5e22", "179769313486231570e10", "0", "-0", "0.000", "000123.4500"})
            assertThat(parse(s)).as(s).isEqualTo(Double.parseDouble(s));
    }
}
