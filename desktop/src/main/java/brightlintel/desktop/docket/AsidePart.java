package brightlintel.desktop.docket;

import brightlintel.building.Clearing;
import brightlintel.building.Region;
import brightlintel.building.UnderlayId;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Clearings;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;

/** What is set aside by other words than layers and roles, each with its way back: kinds, blocks, outlines, single things. */
final class AsidePart {
    private AsidePart() { }

    static List<Node> rows(Workspace w, PlacedDrawing d) {
        Clearing c = d.underlay().clearing();
        UnderlayId u = d.underlay().id();
        List<Node> out = new ArrayList<>();
        for (String k : c.kindsOff()) out.add(row(Words.of("aside.kind", Words.of("kind." + k)), "aside-kind-" + k,
            () -> w.apply(Clearings.kind(u, k, true))));
        for (String b : c.blocksOff()) out.add(row(Words.of("aside.block", b), "aside-block-" + out.size(),
            () -> w.apply(Clearings.block(u, b, true))));
        for (int rgb : c.coloursOff()) out.add(row(Words.of("aside.colour", Words.colour(rgb)), "aside-colour-"
            + Words.colour(rgb).substring(1),
            () -> w.apply(Clearings.colour(u, rgb, true, Words.colour(rgb)))));
        for (int i = 0; i < c.regions().size(); i++) {
            Region r = c.regions().get(i);
            out.add(row(Words.of(r.keeps() ? "aside.keeps" : "aside.hides"), "aside-outline-" + i,
                () -> w.apply(Clearings.noRegion(u, r))));
        }
        int singles = (int) c.singles().stream().filter(s -> !s.shown()).count();
        if (singles > 0) out.add(row(Words.count("aside.singles", singles), "aside-singles",
            () -> w.apply(Clearings.noSingles(u))));
        return out;
    }

    private static Node row(String what, String id, Runnable back) {
        return Parts.line(Parts.label(what, "quiet"), Parts.button(Words.of("aside.back"), id, back));
    }
}
