package brightlintel.desktop.docket;

import brightlintel.building.Evidence;
import brightlintel.desktop.text.Words;
import brightlintel.lengths.LengthFormat;
import java.util.Optional;

/** Evidence in words. */
final class EvidenceWords {
    private EvidenceWords() { }

    /** Nothing for what the docket says anyway. */
    static Optional<String> of(Evidence e, LengthFormat f) {
        return switch (e) {
            case Evidence.HeaderUnit _ -> Optional.empty();
            case Evidence.KnownLength(double drawn, double truth) ->
                Optional.of(Words.of("true.known", f.position(drawn) + " = " + f.position(truth)));
            case Evidence.ReadAcross(double thickness) -> Optional.of(Words.of("true.read-across", f.partWithUnit(thickness)));
            case Evidence.Plotted(double n) -> Optional.of(Words.of("true.plotted-at", LengthFormat.grouped(Math.round(n))));
            case Evidence.ScaleNote(String text, double _) -> Optional.of(Words.of("true.scale-note", text));
            case Evidence.Stretched(double remains) -> Optional.of(Words.of("true.stretched", f.partWithUnit(remains)));
            case Evidence.Straightened(double remains, double pixel) -> Optional.of(remains > 0
                ? Words.of("true.straightened", f.partWithUnit(remains), f.partWithUnit(pixel))
                : Words.of("true.straightened-one", f.partWithUnit(pixel)));
            // the docket says it at the decision
            case Evidence.Weighed _ -> Optional.empty();
            case Evidence.Note(String text) -> Optional.of(text);
        };
    }
}
