package brightlintel.desktop.tool;

import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Role;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Storey;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosure;
import brightlintel.joint.Leaks;
import brightlintel.place.PlacedDrawing;
import brightlintel.role.Casting;
import brightlintel.select.Picked;
import brightlintel.trace.DrawnOutlines;
import brightlintel.trace.RoomNumbers;
import brightlintel.trace.RoomWords;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** A click within walls makes a room, with the number and name that are written in it. Enter makes all that are left. */
public final class RoomTool implements Tool {
    /** Metres beside a wall's face where the room of an opening is looked for. */
    private static final double BESIDE = 0.05;
    private final Workspace w;
    private List<Leaks.Gap> gaps = List.of();

    public RoomTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "room";
    }

    @Override public String prompt() {
        if (!gaps.isEmpty()) return Words.count("prompt.room.leaks", gaps.size(), w.lengths().position(gaps.getFirst().width()));
        int left = w.solved().enclosures().all().size() - taken(w);
        return left > 0 ? Words.count("prompt.room", left) : Words.of("prompt.room.none-left");
    }

    /** Selects the windows, or the doors, of the selected rooms. */
    public static void selectOpenings(Workspace w, boolean windows) {
        List<Enclosure> grounds = w.selected().stream().filter(e -> e instanceof Room).flatMap(e -> w.solved().enclosures().of((Room) e)
            .stream()).toList();
        Set<ElementId> ids = new HashSet<>();
        for (Opening o : w.contents().openings()) {
            boolean kind = o.filling() instanceof Opening.Filling.Window == windows && !(o.filling() instanceof Opening.Filling.Glazed);
            Wall x = kind ? w.contents().wall(o.wall()).orElse(null) : null;
            if (x == null) continue;
            for (double off : new double[] {x.left() + BESIDE, -x.right() - BESIDE}) {
                Point p = x.reference().at(o.along(), off);
                if (grounds.stream().anyMatch(g -> g.holds(p))) ids.add(o.id());
            }
        }
        if (ids.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of(windows ? "room.no-windows" : "room.no-doors")));
        else w.select(ids);
    }

    private static int taken(Workspace w) {
        return (int) w.solved().enclosures().all().stream().filter(e -> isTaken(w, e)).count();
    }

    /** Whether a room is there already, however it is bounded. */
    private static boolean isTaken(Workspace w, Enclosure e) {
        return w.contents().rooms().stream().anyMatch(r -> switch (r.bound()) {
            case Room.Bound.Within(Point at) -> e.holds(at);
            case Room.Bound.Drawn d -> d.outline().holds(e.middle());
        });
    }

    @Override public void projectChanged() {
        gaps = List.of();
    }

    @Override public void clicked(Aim aim) {
        gaps = List.of();
        Point p = aim.raw();
        Optional<Room> there = roomAt(w, p);
        if (there.isPresent()) {
            w.select(Set.of(there.get().id()));
            return;
        }
        Optional<Enclosure> e = w.solved().enclosures().at(p);
        if (e.isPresent()) {
            add(w, List.of(room(w, new Room.Bound.Within(p), e.get(), w.contents().rooms())));
            return;
        }
        gaps = Leaks.of(p, w.contents(), w.solved().enclosures(), Tolerances.BUILDING);
        if (gaps.isEmpty())
            w.say(new Message(Message.Tone.BAD, Words.of(w.solved().enclosures().isOpen(p) ? "room.open" : "room.in-wall")));
    }

    public static Optional<Room> roomAt(Workspace w, Point p) {
        if (w.contents().rooms().isEmpty()) return Optional.empty();
        return w.contents().rooms().stream().filter(r -> w.solved().enclosures().of(r).filter(e -> e.holds(p)).isPresent()).findFirst();
    }

    /** With what is written in it; without a number there it takes the next. @param before rooms that it is numbered after */
    static Room room(Workspace w, Room.Bound bound, Enclosure ground, List<Room> before) {
        RoomWords words = RoomWords.in(ground, w.drawings());
        String typed = w.settings().roomNumber();
        String number = !words.number().isEmpty() ? words.number() : !typed.isEmpty() ? typed : RoomNumbers.next(before, firstNumber(w));
        if (words.number().isEmpty() && !typed.isEmpty()) w.settings().roomNumber(RoomNumbers.after(typed));
        return new Room(ElementId.fresh(), number, words.name(), bound, words.area(), Optional.empty(), "", Provenance.BY_HAND);
    }

    /** 0.01 on the ground, 1.01 above it. */
    public static String firstNumber(Workspace w) {
        List<Storey> all = w.project().storeys();
        int ground = 0, own = all.indexOf(w.storey());
        for (int i = 0; i < all.size(); i++)
            if (Math.abs(all.get(i).level().value()) < Math.abs(all.get(ground).level().value())) ground = i;
        return own - ground + ".01";
    }

    static void add(Workspace w, List<Room> some) {
        w.apply(Tracing.add(some.size() == 1 ? "edit.room" : "edit.rooms", w.storeyId(), some));
        w.select(some.size() == 1 ? Set.of(some.getFirst().id()) : Set.of());
    }

    /** Every space within walls that has no room yet, in one step. */
    public static void all(Workspace w) {
        List<Room> out = new ArrayList<>(), before = new ArrayList<>(w.contents().rooms());
        for (Enclosure e : w.solved().enclosures().all()) {
            if (isTaken(w, e)) continue;
            Room r = room(w, new Room.Bound.Within(e.middle()), e, before);
            out.add(r);
            before.add(r);
        }
        if (out.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("room.none-left")));
        else add(w, out);
    }

    /** What drawn rooms leave of the spaces within walls, each as a room with an outline of its own. */
    public static void remaining(Workspace w) {
        List<Enclosure> taken = w.contents().rooms().stream().flatMap(r -> w.solved().enclosures().of(r).stream()).toList();
        List<Room> out = new ArrayList<>(), before = new ArrayList<>(w.contents().rooms());
        for (Enclosure e : w.solved().enclosures().remaining(taken)) {
            Room r = room(w, new Room.Bound.Drawn(e.outline(), e.holes()), e, before);
            out.add(r);
            before.add(r);
        }
        if (out.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("room.none-left")));
        else add(w, out);
    }

    /** Of the drawing in hand: outlines of rooms that are picked, else those on layers that hold them. */
    public static void fromOutlines(Workspace w) {
        PlacedDrawing d = w.drawing().orElseThrow();
        Picked picked = w.onBoard().picked(d);
        Casting.Lookup roles = new Casting.Lookup(w.casts().of(d).orElse(List.of()));
        List<DrawnOutlines.Outline> found = DrawnOutlines.of(d, i -> picked.isEmpty()
            ? roles.of(d.strokes(), i).filter(r -> r == Role.ROOM_OUTLINE).isPresent() : picked.hasStroke(i));
        List<Room> out = new ArrayList<>(), before = new ArrayList<>(w.contents().rooms());
        for (DrawnOutlines.Outline o : found) {
            Enclosure e = new Enclosure(o.ring(), List.of());
            if (before.stream().anyMatch(r -> w.solved().enclosures().of(r).filter(x -> x.holds(e.middle())).isPresent())) continue;
            Room r = room(w, new Room.Bound.Drawn(o.ring(), List.of()), e, before);
            out.add(r);
            before.add(r);
        }
        if (out.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("room.no-outlines")));
        else add(w, out);
    }

    @Override public void finish() {
        all(w);
    }

    /** A number for the next room. */
    @Override public Asks asks() {
        return Asks.TEXT;
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (text.isBlank() || text.length() > 20) return false;
        w.settings().roomNumber(text.strip());
        return true;
    }

    public boolean leaks() {
        return !gaps.isEmpty();
    }

    /** Closes what lets the space out with separation lines. */
    public void close() {
        List<Separation> lines = gaps.stream().map(g -> new Separation(ElementId.fresh(), Piece.straight(g.from(), g.to()),
            Provenance.BY_HAND))
            .toList();
        gaps = List.of();
        w.apply(Tracing.add("edit.separation", w.storeyId(), lines));
    }

    @Override public boolean back() {
        return escape();
    }

    @Override public boolean escape() {
        boolean had = !gaps.isEmpty();
        gaps = List.of();
        return had;
    }

    @Override public boolean snaps() {
        return false;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        for (Leaks.Gap g : gaps) {
            out.add(new Mark.Line(g.from(), g.to(), true));
            out.add(new Mark.Handle(g.from(), ""));
            out.add(new Mark.Handle(g.to(), ""));
        }
        gaps.stream().findFirst().ifPresent(g -> out.add(new Mark.Callout(g.from().towards(g.to(), 0.5),
            Words.of("room.gap", w.lengths().position(g.width())))));
        if (gaps.isEmpty() && roomAt(w, w.aim().raw()).isEmpty())
            w.solved().enclosures().at(w.aim().raw()).ifPresent(e -> {
                out.add(new Mark.Area(e.outline().chords(0.01)));
                RoomWords words = RoomWords.in(e, w.drawings());
                out.add(new Mark.Callout(w.aim().raw(), List.of(words.number(), words.name(), w.lengths().area(e.area())).stream()
                    .filter(s -> !s.isEmpty()).collect(Collectors.joining(" · "))));
            });
        return out;
    }
}
