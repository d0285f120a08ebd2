package brightlintel.desktop.tool;

import brightlintel.building.UnderlayId;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Two places of a drawing whose distance is known: picked, taken back, shown. They are points, or the two faces of a wall: then a click
 * on a
 * line takes the line, and the distance is square to it.
 */
final class LengthPick {
    private static final double SAME = 1e-6;
    /** Faces that part by more than a degree are not of one wall. */
    private static final double PARALLEL = Math.cos(Math.toRadians(1));
    private final Workspace w;
    private final OnUnderlay points;
    private final boolean faces;
    /** The ends of the first face. */
    private final OnUnderlay face;

    LengthPick(Workspace w, UnderlayId underlay) {
        this(w, underlay, false);
    }

    LengthPick(Workspace w, UnderlayId underlay, boolean faces) {
        this.w = w;
        this.points = new OnUnderlay(w, underlay);
        this.face = new OnUnderlay(w, underlay);
        this.faces = faces;
    }

    OnUnderlay points() {
        return points;
    }

    boolean ofFaces() {
        return faces;
    }

    int size() {
        return faces && points.size() == 0 && face.size() == 2 ? 1 : points.size();
    }

    boolean isComplete() {
        return points.size() == 2;
    }

    /** Metres, in the size that holds now. */
    double drawn() {
        return points.get(0).distance(points.get(1));
    }

    /** A third begins anew. */
    void clicked(Aim aim) {
        if (isComplete()) clear();
        if (faces) {
            face(aim);
            return;
        }
        if (points.size() == 1 && points.get(0).distance(aim.at()) < SAME) return;
        points.add(aim.at());
    }

    private void face(Aim aim) {
        Optional<Curve.Straight> line = w.drawing().filter(d -> d.underlay().id().equals(points.id()))
            .flatMap(d -> Pointing.look(List.of(d), aim)).map(p -> p.drawing().curve(p.stroke()))
            .filter(Curve.Straight.class::isInstance).map(Curve.Straight.class::cast).filter(l -> l.length() > SAME);
        if (line.isEmpty()) {
            w.say(new Message(Message.Tone.BAD, Words.of("known.no-face")));
            return;
        }
        Point a = line.get().a(), along = line.get().b().minus(a).unit(), on = a.plus(along.times(aim.raw().minus(a).dot(along)));
        if (face.size() == 0) {
            face.add(a);
            face.add(line.get().b());
            w.say(Message.NONE);
            return;
        }
        Point from = face.get(0), way = face.get(1).minus(from).unit(), foot = from.plus(way.times(on.minus(from).dot(way)));
        boolean sameFace = foot.distance(on) < SAME;
        if (sameFace || Math.abs(way.dot(along)) < PARALLEL) {
            w.say(new Message(Message.Tone.BAD, Words.of(sameFace ? "known.same-face" : "known.not-parallel")));
            return;
        }
        w.say(Message.NONE);
        points.add(foot);
        points.add(on);
    }

    void clear() {
        points.clear();
        face.clear();
    }

    /** @return false where there was none */
    boolean takeBack() {
        if (!faces) return points.takeBack();
        if (points.size() == 0) {
            boolean there = face.size() > 0;
            face.clear();
            return there;
        }
        points.clear();
        return true;
    }

    Optional<Point> from() {
        return !faces && points.size() == 1 ? Optional.of(points.get(0)) : Optional.empty();
    }

    Tool.Asks asks() {
        return isComplete() ? Tool.Asks.WAY : Tool.Asks.NOTHING;
    }

    List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        if (face.size() == 2) out.add(new Mark.Line(face.get(0), face.get(1), false));
        points.points().forEach(p -> out.add(new Mark.Handle(p, "")));
        from().ifPresent(p -> out.add(new Mark.Line(p, w.aim().at(), true)));
        if (isComplete()) out.add(new Mark.Line(points.get(0), points.get(1), false));
        return out;
    }
}
