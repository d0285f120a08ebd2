package brightlintel.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Ring;
import brightlintel.notation.Sketch;
import brightlintel.sheet.SheetParts.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What lies on a sheet is found, and told by what it shows and by its title. */
class SheetPartsTest {
    private static final int SHEETS = 60;

    static SheetParts parts(Sketch s) {
        return SheetParts.of(Reckoning.of(Drawn.asReceived(s.drawing(), s.space(),
            Flattening.of(s.drawing(), s.space(), ReadLimits.DEFAULT, Progress.NONE))));
    }

    private static boolean isWithin(Box is, Box should, double share) {
        double near = share * should.diagonal();
        return Math.abs(is.minX() - should.minX()) < near && Math.abs(is.minY() - should.minY()) < near
            && Math.abs(is.maxX() - should.maxX()) < near && Math.abs(is.maxY() - should.maxY()) < near;
    }

    /** Law: of plans at least 95 in a hundred have the right box, kind, title and storey; of all else nine in ten. */
    @Test void partsOfMadeSheetsAreFound() {
        int plans = 0, right = 0, others = 0, rightOthers = 0;
        List<String> wrong = new ArrayList<>();
        for (int seed = 0; seed < SHEETS; seed++) {
            MadeSheet m = new MadeSheet(seed);
            SheetParts found = parts(m.sketch);
            for (MadeSheet.Truth t : m.truth) {
                Optional<SheetParts.Part> p = found.parts().stream().filter(x -> isWithin(x.outline().box(), m.inFile(t.box()), 0.02)).findFirst();
                boolean good = p.filter(x -> x.kind() == t.kind() && x.title().equals(t.title()) && x.storey().equals(t.storey())).isPresent();
                if (t.kind() == Kind.PLAN) {
                    plans++;
                    if (good) right++;
                } else {
                    others++;
                    if (good) rightOthers++;
                }
                if (!good) wrong.add("seed " + seed + ": " + t + " found as " + p + " of " + found.parts().size());
            }
        }
        assertThat(right / (double) plans).as("%s", String.join("\n", wrong)).isGreaterThan(0.95);
        assertThat(rightOthers / (double) others).as("%s", String.join("\n", wrong)).isGreaterThan(0.9);
    }

    /** A house of walls, doors and rooms whose lower left corner lies there; metres. */
    private static Sketch house(Sketch s, double x, double y, double w) {
        s.rectangle(x, y, w, 8).rectangle(x + 0.3, y + 0.3, w - 0.6, 7.4);
        s.line(x + 0.3, y + 4, x + w - 0.3, y + 4).line(x + 0.3, y + 4.12, x + w - 0.3, y + 4.12);
        for (int i = 0; i < 3; i++) {
            s.door(x + 1 + 3 * i, y + 4.12, 0.885);
            s.line(x + 1 + 3 * i, y + 0.15, x + 2.2 + 3 * i, y + 0.15).text("Room " + i, x + 2 + 3 * i, y + 2, 0.2, 0);
        }
        return s;
    }

    @Test void aPlanAloneIsOnePartAndItsOuterWallsAreNoFrame() {
        SheetParts p = parts(house(new Sketch(), 0, 0, 12));
        assertThat(p.frame()).isEmpty();
        assertThat(p.parts()).singleElement().satisfies(x -> {
            assertThat(x.kind()).isEqualTo(Kind.PLAN);
            assertThat(x.title()).isEmpty();
            assertThat(x.storey()).isEmpty();
        });
    }

    @Test void aFrameIsLeftOutAndWithItTheTitleBlock() {
        Sketch s = house(new Sketch(), 0, 0, 12).rectangle(-5, -5, 24, 18).rectangle(12, -5, 7, 2).line(12, -4, 19, -4);
        SheetParts p = parts(s);
        assertThat(p.frame()).hasValueSatisfying(f -> assertThat(f.outline().box()).isEqualTo(new Box(-5, -5, 19, 13)));
        assertThat(p.parts()).singleElement().satisfies(x -> assertThat(isWithin(x.outline().box(), new Box(0, 0, 12, 8), 0.01)).isTrue());
    }

    @Test void whatIsDrawnTwiceIsTold() {
        Sketch s = house(house(house(new Sketch(), 0, 0, 12), 20, 0, 12), 40, 0, 15);
        assertThat(parts(s).parts()).extracting(SheetParts.Part::sameAs).containsExactly(OptionalInt.empty(), OptionalInt.of(0), OptionalInt.empty());
    }

    @Test void aTitleInsideSentencesIsNone() {
        Sketch s = house(new Sketch(), 0, 0, 12).text("Floor build-up see detail 4", 6, -1, 0.25, 0).text("First floor", 6, -2, 0.4, 0);
        assertThat(parts(s).parts()).singleElement().satisfies(x -> {
            assertThat(x.title()).isEqualTo("First floor");
            assertThat(x.storey()).hasValue(1);
        });
    }

    /** Two houses and a façade, turned as a whole, the frame along the file's own axes. */
    @ParameterizedTest @CsvSource({"17.3", "-22.2", "41"})
    void aTurnedSheetIsPartedAsWell(double degrees) {
        double a = Math.toRadians(degrees);
        Sketch upright = house(house(new Sketch(), 0, 0, 12), 18, 0, 14);
        SheetParts straight = parts(upright);
        SheetParts turned = parts(upright.turned(a).rectangle(-30, -30, 75, 75));
        assertThat(turned.parts()).hasSize(2).extracting(SheetParts.Part::kind).containsOnly(Kind.PLAN);
        assertThat(turned.frame()).isPresent();
        for (int i = 0; i < 2; i++) {
            Ring back = turned.parts().get(i).outline().mapped(Affine.turn(-a));
            assertThat(isWithin(back.box(), straight.parts().get(i).outline().box(), 0.01)).as("%s", back).isTrue();
        }
    }

    @Test void anEmptySheetHasNoParts() {
        assertThat(parts(new Sketch()).all()).isEmpty();
        assertThat(parts(new Sketch().text("Ground floor", 0, 0, 1, 0)).all()).isEmpty();
    }
}
