package brightlintel.desktop.state;

import brightlintel.building.Cast;
import brightlintel.building.Column;
import brightlintel.building.Edit;
import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Room;
import brightlintel.building.Slab;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Support;
import brightlintel.building.Underlay;
import brightlintel.building.Wall;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.RawDrawing;
import brightlintel.edit.Grids;
import brightlintel.edit.OpeningKinds;
import brightlintel.edit.Taking;
import brightlintel.edit.Tracing;
import brightlintel.edit.Verdicts;
import brightlintel.find.Found;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosures;
import brightlintel.joint.SlabOutline;
import brightlintel.lengths.LengthFormat;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import brightlintel.recognise.Held;
import brightlintel.recognise.Pending;
import brightlintel.recognise.Recognised;
import brightlintel.recognise.Recognising;
import brightlintel.recognise.Within;
import brightlintel.select.Picked;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;

/**
 * What is recognised of the drawing in hand, kind by kind, for as long as it is neither taken nor refused. Worked out behind the window
 * when somebody traces; dropped when drawing, place or clearing change meanwhile.
 */
public final class Proposals {
    /** Metres: widths and thicknesses that are one. */
    private static final double ALIKE = 0.01;
    private final Workspace w;
    private Key key;
    private Recognised found;
    private volatile Key wanted;
    private boolean failed;
    /** What was looked through last: it serves every place and clearing of the same drawing. */
    private volatile Looked looked = new Looked(null, null);
    /** Refused for as long as the window has the project: what stands on nothing that could be named. */
    private final Set<ElementId> dropped = new HashSet<>();
    private Open open = new Open(null, null, null, 0, null, Optional.empty(), Recognised.NOTHING, 0);
    private Optional<Only> only = Optional.empty();
    private final CorrectedAlike corrected;
    private final LeftWalk leftovers;
    private final SlabProposal slab;
    private Optional<ElementId> inHand = Optional.empty();
    private final HeldStorey held = new HeldStorey();

    /** In the order in which they are decided; first what the drawing shows otherwise, where the storey is held against it. */
    public enum Kind {
        GONE, CHANGED, GRID, WALLS, OPENINGS, COLUMNS, ROOMS, SLAB;

        /** Of what is there: nothing of it is changed without being asked for one by one. */
        boolean isThere() {
            return this == GONE || this == CHANGED;
        }
    }

    private record Key(Underlay underlay, List<Cast> casts) { }

    private record Looked(AsReceived.Key of, Recognising at) { }

    /** @param only where somebody asked for: in an outline, on a storey */
    private record Open(Recognised of, Project project, StoreyId on, int dropped, Enclosures walls, Optional<Only> only, Recognised is,
                        int elsewhere) { }

    private record Only(Ring outline, StoreyId on) { }

    Proposals(Workspace w) {
        this.w = w;
        corrected = new CorrectedAlike(w);
        leftovers = new LeftWalk(w, this);
        slab = new SlabProposal(w);
    }

    void forget() {
        key = null;
        found = null;
        wanted = null;
        looked = new Looked(null, null);
        dropped.clear();
        held.hold(Optional.empty());
        only = Optional.empty();
        corrected.forget();
        leaveHand();
    }

    void leaveHand() {
        leaveElement();
        leftovers.leave();
    }

    void leaveElement() {
        inHand = Optional.empty();
    }

    /** All that was recognised; nothing while it is being worked out, whose end is told as {@link Change#EVIDENCE}. */
    public Optional<Recognised> found() {
        Optional<PlacedDrawing> d = w.drawing().filter(x -> x.strokes().size() > 0 && x.underlay().placement().straightening().isEmpty());
        Optional<List<Cast>> casts = d.flatMap(w.casts()::of);
        Optional<DrawingShelf.Shelved> raw = d.flatMap(x -> w.shelf().has(x.underlay()));
        if (casts.isEmpty() || raw.isEmpty()) return Optional.empty();
        Key now = new Key(d.get().underlay(), casts.get());
        if (!now.equals(key)) ask(now, raw.get());
        return Optional.ofNullable(found);
    }

