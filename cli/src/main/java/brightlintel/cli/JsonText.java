package brightlintel.cli;

import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JsonEncoding;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.PrettyPrinter;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.util.DefaultPrettyPrinter;

/**
 * Maps, lists and plain values as JSON, indented. Written as it is walked: setting up a mapper of any objects, or a switch over patterns,
 * which is put together at run time, would take longer than a small call.
 */
final class JsonText {
    private JsonText() { }

    static byte[] of(Object value) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (JsonGenerator g = new JsonFactory().createGenerator(new Indented(), out, JsonEncoding.UTF8)) {
            write(value, g);
        }
        return out.toByteArray();
    }

    private static void write(Object value, JsonGenerator g) {
        if (value == null) g.writeNull();
        else if (value instanceof String s) g.writeString(s);
        else if (value instanceof Integer i) g.writeNumber(i);
        else if (value instanceof Long l) g.writeNumber(l);
        else if (value instanceof Double d) g.writeNumber(d);
        else if (value instanceof Boolean b) g.writeBoolean(b);
        else if (value instanceof List<?> l) {
            g.writeStartArray();
            for (Object o : l) write(o, g);
            g.writeEndArray();
        } else if (value instanceof Map<?, ?> m) {
            g.writeStartObject();
            for (Map.Entry<?, ?> e : m.entrySet()) {
                g.writeName((String) e.getKey());
                write(e.getValue(), g);
            }
            g.writeEndObject();
        } else throw new IllegalArgumentException(value.getClass() + " is no value of JSON");
    }

    private static final class Indented extends ObjectWriteContext.Base {
        @Override public PrettyPrinter getPrettyPrinter() {
            return new DefaultPrettyPrinter();
        }

        @Override public boolean hasPrettyPrinter() {
            return true;
        }
    }
}
