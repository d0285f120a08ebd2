package brightlintel.desktop.tool;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Change;
import brightlintel.place.PlacedDrawing;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.OpeningSettings;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Hosting;
import brightlintel.edit.OpeningKinds;
import brightlintel.edit.Tracing;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.trace.DrawnOpenings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** A door or window in a wall: two clicks on its jambs, or one click and a width. Enter with nothing typed takes the last width again. */
public final class OpeningTool implements Tool {
    private static final double NARROWEST = 0.05, WIDEST = 50;
    private final Workspace w;
    private final boolean window;
    private Optional<ElementId> hostId = Optional.empty();
    private double jamb;
    private List<DrawnOpenings.Symbol> offered = List.of();

    public OpeningTool(Workspace w, boolean window) {
        this.w = w;
        this.window = window;
    }

    @Override public String id() {
        return window ? "window" : "door";
    }

    public boolean isWindow() {
        return window;
    }

    @Override public String prompt() {
        String kind = Words.of(window ? "word.window" : "word.door");
        if (w.contents().walls().isEmpty()) return Words.of("prompt.opening.no-wall");
        if (!offered.isEmpty()) return offered.stream().allMatch(x -> x.isLike(offered.getFirst()))
            ? Words.count("prompt.opening.alike", offered.size(), w.lengths().partWithUnit(offered.getFirst().width()))
            : Words.count("prompt.opening.others", offered.size());
        if (host().isEmpty() && drawn().isPresent())
            return Words.of("prompt.opening.drawn", kind, w.lengths().partWithUnit(drawn().get().width()));
        return host().isEmpty() ? Words.of("prompt.opening.first", kind)
            : Words.of("prompt.opening.other", kind, w.lengths().partWithUnit(settings().lastWidth()));
    }

    /** As it is now: it may have been changed since it was clicked. */
    private Optional<Wall> host() {
        return hostId.flatMap(w.contents()::wall);
    }

    @Override public void projectChanged() {
        offered = offered.stream().filter(this::isFree).toList();
        if (host().isEmpty()) hostId = Optional.empty();
        else jamb = Math.clamp(jamb, 0, host().get().length());
    }

    private OpeningSettings settings() {
        return w.settings().opening(window);
    }

