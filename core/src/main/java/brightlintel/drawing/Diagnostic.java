package brightlintel.drawing;

import java.util.List;

/** @param values what the sentence fills in: names, numbers */
public record Diagnostic(Code code, Location at, List<Object> values) {
    public Diagnostic {
        values = List.copyOf(values);
    }
}
