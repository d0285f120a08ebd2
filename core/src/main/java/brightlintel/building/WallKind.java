package brightlintel.building;

import java.util.List;

/**
 * What walls are called that are built alike: outer 360, partition 115. A kind that is changed changes all its walls.
 *
 * @param thickness metres, of all of its layers together
 * @param outer     whether the outside lies at one of its faces
 * @param colour    in plan, 0xRRGGBB, or -1 for ink
 * @param layers    from the left face to the right; none where nobody said
 */
public record WallKind(KindId id, String name, double thickness, boolean outer, int colour, List<Layer> layers) implements Kind {
    /** @param thickness metres */
    public record Layer(String material, double thickness) {
        public Layer {
            if (!(thickness > 0 && thickness < 20)) throw new IllegalArgumentException("thickness " + thickness + " is not within 0..20");
        }
    }

    public WallKind {
        layers = List.copyOf(layers);
        if (!(thickness > 0.001 && thickness < 20)) throw new IllegalArgumentException("thickness " + thickness
            + " is not within 0.001..20");
        if (colour < -1 || colour > 0xffffff) throw new IllegalArgumentException("colour " + colour + " is not within 0..0xFFFFFF");
    }

    public WallKind withName(String n) {
        return new WallKind(id, n, thickness, outer, colour, layers);
    }

    /** The layers no longer add up, and go. */
    public WallKind withThickness(double t) {
        return new WallKind(id, name, t, outer, colour, t == thickness ? layers : List.of());
    }

    public WallKind withOuter(boolean o) {
        return new WallKind(id, name, thickness, o, colour, layers);
    }

    public WallKind withColour(int rgb) {
        return new WallKind(id, name, thickness, outer, rgb, layers);
    }

    /** As thick as its layers together; with none, as it was. */
    public WallKind withLayers(List<Layer> l) {
        double sum = l.stream().mapToDouble(Layer::thickness).sum();
        return new WallKind(id, name, l.isEmpty() ? thickness : sum, outer, colour, l);
    }
}