    @Override public void clicked(Aim aim) {
        Optional<DrawnOpenings.Symbol> symbol = host().isEmpty() ? drawn() : Optional.empty();
        if (symbol.isPresent()) {
            take(symbol.get());
            return;
        }
        offered = List.of();
        if (host().isEmpty()) {
            hostId = Picking.wallAt(w, aim.at(), aim.reach() * 2).map(Wall::id);
            if (hostId.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("opening.no-wall-here")));
            else jamb = along(aim.at());
        } else add(along(aim.at()));
    }

    /** What is drawn where the pointer is, if nothing is there yet. */
    private Optional<DrawnOpenings.Symbol> drawn() {
        return DrawnOpenings.at(w.aim().raw(), w.aim().reach(), window, w.contents().walls(), w.drawings()).filter(this::isFree);
    }

    private boolean isFree(DrawnOpenings.Symbol s) {
        return w.contents().wall(s.wall()).isPresent()
            && w.contents().isFree(s.wall(), s.from(), s.to());
    }

    private void take(DrawnOpenings.Symbol s) {
        OpeningSettings now = settings();
        w.settings().opening(now.withWidth(s.width()));
        Opening o = opening(s);
        w.apply(Tracing.addOpening(w.storeyId(), o));
        w.select(Set.of(o.id()));
        List<DrawnOpenings.Symbol> all = others(s.drawing()), like = all.stream().filter(x -> x.isLike(s)).toList();
        offered = like.isEmpty() ? all : like;
    }

    /** All that are drawn in this drawing and not there yet. */
    private List<DrawnOpenings.Symbol> others(PlacedDrawing of) {
        return w.drawings().stream().filter(d -> d == of).flatMap(d -> DrawnOpenings.all(window, w.contents().walls(), d).stream())
            .filter(this::isFree).toList();
    }

    private Opening opening(DrawnOpenings.Symbol s) {
        OpeningSettings now = settings();
        return ofKind(new Opening(ElementId.fresh(), s.wall(), (s.from() + s.to()) / 2, Given.stated(s.width()), Given.assumed(now.sill()),
            Given.assumed(now.head()), s.filling(), s.provenance()));
    }

    /** Of the kind in hand, else of the first that is as wide and made alike; of none where none is. */
    private Opening ofKind(Opening o) {
        double width = o.width().value();
        return settings().kind().flatMap(w.project()::openingKind).filter(k -> k.fits(o.filling(), width))
            .or(() -> OpeningKinds.fitting(w.project(), o.filling(), width)).map(k -> o.with(k).withAlong(o.along())).orElse(o);
    }

    /** Those that look like the one that was clicked. */
    public boolean offers() {
        return !offered.isEmpty();
    }

    /** Those of other widths are offered next. */
    public void takeOffered() {
        List<Opening> some = offered.stream().map(this::opening).toList();
        PlacedDrawing of = offered.getFirst().drawing();
        offered = List.of();
        w.apply(Tracing.add(window ? "edit.windows" : "edit.doors", w.storeyId(), some));
        w.select(some.stream().map(Opening::id).collect(Collectors.toSet()));
        offered = others(of);
        w.tell(Change.TOOL);
    }

    private double along(Point p) {
        Wall wall = host().orElseThrow();
        return Math.clamp(wall.reference().unroll(p).x(), 0, wall.length());
    }

    private void add(double other) {
        double width = Math.abs(other - jamb);
        if (width < NARROWEST) return;
        if (width > WIDEST) {
            w.say(new Message(Message.Tone.BAD,
                Words.of("opening.too-wide", w.lengths().partWithUnit(width), w.lengths().partWithUnit(host().orElseThrow().length()))));
            return;
        }
        OpeningSettings s = settings();
        Opening.Filling f = s.filling(other < jamb);
        Opening o = ofKind(new Opening(ElementId.fresh(), hostId.orElseThrow(), (jamb + other) / 2, Given.stated(width),
            Given.assumed(s.sill()), Given.assumed(s.head()), f, Provenance.BY_HAND));
        if (o.kind().isEmpty() || !o.kind().equals(s.kind())) w.settings().opening(s.withWidth(width));
        w.apply(Tracing.addOpening(w.storeyId(), o));
        w.select(Set.of(o.id()));
        hostId = Optional.empty();
        boolean misfit = Hosting.misfits(w.project(), w.storeyId()).stream().anyMatch(x -> x.id().equals(o.id()));
        if (misfit) w.say(new Message(Message.Tone.BAD, Words.of("opening.misfit")));
    }

    @Override public Asks asks() {
        return host().isPresent() ? Asks.PART : Asks.NOTHING;
    }

    /** From the first jamb towards the pointer. */
    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (host().isEmpty() || !(value >= NARROWEST)) return false;
        double side = along(w.aim().at()) < jamb ? -1 : 1;
        add(jamb + side * value);
        return hostId.isEmpty();
    }

    @Override public void finish() {
        if (host().isPresent()) typed(settings().lastWidth(), "", Optional.empty());
    }

    public void otherHand() {
        w.settings().opening(settings().otherHand());
    }

    public void otherSide() {
        w.settings().opening(settings().otherSide());
    }

    @Override public boolean back() {
        boolean had = host().isPresent() || !offered.isEmpty();
        offered = List.of();
        hostId = Optional.empty();
        return had;
    }

    @Override public boolean escape() {
        return back();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        for (DrawnOpenings.Symbol s : offered) area(s).ifPresent(out::add);
        Optional<DrawnOpenings.Symbol> symbol = host().isEmpty() ? drawn() : Optional.empty();
        if (symbol.isPresent()) {
            area(symbol.get()).ifPresent(out::add);
            out.add(new Mark.Callout(w.aim().raw(), w.lengths().partWithUnit(symbol.get().width())));
            return out;
        }
        if (host().isEmpty()) {
            Picking.wallAt(w, w.aim().at(), w.aim().reach() * 2).ifPresent(x -> {
                double a = Math.clamp(x.reference().unroll(w.aim().at()).x(), 0, x.length());
                out.add(new Mark.Line(x.reference().at(a, x.left() + 0.1), x.reference().at(a, -x.right() - 0.1), false));
            });
            return out;
        }
        Wall x = host().get();
        double other = along(w.aim().at());
        Piece r = x.reference();
        out.add(WallMaking.stretch(x, jamb, other));
        if (Math.abs(other - jamb) > NARROWEST)
            out.add(new Mark.Callout(x.middle((jamb + other) / 2), w.lengths().partWithUnit(Math.abs(other - jamb))));
        return out;
    }

    private Optional<Mark> area(DrawnOpenings.Symbol s) {
        return w.contents().wall(s.wall()).map(x -> WallMaking.stretch(x, s.from(), s.to()));
    }
}
