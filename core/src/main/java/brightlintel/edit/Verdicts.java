package brightlintel.edit;

import brightlintel.building.DrawnRef;
import brightlintel.building.Edit;
import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.Project;
import brightlintel.building.Support;
import brightlintel.building.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What was said of proposals and findings. */
public final class Verdicts {
    /** A wall lies off its strokes, and is meant to. */
    public static final String OFF_ITS_STROKES = "off-its-strokes";

    /** A proposed element that somebody does not want, told by what it stood on. */
    public static final String PROPOSAL = "proposal";

    /** A storey has it otherwise than its drawing, and is to keep it. */
    public static final String HELD = "otherwise-than-drawn";

    private Verdicts() { }

    /** Nothing where it stands on nothing that could be named. */
    public static Optional<Edit> refuse(Element e) {
        List<DrawnRef> on = e.from().on().stream().map(Support::drawn).distinct().toList();
        return on.isEmpty() ? Optional.empty() : Optional.of(say(new Verdict(on, Set.of(), PROPOSAL, false, "")));
    }

    /** All refused proposals come back, and what was kept otherwise than it is drawn. */
    public static Edit allProposalsBack() {
        return Edit.of("edit.proposals-back", p -> p.withVerdicts(p.verdicts().stream().filter(v -> !v.kind().equals(PROPOSAL)
            && !v.kind().equals(HELD)).toList()));
    }

    /** Takes the place of what was said of the same before. */
    public static Edit say(Verdict v) {
        return Edit.of(v.so() ? "edit.is-so" : "edit.refuse", p -> {
            List<Verdict> out = new ArrayList<>(p.verdicts());
            out.removeIf(x -> same(x, v));
            out.add(v);
            return p.withVerdicts(out);
        });
    }

    public static Edit forget(Verdict v) {
        return Edit.of("edit.verdict-back", p -> p.withVerdicts(p.verdicts().stream().filter(x -> !same(x, v)).toList()));
    }

    private static boolean same(Verdict a, Verdict b) {
        return a.kind().equals(b.kind()) && a.on().equals(b.on()) && a.about().equals(b.about());
    }

    public static Verdict itIsSo(String kind, ElementId about) {
        return new Verdict(List.of(), Set.of(about), kind, true, "");
    }

    public static boolean isSo(Project p, String kind, ElementId about) {
        return p.verdicts().stream().anyMatch(v -> v.so() && v.kind().equals(kind) && v.about().contains(about));
    }
}
