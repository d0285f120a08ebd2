package brightlintel.bench;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

import brightlintel.building.Cast;
import brightlintel.building.Underlay;
import brightlintel.drawing.Progress;
import brightlintel.receive.Cleaned;
import brightlintel.receive.DrawingShelf;
import brightlintel.recognise.Recognised;
import brightlintel.recognise.Recognising;
import brightlintel.role.Casting;
import brightlintel.store.Originals;

/** Storeys of growing numbers of rooms, each with doors, a window, furniture and its name, recognised. */
final class RecogniseBench {
    private static final int ROUNDS = 5;
    private static final double WIDE = 4000, DEEP = 5000, THICK = 200, DOOR = 900;

    private RecogniseBench() { }

    static void run() throws Exception {
        for (int[] n : new int[][] {{5, 4, 40}, {10, 8, 40}, {15, 10, 40}, {15, 10, 200}, {30, 20, 40}}) {
            Path file = Files.write(Files.createTempFile("storey", ".dxf"), storey(n[0], n[1], n[2]).getBytes(StandardCharsets.US_ASCII));
            DrawingShelf.Shelved s = new DrawingShelf(Originals.temporary()).take(file, Progress.NONE);
            Cleaned c = Cleaned.whole("storey", s);
            Underlay u = c.project().underlay(c.underlay()).orElseThrow();
            List<Cast> casts = Casting.proposed(c.roles(), s.strokes());
            double[] look = new double[ROUNDS], of = new double[ROUNDS];
            Recognised found = Recognised.NOTHING;
            for (int i = 0; i < ROUNDS; i++) {
                long t = System.nanoTime();
                Recognising at = Recognising.of(s.drawing(), u, s.mender());
                look[i] = (System.nanoTime() - t) / 1e6;
                t = System.nanoTime();
                found = at.of(u, casts, Progress.NONE);
                of[i] = (System.nanoTime() - t) / 1e6;
            }
            Arrays.sort(look);
            Arrays.sort(of);
            System.out.printf("recognised %d rooms, %d walls, %d openings of %d strokes: looked through %.0f ms, recognised %.0f ms%n",
                found.rooms().size(), found.walls().size(), found.openings().size(), s.strokes().size(), look[ROUNDS / 2], of[ROUNDS / 2]);
            Files.delete(file);
        }
    }

    /** @param clutter strokes of furniture in each room */
    private static String storey(int across, int up, int clutter) {
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n");
        for (int i = 0; i < across; i++) for (int k = 0; k < up; k++) {
            double x = i * WIDE, y = k * DEEP, in = THICK / 2, r = x + WIDE, t = y + DEEP;
            // the inner faces of a room, its door in the lower wall
            line(b, "WALLS", x + in, y + in, x + 1000, y + in);
            line(b, "WALLS", x + 1000 + DOOR, y + in, r - in, y + in);
            line(b, "WALLS", r - in, y + in, r - in, t - in);
            line(b, "WALLS", x + in, t - in, x + 1000, t - in);
            line(b, "WALLS", x + 1000 + DOOR, t - in, r - in, t - in);
            line(b, "WALLS", x + in, y + in, x + in, t - in);
            for (double jamb : new double[] {1000, 1000 + DOOR}) line(b, "WALLS", x + jamb, y - in, x + jamb, y + in);
            b.append("0\nARC\n8\nDOORS\n10\n").append(x + 1000).append("\n20\n").append(y + in).append("\n40\n").append(DOOR)
                .append("\n50\n0\n51\n90\n");
            line(b, "DOORS", x + 1000, y + in, x + 1000, y + in + DOOR);
            for (int f = 0; f < clutter; f++) line(b, "FURNITURE", x + 600 + 13 * (f % 40), y + 2000 + 41 * (f / 4), x + 900
                + 13 * (f % 40), y
                + 2000 + 41 * (f / 4) + 7 * (f % 5));
            b.append("0\nTEXT\n8\nROOMS\n10\n").append(x + 1500).append("\n20\n").append(y + 3500).append("\n40\n200\n1\nOffice\n");
        }
        double w = across * WIDE, h = up * DEEP, out = THICK / 2;
        line(b, "WALLS", -out, -out, w + out, -out);
        line(b, "WALLS", w + out, -out, w + out, h + out);
        line(b, "WALLS", w + out, h + out, -out, h + out);
        line(b, "WALLS", -out, h + out, -out, -out);
        return b.append("0\nENDSEC\n0\nEOF\n").toString();
    }

    private static void line(StringBuilder b, String layer, double x0, double y0, double x1, double y1) {
        b.append("0\nLINE\n8\n").append(layer).append("\n10\n").append(x0).append("\n20\n").append(y0).append("\n11\n").append(x1)
            .append("\n21\n").append(y1).append('\n');
    }
}