    /** Whether it is being worked out. */
    public boolean isWorking() {
        return found == null && key != null && !failed;
    }

    private void ask(Key now, DrawingShelf.Shelved s) {
        key = now;
        wanted = now;
        found = null;
        failed = false;
        leaveHand();
        Recognised[] out = new Recognised[1];
        RawDrawing raw = s.drawing();
        w.onBoard().behind(() -> {
            try {
                out[0] = at(now.underlay, raw, s).of(now.underlay, now.casts, (_, _, _) -> {
                    if (wanted != now) throw new CancellationException();
                });
            } catch (CancellationException late) {
                // another was asked for meanwhile
            }
        }, () -> {
            if (key != now) return;
            found = out[0];
            failed = found == null;
            w.tell(Change.EVIDENCE);
        });
    }

    private Recognising at(Underlay u, RawDrawing raw, DrawingShelf.Shelved s) {
        Looked l = looked;
        AsReceived.Key of = AsReceived.Key.of(u);
        if (!of.equals(l.of)) looked = l = new Looked(of, Recognising.of(raw, u, s.mender()));
        return l.at;
    }

    /** What waits to be taken. */
    public Recognised open() {
        Recognised all = found().orElse(Recognised.NOTHING);
        Enclosures walls = w.solved().enclosuresSeen();
        Optional<Only> here = only.filter(o -> o.on.equals(w.storeyId()));
        boolean same = open.of == all && open.project == w.project() && w.storeyId().equals(open.on) && open.dropped == dropped.size()
            && open.walls == walls && open.only.equals(here);
        if (same) return open.is;
        Recognised whole = all == Recognised.NOTHING ? all : corrected.by(found).followedBy(Pending.of(all, w.project(), w.storeyId(),
            dropped,
            walls));
        Recognised is = here.map(o -> Within.of(whole, o.outline, w.contents())).orElse(whole);
        open = new Open(all, w.project(), w.storeyId(), dropped.size(), walls, here, is, whole.size() - is.size());
        return is;
    }

    /** Only what lies in an outline is proposed on the storey in hand; none for all of it. */
    public void only(Optional<Ring> outline) {
        only = outline.map(r -> new Only(r, w.storeyId()));
        look(Optional.empty());
    }

    /** Where proposals are looked at, if not everywhere. */
    public Optional<Ring> only() {
        return only.filter(o -> o.on.equals(w.storeyId())).map(Only::outline);
    }

    /** How many wait outside of where somebody asked for. */
    public int elsewhere() {
        open();
        return open.elsewhere;
    }

    /** Those of one kind, the unsure ones first, else as one reads: from the top down. */
    public List<Element> of(Kind k) {
        Recognised o = open();
        List<? extends Element> some = switch (k) {
            case GONE -> held().map(h -> held.open(h.gone(), w.project())).orElse(List.of());
            case CHANGED -> held().map(h -> held.open(h.changed(), w.project())).orElse(List.of());
            // taken as a whole, by its own part of the docket
            case GRID -> o.grid();
            case WALLS -> o.walls();
            case OPENINGS -> o.openings();
            case COLUMNS -> o.columns();
            case ROOMS -> o.rooms();
            case SLAB -> slab().stream().toList();
        };
        return some.stream().map(Element.class::cast).sorted(Comparator.comparing(Recognised::isSure)).toList();
    }

    /** What follows from what somebody changed. */
    public CorrectedAlike corrected() {
        return corrected;
    }

    /** What became none. */
    public LeftWalk leftovers() {
        return leftovers;
    }

    // ---- held against the drawing

    /** How the storey in hand differs from its drawing, while it is held against it. */
    public Optional<Held> held() {
        return held.of(w.storeyId(), found(), w.contents());
    }

    /** Holds the storey in hand against its drawing, or no longer. */
    public void hold() {
        held.hold(held().isPresent() ? Optional.empty() : Optional.of(w.storeyId()));
        look(Optional.empty());
    }

