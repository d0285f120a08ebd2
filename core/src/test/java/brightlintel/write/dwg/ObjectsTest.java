package brightlintel.write.dwg;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.notation.Seeds;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** Objects lie where their map says, each with its length before it and its checksum behind; read here by the published layout. */
class ObjectsTest {
    private static int crc(byte[] b, int from, int n) {
        int c = 0xC0C1;
        for (int i = from; i < from + n; i++) {
            c ^= b[i] & 255;
            for (int k = 0; k < 8; k++) c = (c & 1) != 0 ? c >>> 1 ^ 0xA001 : c >>> 1;
        }
        return c;
    }

    /** Handles and places, from sections of differences. */
    private static Map<Long, Long> places(byte[] map) {
        Map<Long, Long> out = new TreeMap<>();
        int at = 0;
        while (true) {
            int n = (map[at] & 255) << 8 | map[at + 1] & 255;
            assertThat((map[at + n] & 255) << 8 | map[at + n + 1] & 255).as("checksum of the section at " + at).isEqualTo(crc(map, at, n));
            if (n == 2) break;
            int[] i = {at + 2};
            long handle = 0, place = 0;
            while (i[0] < at + n) {
                handle += modular(map, i, false);
                place += modular(map, i, true);
                out.put(handle, place);
            }
            at += n + 2;
        }
        return out;
    }

    private static long modular(byte[] b, int[] i, boolean signed) {
        long v = 0;
        for (int shift = 0; ; shift += 7) {
            int x = b[i[0]++] & 255;
            boolean last = x < 128;
            if (last && signed) return (x & 64) != 0 ? -(v | (long) (x & 63) << shift) : v | (long) (x & 63) << shift;
            v |= (long) (x & 127) << shift;
            if (last) return v;
        }
    }

    @Test void theMapLeadsToEveryObject() {
        Seeds.each(6, seed -> {
            Random r = new Random(seed);
            int begin = 1000 + r.nextInt(5000), n = 1 + r.nextInt(1500);
            Objects objects = new Objects(begin);
            Map<Long, Integer> sizes = new TreeMap<>();
            long handle = 0;
            for (int k = 0; k < n; k++) {
                handle += 1 + r.nextInt(k % 50 == 0 ? 5000 : 3);
                objects.begin(19 + r.nextInt(200), handle);
                int bytes = r.nextInt(r.nextInt(20) == 0 ? 40_000 : 60);
                for (int i = 0; i < bytes; i++) objects.data().rawByte(r.nextInt(256));
                objects.references().handle(5, handle + 1);
                objects.end();
                sizes.put(handle, bytes);
            }
            byte[] file = objects.bytes();
            Map<Long, Long> places = places(objects.map());
            assertThat(places.keySet()).isEqualTo(sizes.keySet());
            long end = begin;
            for (Map.Entry<Long, Long> e : new TreeMap<>(places).entrySet()) {
                int at = (int) (e.getValue() - begin);
                int[] i = {at};
                long size = 0;
                for (int shift = 0; ; shift += 15) {
                    int x = file[i[0]] & 255 | (file[i[0] + 1] & 255) << 8;
                    i[0] += 2;
                    size |= (long) (x & 0x7fff) << shift;
                    if (x < 0x8000) break;
                }
                int last = i[0] + (int) size;
                assertThat(file[last] & 255 | (file[last + 1] & 255) << 8).as("checksum of " + e.getKey())
                    .isEqualTo(crc(file, at, last - at));
                assertThat(size).isGreaterThanOrEqualTo(sizes.get(e.getKey()));
                assertThat(e.getValue()).as("one behind the other").isEqualTo(end);
                end = begin + last + 2L;
            }
            assertThat(end - begin).isEqualTo(file.length);
        });
    }
}
