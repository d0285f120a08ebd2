package brightlintel.flatten;

import brightlintel.drawing.Block;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Names;
import brightlintel.drawing.RawDrawing;
import brightlintel.geom.Angles;
import java.util.List;

/** How many strokes and chords a drawing will about make, from a sample of its entities: guessing well saves copying tables about. */
record Guess(int strokes, int chords) {
    private static final int SAMPLE = 4000, FEWEST = 64, CURVE = 24;

    /** @param most bytes that the tables may take */
    static Guess of(List<Entity> entities, RawDrawing drawing, double chordError, long most) {
        int step = Math.max(1, entities.size() / SAMPLE);
        double strokes = 0, chords = 0;
        int looked = 0;
        for (int i = 0; i < entities.size(); i += step, looked++) {
            double[] n = of(entities.get(i), drawing, chordError, 0);
            strokes += n[0];
            chords += n[1];
        }
        double share = looked == 0 ? 0 : 1.06 * entities.size() / looked;
        return new Guess((int) Math.clamp(strokes * share, FEWEST, Math.max(FEWEST, most / StrokeTable.STROKE)),
            (int) Math.clamp(chords * share, FEWEST, Math.max(FEWEST, most / StrokeTable.CHORD / 2)));
    }

    private static double[] of(Entity e, RawDrawing d, double error, int depth) {
        return switch (e) {
            case Entity.Arc a -> new double[] {1, Chords.count(a.radius(), Angles.sweep(a.start(), a.end()), error)};
            case Entity.Circle c -> new double[] {1, Chords.count(c.radius(), Angles.TURN, error)};
            case Entity.Ellipse _, Entity.Spline _ -> new double[] {1, CURVE};
            case Entity.Polyline p -> new double[] {p.size(), p.size()};
            case Entity.MultiLine m -> new double[] {2 * m.joints().size(), 2 * m.joints().size()};
            case Entity.Corners _, Entity.Picture _ -> new double[] {4, 4};
            case Entity.Insert i -> ofBlock(d.blocks().get(Names.key(i.block())), d, error, depth);
            case Entity.Dimension m -> ofBlock(d.blocks().get(Names.key(m.block())), d, error, depth);
            case Entity.Hatch h when h.edged() -> new double[] {4, 4};
            case Entity.Text _, Entity.Hatch _, Entity.Dot _, Entity.Viewport _, Entity.KnownByKindOnly _ -> new double[2];
            case Entity.Line _, Entity.Leader _, Entity.MultiLeader _, Entity.Endless _ -> new double[] {1, 1};
        };
    }

    /** A block of blocks counts three levels deep. */
    private static double[] ofBlock(Block b, RawDrawing d, double error, int depth) {
        double[] sum = new double[2];
        if (b == null || depth > 2 || b.entities().size() > SAMPLE) return sum;
        for (Entity e : b.entities()) {
            double[] n = of(e, d, error, depth + 1);
            sum[0] += n[0];
            sum[1] += n[1];
        }
        return sum;
    }
}
