package brightlintel.write.plot;

import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.List;

/** A sheet with all that is on it. @param layers in the order in which they are painted */
public record Plot(Sheet sheet, String title, List<String> layers, List<Item> items) {
    public Plot {
        layers = List.copyOf(layers);
        items = List.copyOf(items);
    }

    public sealed interface Item {
        String layer();
    }

    /** @param width millimetres; dashes on and off, none for an unbroken line; rgb 0xRRGGBB */
    public record Pen(double width, int rgb, List<Double> dashes) {
        public Pen {
            dashes = List.copyOf(dashes);
        }

        static Pen of(double width, int rgb) {
            return new Pen(width, rgb, List.of());
        }
    }

    public record Stroke(String layer, List<Curve> chain, boolean closed, Pen pen) implements Item {
        public Stroke {
            chain = List.copyOf(chain);
        }
    }

    /** Holes by the even-odd rule. */
    public record Fill(String layer, List<List<Curve>> rings, int rgb) implements Item {
        public Fill {
            rings = rings.stream().map(List::copyOf).toList();
        }
    }

    public enum Align { LEFT, CENTRE, RIGHT }

    /** @param height of its capitals; width that it is to fill, 0 for its own; turn radians */
    public record Label(String layer, String text, Point at, double height, double width, double turn, Align align, int rgb)
        implements Item { }
}
