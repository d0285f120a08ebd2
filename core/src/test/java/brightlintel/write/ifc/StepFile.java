package brightlintel.write.ifc;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Reads the data section of an exchange file of ISO 10303-21, by its grammar and nothing of the writer: entities, values, references. */
final class StepFile {
    record Entity(int number, String type, List<Object> values) { }

    record Ref(int number) { }

    record Typed(String type, List<Object> values) { }

    private final Map<Integer, Entity> entities = new LinkedHashMap<>();
    private final String text;
    private int at;

    StepFile(String text) {
        this.text = text;
        at = text.indexOf("DATA;") + 5;
        while (skip() == '#') {
            at++;
            int n = number();
            expect('=');
            String type = word();
            entities.put(n, new Entity(n, type, list()));
            expect(';');
        }
        if (!text.startsWith("ENDSEC;", at))
            throw new IllegalArgumentException("at " + at + ": " + text.substring(at, Math.min(text.length(), at + 40)));
    }

    Map<Integer, Entity> entities() {
        return entities;
    }

    List<Entity> all(String type) {
        return entities.values().stream().filter(e -> e.type.equals(type)).toList();
    }

    Entity get(Object ref) {
        return entities.get(((Ref) ref).number);
    }

    static List<Ref> refs(Object value) {
        List<Ref> out = new ArrayList<>();
        switch (value) {
            case Ref r -> out.add(r);
            case List<?> l -> l.forEach(v -> out.addAll(refs(v)));
            case Typed t -> out.addAll(refs(t.values));
            default -> { }
        }
        return out;
    }

    private char skip() {
        while (Character.isWhitespace(text.charAt(at))) at++;
        return text.charAt(at);
    }

    private void expect(char c) {
        if (skip() != c) throw new IllegalArgumentException("at " + at + " stands " + text.charAt(at) + ", not " + c);
        at++;
    }

    private int number() {
        int from = at;
        while (Character.isDigit(text.charAt(at))) at++;
        return Integer.parseInt(text.substring(from, at));
    }

    private String word() {
        skip();
        int from = at;
        while (Character.isLetterOrDigit(text.charAt(at)) || text.charAt(at) == '_') at++;
        return text.substring(from, at);
    }

    private List<Object> list() {
        List<Object> out = new ArrayList<>();
        expect('(');
        if (skip() != ')') {
            out.add(value());
            while (skip() == ',') {
                at++;
                out.add(value());
            }
        }
        expect(')');
        return out;
    }

    private Object value() {
        char c = skip();
        if (c == '(') return list();
        if (c == '\'') return string();
        if (c == '#') {
            at++;
            return new Ref(number());
        }
        if (c == '$' || c == '*') {
            at++;
            return String.valueOf(c);
        }
        if (c == '.') {
            int end = text.indexOf('.', at + 1);
            String e = text.substring(at, end + 1);
            at = end + 1;
            return e;
        }
        if (Character.isLetter(c)) return new Typed(word(), list());
        int from = at;
        while ("+-.0123456789E".indexOf(text.charAt(at)) >= 0) at++;
        String n = text.substring(from, at);
        return n.contains(".") ? (Object) Double.valueOf(n) : (Object) Integer.valueOf(n);
    }

    private String string() {
        StringBuilder b = new StringBuilder();
        at++;
        int digits = 0;
        while (true) {
            if (text.startsWith("''", at)) {
                b.append('\'');
                at += 2;
            } else if (text.startsWith("\\\\", at)) {
                b.append('\\');
                at += 2;
            } else if (text.startsWith("\\X", at)) {
                digits = 2 * (text.charAt(at + 2) - '0');
                at += 4;
            } else if (digits > 0) {
                b.appendCodePoint(Integer.parseInt(text.substring(at, at + digits), 16));
                at += digits;
            } else if (text.charAt(at) == '\'') {
                at++;
                return b.toString();
            } else b.append(text.charAt(at++));
        }
    }
}
