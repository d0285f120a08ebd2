package brightlintel.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.flatten.Flattening;
import brightlintel.notation.Sketch;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What was put in as one block, and what only lies in one. */
class CarriersTest {
    private static Strokes flat(Sketch s) {
        return Flattening.of(s.drawing(), s.space(), ReadLimits.DEFAULT, Progress.NONE);
    }

    private static Sketch plan() {
        Sketch s = new Sketch().line(0, 0, 800, 0).arc(0, 0, 800, 0, 90).asBlock("DOOR");
        for (int i = 0; i < 60; i++) s.line(0, 100 * i, 5000, 100 * i);
        return s.insert("DOOR", 1000, 0, 1, 1, 0);
    }

    @Test void aPlanInABlockIsDrawnAndItsDoorsArePutThere() {
        Strokes s = flat(plan().asBlock("PLAN").insert("PLAN", 20000, 0, 1, 1, 30));
        Carriers c = Carriers.of(s);
        assertThat(c.blocks()).containsExactly("PLAN");
        int drawn = 0, put = 0;
        for (int i = 0; i < s.size(); i++) {
            Strokes.Path thing = c.thing(s.pathOf(i));
            assertThat(c.carrying(s.pathOf(i)).block()).isEqualTo("PLAN");
            if (thing == null) drawn++;
            else if (thing.block().equals("DOOR")) put++;
        }
        assertThat(List.of(drawn, put)).containsExactly(60, 2);
    }

    /** A block of many strokes that is a small part of all is furniture; what is drawn at the top has no carrier. */
    @Test void aThingOfManyStrokesIsNoCarrier() {
        Sketch s = new Sketch();
        for (int i = 0; i < 55; i++) s.line(0, 10 * i, 500, 10 * i);
        s.asBlock("BOAT");
        for (int i = 0; i < 400; i++) s.line(0, 50 * i, 9000, 50 * i);
        Strokes all = flat(s.insert("BOAT", 2000, 2000, 1, 1, 0));
        Carriers c = Carriers.of(all);
        assertThat(c.blocks()).isEmpty();
        assertThat(c.thing(all.pathOf(all.size() - 1)).block()).isEqualTo("BOAT");
        assertThat(c.carrying(null)).isNull();
        assertThat(c.thing(null)).isNull();
    }
}
