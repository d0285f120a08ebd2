package brightlintel.desktop.board;

import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.SelectTool;
import brightlintel.desktop.tool.WallTool;
import brightlintel.edit.Clearings;
import brightlintel.edit.Tracing;
import brightlintel.lengths.LengthFormat;
import brightlintel.select.Alike;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What a right click offers: never more than a handful. */
final class BoardMenu {
    private BoardMenu() { }

    record Entry(String text, Runnable run) { }

    static List<Entry> of(Workspace w, Board board) {
        List<Entry> out = new ArrayList<>();
        if (!(w.tool() instanceof SelectTool)) {
            if (w.tool() instanceof WallTool t && !t.points().isEmpty()) {
                out.add(new Entry(Words.of("menu.end-chain"), () -> {
                    t.finish();
                    board.refresh();
                }));
                out.add(new Entry(Words.of("menu.point-back"), () -> {
                    t.back();
                    board.refresh();
                }));
            }
            out.add(new Entry(Words.of("menu.leave"), w::leaveTool));
        } else if (!w.selection().isEmpty()) {
            out.add(new Entry(Words.of("menu.delete"), () -> w.apply(Tracing.delete(w.selection()))));
            out.add(new Entry(Words.of("menu.fit-selected"), board::fitSelected));
            out.add(new Entry(Words.of("menu.select-none"), () -> w.select(Set.of())));
        } else w.pointed().ifPresent(p -> {
            out.add(new Entry(Words.of("menu.hide-layer", p.layer()), () -> w.apply(Clearings.hide(p.underlay(), p.layer()))));
            out.add(new Entry(Words.of("menu.layer-alone", p.layer()),
                () -> w.apply(Clearings.alone(p.underlay(), p.layer(), p.layers()))));
            int alike = Alike.to(p.drawing(), p.stroke()).count();
            out.add(new Entry(Words.of("menu.alike", LengthFormat.grouped(alike)), () -> w.onBoard().pick((d, there) ->
                d.underlay().id().equals(p.underlay()) ? there.with(Alike.to(d, p.stroke())) : there)));
            out.add(new Entry(Words.of("menu.hide-kind", Words.of("kind." + p.drawing().strokes().entityOf(p.stroke()).kind())),
                () -> w.apply(Clearings.kind(p.underlay(), p.drawing().strokes().entityOf(p.stroke()).kind(), false))));
            int rgb = p.drawing().strokes().colourOf(p.stroke());
            String colour = Words.colour(rgb);
            out.add(new Entry(Words.of("menu.hide-colour", colour), () -> w.apply(Clearings.colour(p.underlay(), rgb, false, colour))));
            out.add(new Entry(Words.of("menu.layers-back"), () -> w.apply(Clearings.allBack(w.underlayIds()))));
        });
        out.add(new Entry(Words.of("menu.fit"), board::fit));
        return out;
    }
}