    /** Round all walls, once none of them waits. */
    private Optional<Slab> slab() {
        return found == null || found.walls().isEmpty() || only().isPresent() || open().walls().stream().anyMatch(Recognised::isSure)
            ? Optional.empty() : slab.of(found);
    }

    /** The first kind of which something waits. */
    public Optional<Kind> kind() {
        for (Kind k : Kind.values()) if (!of(k).isEmpty()) return Optional.of(k);
        return Optional.empty();
    }

    /** The first kind of which something sure waits. */
    public Optional<Kind> sureKind() {
        for (Kind k : Kind.values()) if (!k.isThere() && of(k).stream().anyMatch(Recognised::isSure)) return Optional.of(k);
        return Optional.empty();
    }

    // ---- in hand

    /** The proposal that is looked at. */
    public Optional<Element> inHand() {
        return inHand.flatMap(this::find);
    }

    /** One that waits, by its id. */
    public Optional<Element> find(ElementId id) {
        return all().stream().filter(e -> e.id().equals(id)).findFirst();
    }

    private List<Element> all() {
        List<Element> out = new ArrayList<>();
        for (Kind k : Kind.values()) if (k != Kind.GRID) out.addAll(of(k));
        return out;
    }

    public Kind kindOf(Element e) {
        for (Kind k : Kind.values()) if (of(k).stream().anyMatch(x -> x.id().equals(e.id()))) return k;
        return Kind.WALLS;
    }

    /** Looks at one; its strokes are lit. */
    public void look(Optional<Element> e) {
        inHand = e.map(Element::id);
        light(e);
        w.tell(Change.EVIDENCE);
    }

    private void light(Optional<Element> e) {
        Optional<PlacedDrawing> d = w.drawing();
        Picked p = Picked.NOTHING;
        if (e.isPresent() && d.isPresent()) for (Support s : e.get().from().on()) {
            Optional<Found> f = d.get().find(s);
            if (f.isPresent()) p = p.with(Picked.stroke(f.get().index()));
        }
        w.onBoard().light(p);
    }

    /** The next one of the kind that is decided now, or the one before. @return the one that is looked at */
    public Optional<Element> step(int by) {
        List<Element> some = inHand().map(this::kindOf).or(this::kindByHand).map(this::of).orElse(List.of());
        if (some.isEmpty()) return Optional.empty();
        int at = inHand().map(some::indexOf).orElse(by > 0 ? -1 : 0);
        Optional<Element> next = Optional.of(some.get(Math.floorMod(at + by, some.size())));
        look(next);
        return next;
    }

    /** Whether proposals beside the grid's lines wait. */
    public boolean waits() {
        return kindByHand().isPresent();
    }

    private Optional<Kind> kindByHand() {
        for (Kind k : Kind.values()) if (k != Kind.GRID && !of(k).isEmpty()) return Optional.of(k);
        return Optional.empty();
    }

    /** The one that is looked at becomes part of the model; the next one of its kind is looked at. */
    public void take() {
        inHand().ifPresent(e -> after(e, () -> w.apply(edit(kindOf(e), List.of(e)))));
    }

    /** Those of its kind and measure, itself among them: they are decided as one. */
    public List<Element> alike(Element e) {
        Kind k = kindOf(e);
        return k.isThere() ? List.of(e) : of(k).stream().filter(o -> isAlike(o, e)).toList();
    }

    private static boolean isAlike(Element a, Element b) {
        return switch (a) {
            case Wall x -> b instanceof Wall y && Math.abs(x.thickness().value() - y.thickness().value()) < ALIKE;
            case Opening x -> b instanceof Opening y && x.filling().getClass() == y.filling().getClass()
                && Math.abs(x.width().value() - y.width().value()) < ALIKE;
            case Column x -> b instanceof Column y && x.section().equals(y.section());
            default -> a.id().equals(b.id());
        };
    }

    /** The one that is looked at, with all that are alike. */
    public void takeAlike() {
        inHand().ifPresent(e -> take(kindOf(e), alike(e)));
    }

