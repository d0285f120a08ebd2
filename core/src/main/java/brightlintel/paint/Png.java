package brightlintel.paint;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;

/** Writes a picture as PNG, 8 bits a channel, no alpha. */
public final class Png {
    private Png() { }

    public static void write(Raster r, OutputStream to) throws IOException {
        DataOutputStream out = new DataOutputStream(to);
        out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
        ByteArrayOutputStream head = new ByteArrayOutputStream();
        DataOutputStream h = new DataOutputStream(head);
        h.writeInt(r.width);
        h.writeInt(r.height);
        h.write(new byte[] {8, 2, 0, 0, 0});
        chunk(out, "IHDR", head.toByteArray());
        ByteArrayOutputStream data = new ByteArrayOutputStream();
        try (DeflaterOutputStream z = new DeflaterOutputStream(data, new Deflater(6))) {
            byte[] row = new byte[1 + 3 * r.width];
            for (int y = 0; y < r.height; y++) {
                for (int x = 0; x < r.width; x++) {
                    int p = r.pixels[y * r.width + x];
                    row[1 + 3 * x] = (byte) (p >> 16);
                    row[2 + 3 * x] = (byte) (p >> 8);
                    row[3 + 3 * x] = (byte) p;
                }
                z.write(row);
            }
        }
        chunk(out, "IDAT", data.toByteArray());
        chunk(out, "IEND", new byte[0]);
        out.flush();
    }

    private static void chunk(DataOutputStream out, String name, byte[] data) throws IOException {
        byte[] n = name.getBytes(StandardCharsets.US_ASCII);
        CRC32 crc = new CRC32();
        crc.update(n);
        crc.update(data);
        out.writeInt(data.length);
        out.write(n);
        out.write(data);
        out.writeInt((int) crc.getValue());
    }
}
