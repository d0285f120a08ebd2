package brightlintel.sheet;

import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/** A sheet turned upright, in metres as far as its size is known. */
final class Ground {
    /** Of what most of the sheet is across: a stroke that is longer runs on for ever, or to something forgotten far away. */
    private static final double ENDLESS = 40;
    final Strokes strokes;
    final Drawn look;
    final Reckoning reckoning;
    /** Strokes that are shown and lie somewhere. */
    final List<Integer> drawn = new ArrayList<>();
    private final double turn;
    private final Affine upright, back;
    private final Box[] boxes;
    private final double[] lengths;

    Ground(Reckoning r) {
        reckoning = r;
        look = r.look().drawn();
        strokes = look.strokes();
        turn = r.look().directions().isEmpty() ? 0 : r.look().directions().getFirst().angle();
        double m = r.size().metresPerUnit();
        upright = Affine.turn(-turn).then(Affine.scale(m, m));
        back = upright.inverse();
        boxes = new Box[strokes.size()];
        lengths = new double[strokes.size()];
        double most = ENDLESS * r.look().bulk().diagonal() * m;
        for (int i = 0; i < strokes.size(); i++) {
            if (!look.strokeShown().test(i) || strokes.entityOf(i) instanceof Entity.Endless) continue;
            Box b = Box.EMPTY;
            for (int c = strokes.firstChord(i); c < strokes.firstChord(i + 1); c++) {
                b = b.with(chordStart(c)).with(chordEnd(c));
                lengths[i] += chordStart(c).distance(chordEnd(c));
            }
            boxes[i] = b;
            if (b.diagonal() <= most && Heap.gap(b, main()) <= most) drawn.add(i);
        }
    }

    /** By which the plan lies turned in its file. */
    double turn() {
        return turn;
    }

    private Box main() {
        return reckoning.look().bulk().mapped(upright);
    }

    Point chordStart(int chord) {
        return upright.apply(strokes.xy()[4 * chord], strokes.xy()[4 * chord + 1]);
    }

    Point chordEnd(int chord) {
        return upright.apply(strokes.xy()[4 * chord + 2], strokes.xy()[4 * chord + 3]);
    }

    Box box(int stroke) {
        return boxes[stroke];
    }

    double length(int stroke) {
        return lengths[stroke];
    }

    Point upright(Point shifted) {
        return upright.apply(shifted);
    }

    Box upright(Box shifted) {
        return shifted.mapped(upright);
    }

    /** Upright metres to file units. */
    Affine inFile() {
        return back.then(Affine.move(strokes.origin()));
    }
}
