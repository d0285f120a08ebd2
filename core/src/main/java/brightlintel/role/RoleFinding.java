package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.correct.Reckoning;
import brightlintel.drawing.Strokes;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * The roles of a drawing's layers, of the colours and kinds on layers that hold several, and of its blocks, each with what it rests on.
 *
 * @param manners styles of texts and patterns of hatches
 * @param pens where nearly all is on one layer, and things are told apart by colour
 * @param of by stroke, then by edges that nobody drew ({@link Undrawn}); ofMarks by {@link Strokes#mark(int)}
 */
public record RoleFinding(List<OfPart> layers, List<OfPart> blocks, List<OfPart> manners, List<OfPen> pens, List<Role> of,
    List<Role> ofMarks) {
    public RoleFinding {
        layers = List.copyOf(layers);
        blocks = List.copyOf(blocks);
        manners = List.copyOf(manners);
        pens = List.copyOf(pens);
    }

    /**
     * What a layer or a block was found to be.
     *
     * @param confidence 0 to 1
     * @param isMixed    it holds several things
     * @param units      things on it, a block counted once; roles: how many of them are what
     */
    public record OfPart(String name, Role role, double confidence, boolean isMixed, int units, Map<Role, Integer> roles) {
        public OfPart {
            roles = Map.copyOf(roles);
        }
    }

    /** What has one colour on a layer that holds several things. @param part by the name of its layer */
    public record OfPen(OfPart part, int layer, int colour) { }

    public static RoleFinding of(Reckoning received) {
        Reckoning r = received.unstretched();
        Undrawn u = Undrawn.of(r);
        if (u.isNone()) return new Roles(r).found();
        RoleFinding f = new Roles(Reckoning.of(u.beside(r.look().drawn()))).found();
        List<Role> of = new ArrayList<>(f.of);
        for (int i = 0; i < of.size(); i++) if (u.isMiddle(i)) of.set(i, Role.WALL);
        return new RoleFinding(f.layers, f.blocks, f.manners, f.pens, of, f.ofMarks);
    }

    /** Whether what is on a layer was told by its colours. */
    boolean isPen(int layer) {
        return pens.stream().anyMatch(p -> p.layer == layer);
    }

    static List<Role> filled(Role[] all) {
        List<Role> out = new ArrayList<>(all.length);
        for (Role r : all) out.add(r == null ? Role.OTHER : r);
        return out;
    }
}
