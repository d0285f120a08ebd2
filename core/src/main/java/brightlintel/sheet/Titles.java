package brightlintel.sheet;

import brightlintel.correct.StoreyWords;
import brightlintel.drawing.Names;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Which text is the title of which part: near it, large, and speaking of a storey or of a kind of drawing. */
final class Titles {
    private static final int LONGEST = 70;
    /**
     * Of the part's height, and metres: how far a title may lie from what it names; of its sides, how deep inside it still is at the edge.
     */
    private static final double FAR = 0.3, FAR_LEAST = 3, INSIDE = 0.15;
    /** Times the usual height: letters that are a title whatever they say, and those that may be one inside a drawing. */
    private static final double TALL = 1.5, TALL_INSIDE = 1.8;

    /** @param text one line; kind: that it speaks of */
    record Title(String text, Box box, double height, Optional<SheetParts.Kind> kind, boolean ofStorey) {
        /** It says what it names. */
        boolean tells() {
            return kind.isPresent() || ofStorey;
        }
    }

    private record Said(Pattern pattern, SheetParts.Kind kind) { }

    /** What is narrower stands first. */
    private static final List<Said> KINDS = List.of(
        said("key ?plan|location plan|site plan|ubersichtsplan|ubersicht|lageplan|plan de situation|plan de masse|plano de situacion|"
            + "emplazamiento|planimetria|inquadramento|situatie(?:tekening)?", SheetParts.Kind.KEY_PLAN),
        said("legend|legende|leyenda|legenda|symbols|zeichenerklarung|simboli|simbologia", SheetParts.Kind.LEGEND),
        said("details?|detalles?|dettagli|dettaglio|regeldetail", SheetParts.Kind.DETAIL),
        said("sections?|schnitt|langsschnitt|querschnitt|coupe|seccion|sezione|doorsnede|snede|corte", SheetParts.Kind.SECTION),
        said("elevations?|ansicht|(?:nord|sud|ost|west)ansicht|strassenansicht|gartenansicht|facades?|fachada|alzado|prospetto|gevel|"
            + "(?:voor|achter|zij|noord|oost|zuid|west)gevel|gevelaanzicht|aanzicht", SheetParts.Kind.ELEVATION),
        said("plans?|floor ?plan|grundriss|planta|pianta|plattegrond", SheetParts.Kind.PLAN));

    /** A sentence that speaks of another drawing. */
    private static final Pattern REFERS =
        Pattern.compile("(?<!\\p{L})(?:see|siehe|s\\.|voir|véase|ver|vedi|zie|according|gemäß|selon|según)(?!\\p{L})");

    private Titles() { }

    private static Said said(String words, SheetParts.Kind kind) {
        return new Said(Pattern.compile("(?<![a-z])(?:" + words + ")(?![a-z])"), kind);
    }

    static Optional<SheetParts.Kind> kind(String title) {
        String plain = Names.plain(title);
        return KINDS.stream().filter(k -> k.pattern.matcher(plain).find()).map(Said::kind).findFirst();
    }

    /** Of each part that has one. A text names one part: the one it lies nearest to. */
    static Map<Heap, Title> of(Ground g, Map<Heap, Kinds.Told> parts) {
        List<Title> all = all(g);
        double usual = usual(all);
        Map<Heap, Title> best = new LinkedHashMap<>();
        Map<Heap, Double> score = new LinkedHashMap<>();
        for (Title t : all) {
            Heap to = null;
            double least = Double.MAX_VALUE;
            for (Map.Entry<Heap, Kinds.Told> e : parts.entrySet()) {
                Heap h = e.getKey();
                double c = cost(h, t, usual) + against(e.getValue(), t);
                if (c < least) {
                    least = c;
                    to = h;
                }
            }
            boolean large = t.height > TALL * usual;
            if (to == null || !t.tells() && !large) continue;
            double s = (t.tells() ? 3 : 0) + Math.min(3, t.height / usual) - 2 * least;
            if (s > score.getOrDefault(to, Double.NEGATIVE_INFINITY)) {
                score.put(to, s);
                best.put(to, t);
            }
        }
        return best;
    }

    /** What is plainly a plan has no other title; a title of a plan by what looks like none rather belongs to another. */
    private static double against(Kinds.Told drawn, Title t) {
        boolean ofPlan = t.ofStorey || t.kind.filter(k -> k == SheetParts.Kind.PLAN).isPresent();
        if (drawn.kind() == SheetParts.Kind.PLAN && drawn.sure() > Kinds.PLAIN) return t.kind.isPresent() && !ofPlan ? Double.MAX_VALUE : 0;
        return drawn.kind() != SheetParts.Kind.PLAN && ofPlan ? 0.5 : 0;
    }

    private static double usual(List<Title> all) {
        double[] h = all.stream().mapToDouble(Title::height).sorted().toArray();
        return h.length == 0 ? 1 : Math.max(1e-9, h[h.length / 2]);
    }

    /** How far a text lies from what it would name, 1 at most; infinite where it cannot be its title. */
    private static double cost(Heap h, Title t, double usual) {
        Box b = h.box;
        double middle = t.box.centre().x(), dx = Math.max(0, Math.max(b.minX() - middle, middle - b.maxX()));
        double below = b.minY() - t.box.maxY(), above = t.box.minY() - b.maxY(), far = Math.max(FAR_LEAST, FAR * b.height());
        if (below < 0 && above < 0) {
            // beside or inside it
            double edge = Math.min(t.box.centre().y() - b.minY(), b.maxY() - t.box.centre().y()) / Math.max(b.height(), 1e-9);
            if (dx > 0) return dx < far / 2 ? 0.6 + dx / far : Double.MAX_VALUE;
            return t.height > TALL_INSIDE * usual || edge < INSIDE && t.tells() ? 0.3 + Math.max(0, edge) : Double.MAX_VALUE;
        }
        double dy = below >= 0 ? below : 1.3 * above;
        double c = (dy + dx) / far;
        return c > 1 ? Double.MAX_VALUE : c;
    }

    private static List<Title> all(Ground g) {
        List<Title> out = new ArrayList<>();
        List<Strokes.TextMark> texts = g.strokes.texts();
        for (int i = 0; i < texts.size(); i++) {
            if (!g.look.markShown().test(i)) continue;
            Strokes.TextMark t = texts.get(i);
            String plain = String.join(" ", Arrays.stream(t.plain().split("\n")).map(String::strip).toList()).strip();
            if (plain.length() > LONGEST || REFERS.matcher(plain.toLowerCase(Locale.ROOT)).find()
                || plain.chars().filter(Character::isLetter).count() < 2) continue;
            double height = g.upright(t.box()).height() <= 0 ? 0
                : t.map().applyVector(new Point(0, 1)).length() * g.reckoning.size().metresPerUnit();
            out.add(new Title(plain, g.upright(t.box()), height, kind(plain), StoreyWords.level(plain).isPresent()));
        }
        return out;
    }
}
