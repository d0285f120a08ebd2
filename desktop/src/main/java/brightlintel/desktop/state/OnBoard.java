package brightlintel.desktop.state;

import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.edit.Appearing;
import brightlintel.place.Extent;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import brightlintel.select.Picked;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.function.BiFunction;

/** The drawings of the storey in hand: what is there, what of it is seen, which one is in hand, what is picked on them. */
public final class OnBoard {
    /** A drawing of fewer strokes is looked through within a frame. */
    private static final int LARGE = 50_000;
    private final Workspace w;
    private final DrawingShelf shelf;
    private final Underlays underlays = new Underlays();
    private final Map<UnderlayId, String> troubles = new HashMap<>();
    private final Set<PlacedDrawing> measuring = new HashSet<>();
    private final Set<Underlay> mending = new HashSet<>();
    private final Map<UnderlayId, Picked> picked = new LinkedHashMap<>();
    private Optional<UnderlayId> inHand = Optional.empty();
    private Picked lit = Picked.NOTHING;
    private Executor background = Runnable::run, window = Runnable::run;

    OnBoard(Workspace w, DrawingShelf shelf) {
        this.w = w;
        this.shelf = shelf;
    }

    /** Another project is shown. */
    void forget() {
        underlays.clear();
        mending.clear();
        troubles.clear();
        leaveStorey();
    }

    /** Another storey is in hand. */
    void leaveStorey() {
        inHand = Optional.empty();
        lit = Picked.NOTHING;
        picked.clear();
        underlays.keep(wanted());
    }

    private Set<UnderlayId> wanted() {
        Project p = w.project();
        Set<UnderlayId> out = new HashSet<>(w.underlayIds());
        w.looks().echo().seen(p, w.storeyId()).ifPresent(s -> out.addAll(s.underlays()));
        if (w.looks().mode() != ViewMode.PLAN)
            for (Storey s : p.storeys()) if (w.space().showsSheets(s.id())) out.addAll(s.underlays());
        return out;
    }

    /** What is picked of drawings that are gone, or hidden since, is not picked any more. */
    void afterEdit() {
        if (!picked.isEmpty()) pick((d, p) -> p.only(d.cleared()::strokeShown, d.cleared()::markShown));
    }

    /** The underlay in hand, for what speaks of one drawing: the one that was chosen, or the uppermost of the storey. */
    public Optional<Underlay> underlay() {
        List<Underlay> all = w.project().underlaysOf(w.storeyId());
        return all.stream().filter(u -> inHand.filter(u.id()::equals).isPresent()).findFirst()
            .or(() -> all.isEmpty() ? Optional.empty() : Optional.of(all.getLast()));
    }

    public void take(UnderlayId u) {
        if (inHand.filter(u::equals).isPresent()) return;
        inHand = Optional.of(u);
        lit = Picked.NOTHING;
        w.leaveTool();
        w.tell(Change.DRAWING);
    }

    /** All that are read already, the undermost first. */
    public List<PlacedDrawing> laid() {
        return mended(underlays.of(w.project().underlaysOf(w.storeyId()), shelf));
    }

    /** A large one is seen as it was received until its repairs are worked out behind the window. */
    private List<PlacedDrawing> mended(List<PlacedDrawing> all) {
        for (PlacedDrawing d : all)
            if (!d.isMended() && mending.add(d.underlay())) behind(() -> d.mender().of(d.underlay()), () -> {
                // what could not be worked out is not tried again
                if (d.mender().isReady(d.underlay())) mending.remove(d.underlay());
                w.tell(Change.DRAWING);
            });
        return all;
    }

    /** Those of them that are seen. */
    public List<PlacedDrawing> seen() {
        return w.looks().modelAlone() ? List.of() : of(w.storeyId());
    }

    /** Those of another storey that lie faintly under these. */
    public List<PlacedDrawing> echo() {
        Project p = w.project();
        if (w.looks().modelAlone()) return List.of();
        return w.looks().echo().seen(p, w.storeyId()).map(s -> of(s.id())).orElse(List.of());
    }

    /** Those of any storey that are read already and are shown. */
    public List<PlacedDrawing> of(StoreyId s) {
        return mended(underlays.of(Appearing.shown(w.project().underlaysOf(s)), shelf));
    }

    /** That of the underlay in hand, once it is read. */
    public Optional<PlacedDrawing> drawing() {
        Optional<Underlay> u = underlay();
        return laid().stream().filter(d -> u.filter(x -> x.id().equals(d.underlay().id())).isPresent()).findFirst();
    }

    /** Puts a drawing on the board that was made behind the window. */
    public void adopt(PlacedDrawing d) {
        if (w.project().underlay(d.underlay().id()).isPresent()) underlays.adopt(d);
    }

    /** Whether a drawing is there, on the board or on the shelf. */
    public boolean isRead(Underlay u) {
        return underlays.has(u) || shelf.has(u).isPresent();
    }

    /** Why a drawing is not there: it was refused, or its reading was stopped. */
    public Optional<String> trouble(UnderlayId u) {
        return Optional.ofNullable(troubles.get(u));
    }

    public void trouble(UnderlayId u, String words) {
        troubles.put(u, words);
        w.tell(Change.DRAWING);
    }

    public void forgetTroubles() {
        troubles.clear();
    }

    /** Where work is done that a large drawing makes long, and how its end is told. Without it all is done at once. */
    public void behind(Executor background, Executor window) {
        this.background = background;
        this.window = window;
    }

    /** Where a drawing is; nothing while a large one is being looked through, whose end is told as {@link Change#EXTENT}. */
    public Optional<Extent> extent(PlacedDrawing d) {
        if (d.extentIfKnown().isPresent() || d.strokes().size() < LARGE) return Optional.of(d.extent());
        if (measuring.add(d)) background.execute(() -> {
            d.extent();
            window.execute(() -> {
                measuring.remove(d);
                w.tell(Change.EXTENT);
            });
        });
        return d.extentIfKnown();
    }

    /** From a thread that works behind the window, if the same project is still shown. */
    void onWindow(Runnable what) {
        Object era = w.era();
        window.execute(() -> {
            if (w.era() == era) what.run();
        });
    }

    /** Does what takes a while behind the window, and then the rest on its thread, if the same project is still shown. */
    void behind(Runnable work, Runnable then) {
        Object era = w.era();
        background.execute(() -> {
            try {
                work.run();
            } finally {
                window.execute(() -> {
                    if (w.era() == era) then.run();
                });
            }
        });
    }

    // ---- what is lit because something in a docket speaks of it

    /** Of the drawing in hand. */
    public Picked lit() {
        return lit;
    }

    public void light(Picked p) {
        if (p.equals(lit)) return;
        lit = p;
        w.tell(Change.LOOK);
    }

    // ---- strokes, texts and fills that are picked

    public Picked picked(PlacedDrawing d) {
        return picked.getOrDefault(d.underlay().id(), Picked.NOTHING);
    }

    public int pickedCount() {
        return picked.values().stream().mapToInt(Picked::count).sum();
    }

    /** @param f from what is picked of a drawing that is seen to what is picked then */
    public void pick(BiFunction<PlacedDrawing, Picked, Picked> f) {
        Map<UnderlayId, Picked> now = new LinkedHashMap<>();
        for (PlacedDrawing d : seen()) {
            Picked p = f.apply(d, picked(d));
            if (!p.isEmpty()) now.put(d.underlay().id(), p);
        }
        if (now.equals(picked)) return;
        picked.clear();
        picked.putAll(now);
        w.tell(Change.SELECTION);
    }

    public void pickNothing() {
        pick((_, _) -> Picked.NOTHING);
    }
}
