package brightlintel.desktop.board;

import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.paint.Brush;
import brightlintel.paint.Fonts;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.SheetCuts;
import java.util.List;

/** The parts of a sheet on the board: what is taken in a brass outline, what is not in a broken quiet one, each with its title. */
final class PartMarks {
    private static final double SIZE = 12, ROOM = 40;

    private PartMarks() { }

    static void paint(Workspace w, Brush brush, Palette p, PlanView view) {
        for (PlacedDrawing d : w.drawing().stream().toList()) {
            List<SheetCuts.Choice> all = w.sheets().offered(d);
            for (int i = 0; i < all.size(); i++) {
                SheetCuts.Choice c = all.get(i);
                int n = i;
                boolean here = w.sheets().pointed().stream().anyMatch(x -> x == n);
                List<Point> ring = c.cut().corners().stream().map(x -> view.toPx(d.underlay().placement().apply(x))).toList();
                if (here) brush.fill(ring, p.brass(), 0.1);
                if (c.taken()) brush.path(ring, true, here ? 3 : 1.8, p.brass());
                else for (int k = 0; k < ring.size(); k++) brush.dashed(ring.get(k), ring.get((k + 1) % ring.size()), here ? 2 : 1,
                    p.ink2(), 6, 4);
                Box b = Box.of(ring);
                String words = c.part().title().isEmpty() ? Words.of("sheet.kind." + c.part().kind().name()) : c.part().title();
                if (b.width() > ROOM) brush.text(words, b.minX() + 2, b.minY() - 5, SIZE, Fonts.Weight.MEDIUM, c.taken() ? p.ink()
                    : p.ink2());
            }
        }
    }
}