    /** Those of the kind that is decided now that are sure and lie where somebody looks. @param here ids of those that do */
    public void takeHere(Set<ElementId> here) {
        sureKind().ifPresent(k -> take(k, of(k).stream().filter(e -> Recognised.isSure(e) && here.contains(e.id())).toList()));
    }

    private void take(Kind k, List<Element> some) {
        if (some.isEmpty()) return;
        w.apply(edit(k, some));
        look(Optional.empty());
    }

    /** It does not come back, after reading again neither. */
    public void refuse() {
        inHand().ifPresent(e -> after(e, () -> {
            if (kindOf(e).isThere()) {
                w.apply(Verdicts.say(Verdicts.itIsSo(Verdicts.HELD, e.id())));
                return;
            }
            Optional<Edit> said = Verdicts.refuse(e);
            if (said.isPresent()) w.apply(said.get());
            else dropped.add(e.id());
        }));
    }

    private void after(Element e, Runnable what) {
        List<Element> some = of(kindOf(e));
        int at = some.indexOf(e);
        Optional<Element> next = some.size() < 2 ? Optional.empty() : Optional.of(some.get(at + 1 < some.size() ? at + 1 : at - 1));
        what.run();
        look(next.filter(n -> all().stream().anyMatch(x -> x.id().equals(n.id()))));
    }

    /** All that are sure of the first kind of which some are. */
    public void takeSure() {
        sureKind().ifPresent(k -> take(k, of(k).stream().filter(Recognised::isSure).toList()));
    }

    private Edit edit(Kind k, List<Element> some) {
        StoreyId on = w.storeyId();
        return switch (k) {
            case GONE -> Tracing.delete(some.stream().map(Element::id).toList());
            case CHANGED -> changed(some.getFirst());
            case GRID -> Grids.add(some.stream().map(GridLine.class::cast).toList());
            case WALLS -> walls(on, some.stream().map(Wall.class::cast).toList());
            case OPENINGS, COLUMNS, ROOMS, SLAB -> Tracing.add(name(k), on, some.stream().map(e -> fresh((StoreyElement) e)).toList());
        };
    }

    private static Edit changed(Element e) {
        String name = "edit.as-drawn";
        Set<ElementId> id = Set.of(e.id());
        return switch (e) {
            case Wall x -> Tracing.changeWalls(name, id, _ -> x);
            case Opening x -> Tracing.changeOpenings(name, id, _ -> x);
            case Column x -> Tracing.changeColumns(name, id, _ -> x);
            case Room x -> Tracing.changeRooms(name, id, _ -> x);
            default -> throw new IllegalArgumentException("nothing else is held against a drawing: " + e);
        };
    }

    /** The slab's place holder has one id for all; what is of a size that is a kind's is of it. */
    private StoreyElement fresh(StoreyElement e) {
        if (e instanceof Slab s) return s.withId(ElementId.fresh(), s.from());
        if (e instanceof Opening o) return OpeningKinds.fitting(w.project(), o.filling(), o.width().value())
            .map(k -> o.with(k).withAlong(o.along())).orElse(o);
        return e;
    }

    private static String name(Kind k) {
        return switch (k) {
            case OPENINGS -> "edit.take-openings";
            case COLUMNS -> "edit.columns";
            case ROOMS -> "edit.rooms";
            default -> "edit.slab";
        };
    }

    private Edit walls(StoreyId on, List<Wall> some) {
        List<Wall> whole = new ArrayList<>(w.contents().walls());
        whole.addAll(some);
        Optional<Ring> edge = SlabOutline.around(whole, Tolerances.BUILDING);
        LengthFormat lengths = w.lengths();
        return Taking.walls(on, some, x -> edge.filter(r -> SlabOutline.isOuter(x, r)).isPresent(), open().built(), new Taking.Names((outer,
            t) -> Words.of(outer ? "kind.outer-name" : "kind.inner-name", lengths.part(t)), Words.of("kind.core"), Words.of("kind.layer")));
    }
}
