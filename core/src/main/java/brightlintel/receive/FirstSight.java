package brightlintel.receive;

import brightlintel.drawing.Format;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.read.DrawingReader;
import brightlintel.read.Sniffer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * A rough picture of a large text DXF long before it is read: of samples spread over its entities, each from one record to another. Blocks
 * are not unfolded in it, and nothing is kept of it. Smaller files are read as quickly.
 */
public final class FirstSight {
    private static final long LARGE = 8L << 20;
    private static final int SAMPLES = 48, LONG = 48 << 10, BUFFER = 1 << 20;

    private FirstSight() { }

    /** @param side of the picture, pixels. @return nothing where the file is small, of another format, or makes no sense so far */
    public static Optional<PageGlance> of(Path file, int side) {
        try {
            if (Files.size(file) < LARGE || Sniffer.sniff(file) != Format.DXF) return Optional.empty();
            Path sampled = Files.createTempFile("sight", ".dxf");
            try {
                Files.write(sampled, sample(file));
                return Optional.of(PageGlance.of(DrawingReader.look(sampled, ReadLimits.DEFAULT, Progress.NONE), side, Progress.NONE))
                    .filter(g -> !g.isEmpty());
            } finally {
                Files.delete(sampled);
            }
        } catch (IOException e) {
            // reading it whole will say what is wrong
            return Optional.empty();
        }
    }

    private static byte[] sample(Path file) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes("0\nSECTION\n2\nENTITIES\n".getBytes(StandardCharsets.US_ASCII));
        try (FileChannel in = FileChannel.open(file)) {
            long from = after(in, "\nENTITIES", 0), end = in.size();
            if (from < 0) return new byte[0];
            long step = Math.max(LONG, (end - from) / SAMPLES);
            for (long at = from; at < end; at += step) records(read(in, at, LONG), out);
        }
        out.writeBytes("0\nENDSEC\n0\nEOF\n".getBytes(StandardCharsets.US_ASCII));
        return out.toByteArray();
    }

    /** What lies between the first beginning of a record and the last, up to the end of the section. */
    private static void records(String part, ByteArrayOutputStream out) {
        int first = record(part, 0), last = first, ends = part.indexOf("\nENDSEC");
        String whole = ends < 0 ? part : part.substring(0, ends + 1);
        for (int i = first; i >= 0 && i < whole.length(); i = record(whole, whole.indexOf('\n', i) + 1)) last = i;
        if (first >= 0 && last > first && last <= whole.length())
            out.writeBytes(whole.substring(first, last).getBytes(StandardCharsets.ISO_8859_1));
    }

    /** Where the code 0 stands alone on a line, with a word on the next: other zeros are values. */
    private static int record(String s, int from) {
        for (int i = s.indexOf("0", from); i >= 0; i = s.indexOf("0", i + 1)) {
            int before = i - 1;
            while (before >= 0 && s.charAt(before) == ' ') before--;
            int after = i + 1;
            if (after < s.length() && s.charAt(after) == '\r') after++;
            boolean alone = (before < 0 || s.charAt(before) == '\n') && after < s.length() && s.charAt(after) == '\n';
            if (alone && after + 1 < s.length() && Character.isUpperCase(s.charAt(after + 1))) return before + 1;
        }
        return -1;
    }

    private static String read(FileChannel in, long at, int length) throws IOException {
        ByteBuffer b = ByteBuffer.allocate((int) Math.min(length, in.size() - at));
        while (b.hasRemaining() && in.read(b, at + b.position()) > 0) { }
        return new String(b.array(), 0, b.position(), StandardCharsets.ISO_8859_1);
    }

    /** @return where a word ends, or -1 */
    private static long after(FileChannel in, String word, long from) throws IOException {
        for (long at = from; at < in.size(); at += BUFFER - word.length()) {
            int i = read(in, at, BUFFER).indexOf(word);
            if (i >= 0) return at + i + word.length();
        }
        return -1;
    }
}
