package brightlintel.correct.lie;

import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Clusters;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * What lies far from all else, and how far all of it lies from the file's 0,0.
 *
 * @param strokes      that are strays; marks likewise, by {@link Strokes#mark(int)}
 * @param box          about the strays, shifted file units; empty where there are none
 * @param main         about the rest
 * @param wastesDigits so far from 0,0 for its size that figures of single precision lose millimetres of a house
 */
public record Astray(List<Integer> strokes, List<Integer> marks, Box box, Box main, boolean wastesDigits) {
    /** Of the plan's size: at a thousand times of it, a figure of seven digits has four left. */
    private static final double FAR = 300;

    public Astray {
        strokes = List.copyOf(strokes);
        marks = List.copyOf(marks);
    }

    public static Astray of(Drawn d) {
        Strokes s = d.strokes();
        List<Integer> which = new ArrayList<>();
        List<Box> boxes = new ArrayList<>();
        for (int i = 0; i < s.size(); i++) {
            if (!d.strokeShown().test(i) || s.entityOf(i) instanceof Entity.Endless) continue;
            which.add(i);
            boxes.add(box(s, i));
        }
        int strokes = which.size();
        for (int i = 0; i < s.marks(); i++)
            if (d.markShown().test(i) && !s.mark(i).box().isEmpty()) {
                which.add(i);
                boxes.add(s.mark(i).box());
            }
        double[][] flat = new double[4][boxes.size()];
        for (int i = 0; i < boxes.size(); i++) {
            Box b = boxes.get(i);
            flat[0][i] = b.minX();
            flat[1][i] = b.maxX();
            flat[2][i] = b.minY();
            flat[3][i] = b.maxY();
        }
        boolean[] in = Clusters.main(flat, boxes.size());
        Box main = Box.EMPTY, stray = Box.EMPTY;
        List<Integer> lone = new ArrayList<>(), marks = new ArrayList<>();
        for (int i = 0; i < in.length; i++) {
            if (in[i]) main = main.with(boxes.get(i));
            else {
                stray = stray.with(boxes.get(i));
                (i < strokes ? lone : marks).add(which.get(i));
            }
        }
        Point middle = main.isEmpty() ? Point.ORIGIN : main.centre().plus(s.origin());
        return new Astray(lone, marks, stray, main, !main.isEmpty() && middle.length() > FAR * main.diagonal());
    }

    public int count() {
        return strokes.size() + marks.size();
    }

    private static Box box(Strokes s, int i) {
        Box b = Box.EMPTY;
        for (int c = 4 * s.firstChord(i); c < 4 * s.firstChord(i + 1); c += 2) b = b.with(new Point(s.xy()[c], s.xy()[c + 1]));
        return b;
    }
}
