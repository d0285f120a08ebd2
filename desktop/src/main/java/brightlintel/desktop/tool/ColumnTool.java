package brightlintel.desktop.tool;

import brightlintel.building.Column;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Provenance;
import brightlintel.building.Section;
import brightlintel.building.Stand;
import brightlintel.building.Top;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.geom.Box;
import brightlintel.geom.Crossings;
import brightlintel.geom.Point;
import brightlintel.trace.DrawnMarks;
import brightlintel.trace.SectionWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A column at a click: on a drawn mark with its section, turn and centre, elsewhere with the last section. A box sets one on every grid
 * crossing in it. After a drawn mark, all marks like it are offered at once.
 */
public final class ColumnTool implements Tool {
    /** Metres: nearer than this another column stands there already. */
    private static final double THERE = 0.02;
    private final Workspace w;
    private List<DrawnMarks.Mark> offered = List.of();
    private Mark.Box box;

    public ColumnTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "column";
    }

    @Override public String prompt() {
        String size = size(w, section());
        if (!offered.isEmpty()) return Words.count("prompt.column.alike", offered.size(), size);
        return drawn().isPresent() ? Words.of("prompt.column.drawn", size(w, drawn().get().section())) : Words.of("prompt.column", size);
    }

    /** Millimetres, or as the project has it. */
    public static String size(Workspace w, Section s) {
        return switch (s) {
            case Section.Round(double d) -> "Ø " + w.lengths().part(d);
            case Section.Rectangle(double a, double b) -> w.lengths().part(a) + " × " + w.lengths().part(b);
            case Section.Shape x -> Words.of("column.shape", w.lengths().part(x.outline().box().width()),
                w.lengths().part(x.outline().box().height()));
        };
    }

    private Section section() {
        return w.settings().sections().getFirst();
    }

    private Optional<DrawnMarks.Mark> drawn() {
        return DrawnMarks.at(w.aim().raw(), w.aim().reach(), w.drawings());
    }

    @Override public void projectChanged() {
        offered = offered.stream().filter(m -> isFree(m.at())).toList();
    }

    private boolean isFree(Point p) {
        return w.contents().columns().stream().noneMatch(c -> c.at().distance(p) < THERE);
    }

    @Override public void clicked(Aim aim) {
        Optional<DrawnMarks.Mark> mark = DrawnMarks.at(aim.raw(), aim.reach(), w.drawings());
        if (mark.isPresent()) {
            DrawnMarks.Mark m = mark.get();
            if (!isFree(m.at())) {
                w.say(new Message(Message.Tone.BAD, Words.of("column.there-already")));
                return;
            }
            w.settings().section(m.section());
            add(List.of(column(m)));
            offered = DrawnMarks.like(m).stream().filter(x -> isFree(x.at())).toList();
        } else if (isFree(aim.at())) {
            offered = List.of();
            add(List.of(new Column(ElementId.fresh(), section(), aim.at(), w.settings().columnTurn(), Stand.FLOOR, Top.NEXT,
                Provenance.BY_HAND)));
        } else w.say(new Message(Message.Tone.BAD, Words.of("column.there-already")));
    }

    private static Column column(DrawnMarks.Mark m) {
        return new Column(ElementId.fresh(), m.section(), m.at(), m.turn(), Stand.FLOOR, Top.NEXT, m.provenance());
    }

    private void add(List<Column> some) {
        if (some.isEmpty()) return;
        w.apply(Tracing.add(some.size() == 1 ? "edit.column" : "edit.columns", w.storeyId(), some));
        w.select(some.stream().map(Column::id).collect(Collectors.toSet()));
    }

    /** Those that look like the one that was clicked. */
    public boolean offers() {
        return !offered.isEmpty();
    }

    public void takeOffered() {
        List<Column> some = offered.stream().map(ColumnTool::column).toList();
        offered = List.of();
        add(some);
    }

    @Override public void dragged(Aim from, Aim to, boolean inside) {
        box = new Mark.Box(from.raw(), to.raw(), inside);
    }

    @Override public void released(Aim from, Aim to, boolean inside, boolean more) {
        if (box == null) return;
        List<Column> some = new ArrayList<>();
        for (Point p : crossings(Box.of(box.a(), box.b())))
            if (isFree(p)) some.add(new Column(ElementId.fresh(), section(), p, w.settings().columnTurn(), Stand.FLOOR, Top.NEXT,
                Provenance.BY_HAND));
        box = null;
        if (some.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("column.no-crossing")));
        else add(some);
    }

    private List<Point> crossings(Box in) {
        List<GridLine> g = w.project().grid().stream().filter(x -> x.isOn(w.storeyId())).toList();
        List<Point> out = new ArrayList<>();
        for (int i = 0; i < g.size(); i++) for (int k = i + 1; k < g.size(); k++)
            for (var x : Crossings.of(g.get(i).line().curve(), g.get(k).line().curve()))
                if (in.holds(x.at()) && out.stream().noneMatch(p -> p.distance(x.at()) < THERE)) out.add(x.at());
        return out;
    }

    @Override public Asks asks() {
        return Asks.TEXT;
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        Optional<Section> s = SectionWords.read(text, w.lengths().partUnit());
        s.ifPresent(x -> w.settings().section(x));
        return s.isPresent();
    }

    @Override public boolean back() {
        return escape();
    }

    @Override public boolean escape() {
        boolean had = !offered.isEmpty() || box != null;
        offered = List.of();
        box = null;
        return had;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        if (box != null) {
            out.add(box);
            for (Point p : crossings(Box.of(box.a(), box.b()))) out.add(new Mark.Area(section().at(p,
                w.settings().columnTurn()).chords(0.005)));
            return out;
        }
        for (DrawnMarks.Mark m : offered) out.add(new Mark.Area(m.ground().chords(0.005)));
        Optional<DrawnMarks.Mark> d = drawn();
        out.add(new Mark.Area(d.map(DrawnMarks.Mark::ground).orElse(section().at(w.aim().at(), w.settings().columnTurn())).chords(0.005)));
        d.ifPresent(m -> out.add(new Mark.Callout(m.at(), size(w, m.section()))));
        return out;
    }

    /** All of the columns that are selected get a section; nothing where none is. */
    public static void resize(Workspace w, Set<ElementId> which, Section s) {
        w.settings().section(s);
        w.apply(Tracing.changeColumns("edit.column-section", which, c -> c.with(s)));
    }
}
