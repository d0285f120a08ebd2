package brightlintel.desktop.docket;

import brightlintel.building.Edit;
import brightlintel.building.Given;
import brightlintel.building.Site;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Sites;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthFormat;
import brightlintel.lengths.LengthReader;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** Where the building stands: true north, the height of ±0.00, the survey position of 0,0. One for all drawings. */
final class SiteFields {
    private static final double FURTHEST = 1e8;

    private SiteFields() { }

    static Node decision(Workspace w) {
        Site s = w.project().site();
        Point survey = s.survey().value();
        VBox v = Parts.decision(Words.of("site.title"), s.isKnown() ? Parts.pill(Words.of("who.stated"), Tone.SURE)
            : Parts.pill(Words.of("who.assumed"), Tone.LOOK), false,
            Parts.label(Words.of("site.what"), "quiet"));
        v.getChildren().add(field(w, "site-north", "site.north", LengthFormat.angle(s.north().value()), s.north(),
            t -> LengthReader.angle(t).map(Sites::north)));
        v.getChildren().add(field(w, "site-datum", "site.datum", w.lengths().position(s.datum().value()), s.datum(),
            t -> length(w, t).map(Sites::datum)));
        v.getChildren().add(field(w, "site-east", "site.east", w.lengths().position(survey.x()), s.survey(),
            t -> length(w, t).map(x -> Sites.survey(new Point(x, survey.y())))));
        v.getChildren().add(field(w, "site-grid-north", "site.grid-north", w.lengths().position(survey.y()), s.survey(),
            t -> length(w, t).map(y -> Sites.survey(new Point(survey.x(), y)))));
        return v;
    }

    private static Node field(Workspace w, String id, String key, String text, Given<?> given, Function<String, Optional<Edit>> edit) {
        Node f = Parts.entry(w, id, text, t -> edit.apply(t).map(e -> {
            w.apply(e);
            return true;
        }).orElse(false));
        // that all is assumed is said once, at the top
        boolean alone = given.isAssumed() && w.project().site().isKnown();
        return Parts.figure(Words.of(key), alone ? Parts.beside(Parts.right(Words.of("who.assumed"), "brass"), f) : f);
    }

    private static Optional<Double> length(Workspace w, String t) {
        return LengthReader.read(t, w.lengths().positionUnit()).filter(v -> Math.abs(v) < FURTHEST);
    }
}
