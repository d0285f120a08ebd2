package brightlintel.notation;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/** Turns a text file of the exchange format into its binary form, pair by pair. */
public final class BinaryDxf {
    private BinaryDxf() { }

    /** @param old codes of one byte, as before R13 */
    public static byte[] of(String text, boolean old) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write("AutoCAD Binary DXF\r\n\u001a\0".getBytes(StandardCharsets.US_ASCII));
        String[] lines = text.split("\n");
        for (int i = 0; i + 1 < lines.length; i += 2) {
            int code = Integer.parseInt(lines[i].trim());
            if (old && code < 255) out.write(code);
            else {
                if (old) out.write(255);
                out.write(little(2).putShort((short) code).array());
            }
            value(out, code, lines[i + 1]);
        }
        return out.toByteArray();
    }

    private static ByteBuffer little(int n) {
        return ByteBuffer.allocate(n).order(ByteOrder.LITTLE_ENDIAN);
    }

    private static void value(ByteArrayOutputStream out, int c, String v) throws IOException {
        String t = v.trim();
        if (c >= 10 && c <= 59 || c >= 110 && c <= 149 || c >= 210 && c <= 239)
            out.write(little(8).putDouble(Double.parseDouble(t)).array());
        else if (c >= 60 && c <= 79 || c >= 170 && c <= 179 || c >= 270 && c <= 289 || c >= 370 && c <= 389)
            out.write(little(2).putShort((short) Integer.parseInt(t)).array());
        else if (c >= 90 && c <= 99 || c >= 420 && c <= 429) out.write(little(4).putInt(Integer.parseInt(t)).array());
        else if (c >= 290 && c <= 299) out.write(Integer.parseInt(t));
        else {
            out.write(v.getBytes(StandardCharsets.UTF_8));
            out.write(0);
        }
    }
}
