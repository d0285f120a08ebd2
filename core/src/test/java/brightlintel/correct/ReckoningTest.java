package brightlintel.correct;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Angles;
import brightlintel.notation.Seeds;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Size and turn found on plans of many manners that no sample has; and not claimed where nothing speaks for them. */
class ReckoningTest {
    private static final int PLANS = 200, OTHERS = 30;

    static Reckoning reckon(RawDrawing d) {
        SpaceKey model = new SpaceKey.Model();
        return Reckoning.of(Drawn.asReceived(d, model, Flattening.of(d, model, ReadLimits.DEFAULT, Progress.NONE)));
    }

    private static boolean isRight(Reckoning r, MadePlan p) {
        return Math.abs(r.size().metresPerUnit() / p.metresPerUnit - 1) < 0.005;
    }

    @Test void plansOfManyMannersAreFoundToBeOfTheirSizeAndTurn() {
        List<String> wrong = new ArrayList<>(), unsure = new ArrayList<>(), turned = new ArrayList<>();
        int n = 0;
        for (long seed : Seeds.upTo(PLANS)) {
            MadePlan p = new MadePlan(seed);
            Reckoning r = reckon(p.drawing());
            double off = Math.abs(Math.toDegrees(Angles.signed(4 * (r.turn().turn() - p.turn)) / 4));
            if (off > 0.02 && p.jitter == 0) turned.add(seed + " " + p + ": " + off);
            if (!p.hasClue()) {
                if (!r.size().unsure() && !isRight(r, p)) wrong.add(seed + " " + p + ": " + r.size().metresPerUnit());
                continue;
            }
            n++;
            if (r.size().unsure()) unsure.add(seed + " " + p + ": " + r.size().metresPerUnit() + " " + r.size().confidence());
            else if (!isRight(r, p)) wrong.add(seed + " " + p + ": " + r.size().metresPerUnit() + " " + r.size().confidence());
        }
        assertThat(wrong).as("wrong while sure").isEmpty();
        assertThat(unsure.size()).as("of %d unsure: %s", n, String.join("\n", unsure)).isLessThanOrEqualTo((int) (0.08 * n));
        assertThat(turned.size()).as(String.join("\n", turned)).isLessThanOrEqualTo((int) (0.01 * n));
    }

    @Test void whatIsNoPlanIsUnsureUnlessItsMeasuresProveTheUnit() {
        List<String> wrong = new ArrayList<>();
        for (MadePlan.Sort sort : List.of(MadePlan.Sort.SECTION, MadePlan.Sort.DETAIL, MadePlan.Sort.SITE, MadePlan.Sort.CLUELESS))
            for (long seed : Seeds.upTo(OTHERS)) {
                MadePlan p = new MadePlan(seed);
                p.sort = sort;
                Reckoning r = reckon(p.drawing());
                boolean proved = sort == MadePlan.Sort.DETAIL && isRight(r, p);
                if (!r.size().unsure() && !proved) wrong.add(seed + " " + p + ": " + r.size().metresPerUnit() + " " + r.size().confidence());
            }
        assertThat(wrong).isEmpty();
    }
}
