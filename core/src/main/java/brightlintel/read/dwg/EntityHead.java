package brightlintel.read.dwg;

import brightlintel.drawing.Colour;
import java.util.Optional;

/**
 * What every entity says before its shape: owner, colour, line type, layer.
 *
 * @param mode     0 owned by what {@link #owner} names, 1 on the current sheet, 2 in the model
 * @param lineType 0 by layer, 1 by block, 2 continuous, else a reference follows
 */
record EntityHead(int mode, int reactors, boolean extension, boolean links, Colour colour, boolean colourReference, double lineTypeScale,
    int lineType, int plotStyle,
                  int material, int shadow, int visualStyles, boolean visible, int weight) {
    private static final int TRUE_COLOUR = 0x8000, REFERENCE = 0x4000, TRANSPARENCY = 0x2000;

    static EntityHead read(ObjectBits o) {
        Bits in = o.data();
        Version v = o.version();
        if (in.bit()) in.skip(8 * (v.from(Version.R2010) ? in.bitLongLong() : in.rawLong() & 0xffffffffL));
        int mode = in.two();
        int reactors = in.count(in.bitLong(), 0);
        boolean extension = !(v.from(Version.R2004) && in.bit());
        if (v.from(Version.R2013)) in.bit();
        boolean links = !v.from(Version.R2004) && !in.bit();
        int flags = in.bitShort() & 0xffff;
        Optional<Integer> rgb = Optional.empty();
        boolean reference = false;
        if (v.from(Version.R2004)) {
            if ((flags & TRUE_COLOUR) != 0) rgb = Colours.ofWord(in.bitLong());
            reference = (flags & REFERENCE) != 0;
            if ((flags & TRANSPARENCY) != 0) in.bitLong();
        }
        Colour colour = Colours.of(flags & 0x1ff, rgb);
        double scale = in.bitDouble();
        int lineType = in.two(), plotStyle = in.two(), material = 0, shadow = 0, visual = 0;
        if (v.from(Version.R2007)) {
            material = in.two();
            shadow = in.rawByte();
        }
        if (v.from(Version.R2010)) for (int i = 0; i < 3; i++) if (in.bit()) visual++;
        boolean visible = (in.bitShort() & 1) == 0;
        return new EntityHead(mode, reactors, extension, links, colour, reference, scale, lineType, plotStyle, material, shadow, visual,
            visible, Weights.of(in.rawByte()));
    }

    /**
     * References of the head.
     *
     * @param next in the chain of its owner, 0 where the chain is not kept
     */
    record Ties(long owner, long next, long layer, long lineType) { }

    Ties ties(ObjectBits o) {
        Version v = o.version();
        long owner = mode == 0 ? o.reference() : 0;
        o.skipReferences(reactors);
        if (extension) o.reference();
        long next = v.from(Version.R2004) ? 0 : o.handle() + 1;
        if (links) {
            o.reference();
            next = o.reference();
        }
        if (colourReference) o.reference();
        long layer = o.reference(), type = lineType == 3 ? o.reference() : 0;
        if (material == 3) o.reference();
        if (v.from(Version.R2007) && shadow == 3) o.reference();
        if (plotStyle == 3) o.reference();
        o.skipReferences(visualStyles);
        return new Ties(owner, next, layer, type);
    }
}
