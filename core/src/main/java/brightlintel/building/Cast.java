package brightlintel.building;

import brightlintel.drawing.Names;

/** A part of a drawing and the role that it has. */
public record Cast(Part part, Given<Role> role) {
    /** Which part; names in lower case, as formats compare them. */
    public sealed interface Part {
        record Layer(String name) implements Part {
            public Layer {
                name = Names.key(name);
            }
        }

        /** Everything that came in through references to a block. */
        record Block(String name) implements Part {
            public Block {
                name = Names.key(name);
            }
        }

        /** What has one colour on a layer that holds several things, each drawn in its own. @param colour 0xRRGGBB */
        record LayerColour(String layer, int colour) implements Part {
            public LayerColour {
                layer = Names.key(layer);
            }
        }

        /** Texts of one style, hatches of one pattern, on layers that hold several things. @param name as formats compare them */
        record Manner(String name) implements Part {
            public Manner {
                name = Names.key(name);
            }
        }

        /** A layer that holds several things is parted by kind; kind is the format's word, like LINE. */
        record LayerKind(String layer, String kind) implements Part {
            public LayerKind {
                layer = Names.key(layer);
            }
        }
    }
}
