package brightlintel.bench;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Slab;
import brightlintel.building.Stand;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.demo.HeronQuay;
import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.store.Originals;
import brightlintel.store.ProjectFile;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/** Writes what frames are measured over: a million strokes, a scan of A1, a traced storey. */
public final class FrameFiles {
    private static final int ENTITIES = 275_000, COPIES = 24, IN_A_ROW = 6;
    private static final int LAYERS = 200, ON_A_LAYER = 1500;
    private static final int SCAN_WIDE = 19_866, SCAN_HIGH = 14_043, LINES = 400;

    private FrameFiles() { }

    public static void main(String[] args) throws IOException {
        Path folder = Files.createDirectories(Path.of(args[0]));
        LargeDxf.mixed(folder.resolve("million.dxf"), ENTITIES);
        layers(folder.resolve("layers.dxf"));
        scan(folder.resolve("scan.tif"));
        ProjectFile.save(storey(), Originals.temporary(), folder.resolve("storey.lintel"));
    }

    /** Many layers, each all over the plan: what the list of layers is measured with. */
    private static void layers(Path f) throws IOException {
        Random r = new Random(11);
        try (BufferedWriter out = Files.newBufferedWriter(f)) {
            out.write("0\nSECTION\n2\nENTITIES\n");
            for (int i = 0; i < LAYERS * ON_A_LAYER; i++) {
                int x = r.nextInt(90_000), y = r.nextInt(60_000);
                out.write(String.format(Locale.ROOT, "0\nLINE\n8\nLAYER-%03d\n10\n%d\n20\n%d\n11\n%d\n21\n%d\n", i % LAYERS + 1, x, y,
                    x + r.nextInt(4000) - 2000, y + r.nextInt(4000) - 2000));
            }
            out.write("0\nENDSEC\n0\nEOF\n");
        }
    }

    /** Black and white, packed as scanners do. */
    private static void scan(Path f) throws IOException {
        BufferedImage b = new BufferedImage(SCAN_WIDE, SCAN_HIGH, BufferedImage.TYPE_BYTE_BINARY);
        Graphics2D g = b.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, SCAN_WIDE, SCAN_HIGH);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(9));
        for (int i = 0; i < LINES; i++) {
            int x = i * 7919 % (SCAN_WIDE - 3000), y = i * 4801 % (SCAN_HIGH - 2000);
            g.drawRect(x, y, 300 + i * 31 % 2500, 200 + i * 17 % 1500);
            g.drawLine(x, y, x + 1500, y + 700);
        }
        g.dispose();
        ImageWriter w = ImageIO.getImageWritersByFormatName("tiff").next();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(f.toFile())) {
            ImageWriteParam p = w.getDefaultWriteParam();
            p.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            p.setCompressionType("CCITT T.6");
            w.setOutput(out);
            w.write(null, new IIOImage(b, null, null), p);
        } finally {
            w.dispose();
        }
    }

    /** Over 300 walls with over 200 openings, a slab round each house that follows its walls, a grid. */
    static Project storey() {
        List<StoreyElement> all = new ArrayList<>();
        HeronQuay.Plan plan = HeronQuay.ground();
        for (int i = 0; i < COPIES; i++) {
            Map<ElementId, ElementId> now = new HashMap<>();
            Set<ElementId> walls = new HashSet<>();
            Affine move = Affine.move(i % IN_A_ROW * 32, i / IN_A_ROW * 24);
            for (Wall w : plan.walls()) {
                ElementId id = ElementId.fresh();
                now.put(w.id(), id);
                walls.add(id);
                all.add(w.withId(id).with(w.reference().mapped(move)));
            }
            for (Opening o : plan.openings()) all.add(o.withId(ElementId.fresh(), Provenance.BY_HAND).withWall(now.get(o.wall())));
            Ring outline = new Ring(List.of(move.apply(0, 0), move.apply(24, 0), move.apply(24, 14), move.apply(0, 14)));
            all.add(new Slab(ElementId.fresh(), outline, List.of(), Stand.FLOOR, Given.stated(0.2), Optional.of(walls),
                Provenance.BY_HAND));
        }
        Project p = Project.empty("Terraces", "Ground");
        StoreyId on = p.storeys().getFirst().id();
        List<GridLine> grid = new ArrayList<>();
        for (int i = 0; i < IN_A_ROW * 2; i++) grid.add(line("" + (i + 1), new Point(i * 16, -6), new Point(i * 16, 96)));
        for (int i = 0; i < 8; i++) grid.add(line("" + (char) ('A' + i), new Point(-6, i * 12), new Point(192, i * 12)));
        return p.withContents(on, _ -> new Contents(all)).withGrid(grid);
    }

    private static GridLine line(String label, Point a, Point b) {
        return new GridLine(ElementId.fresh(), label, Optional.empty(), Piece.straight(a, b), Optional.empty(), Provenance.BY_HAND);
    }
}
