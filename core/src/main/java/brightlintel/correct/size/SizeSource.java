package brightlintel.correct.size;

import brightlintel.correct.look.Look;
import java.util.List;

/** One kind of evidence of size. The next one is a class that does this, and its line in {@link Sizing}. */
interface SizeSource {
    /** None where there is nothing of its kind. */
    List<Opinion> opinions(Look look);
}
