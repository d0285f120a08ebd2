package brightlintel.desktop.state;

import brightlintel.geom.Box;
import brightlintel.write.plot.Sheet;
import java.util.OptionalInt;

/** How a plan is put on a sheet. @param scale denominator; nothing for the largest that fits */
public record SheetSettings(Sheet.Size size, boolean landscape, OptionalInt scale, boolean basePlan) {
    public static final SheetSettings USUAL = new SheetSettings(Sheet.Size.A3, true, OptionalInt.empty(), false);

    public Sheet sheet(Box plan) {
        return scale.isPresent() ? new Sheet(size, landscape, scale.getAsInt()) : Sheet.fitting(size, landscape, plan);
    }

    public SheetSettings with(Sheet.Size s) {
        return new SheetSettings(s, landscape, scale, basePlan);
    }

    public SheetSettings withLandscape(boolean l) {
        return new SheetSettings(size, l, scale, basePlan);
    }

    public SheetSettings withScale(OptionalInt n) {
        return new SheetSettings(size, landscape, n, basePlan);
    }

    public SheetSettings withBasePlan(boolean b) {
        return new SheetSettings(size, landscape, scale, b);
    }
}
