package brightlintel.desktop.text;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.desktop.command.Commands;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.task.Claims;
import brightlintel.drawing.Code;
import brightlintel.read.Refused;
import brightlintel.snap.SnapKind;
import brightlintel.store.NotOpened;
import brightlintel.store.Remark;
import brightlintel.write.ifc.IfcWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** No sentence may be missing, and none may hang about unused. */
class WordsTest {
    private static List<String> sources(String... roots) throws IOException {
        List<String> out = new ArrayList<>();
        for (String r : roots)
            try (Stream<Path> files = Files.walk(Path.of(r))) {
                for (Path f : files.filter(x -> x.toString().endsWith(".java")).toList()) out.add(Files.readString(f));
            }
        return out;
    }

    @Test void everyKeyNamedInTheCodeHasItsWords() throws IOException {
        TreeSet<String> missing = new TreeSet<>();
        for (String s : sources("src/main/java", "../core/src/main/java")) {
            Matcher m = Pattern.compile("Words\\.(of|count)\\(\"([a-z][A-Za-z0-9_.-]*[A-Za-z0-9])\"").matcher(s);
            while (m.find())
                for (String k : m.group(1).equals("count") ? List.of(m.group(2) + ".one", m.group(2) + ".many") : List.of(m.group(2)))
                    if (!Words.has(k)) missing.add(k);
            Matcher e = Pattern.compile("\"(edit\\.[a-z-]+)\"").matcher(s);
            while (e.find()) if (!Words.has(e.group(1))) missing.add(e.group(1));
        }
        assertThat(missing).isEmpty();
    }

    @Test void everyCodeReasonCommandAndKindHasItsWords() {
        TreeSet<String> missing = new TreeSet<>();
        for (Code c : Code.values()) add(missing, "code." + c);
        for (Refused.Why y : Refused.Why.values()) add(missing, "refused." + y);
        for (NotOpened.Why y : NotOpened.Why.values()) add(missing, "not-opened." + y);
        for (IfcWriter.Note n : IfcWriter.Note.values()) add(missing, "note." + n);
        for (SnapKind k : SnapKind.values()) add(missing, "snap." + k.name().toLowerCase(Locale.ROOT));
        for (Stage s : Stage.values())
            for (String p : List.of("stage.", "tip.stage.", "prompt.select.")) add(missing, p + s.name().toLowerCase(Locale.ROOT));
        for (Remark.Kind k : Remark.Kind.values()) add(missing, "remark." + k);
        for (Claims.Trouble t : Claims.Trouble.values()) for (String p : List.of("title", "text")) add(missing, "claim." + t + "." + p);
        new Commands().list().forEach(c -> add(missing, "command." + c.id()));
        assertThat(missing).isEmpty();
    }

    /**
     * Every sentence is said somewhere: its key stands in the code, or the code puts it together from a beginning and something named
     * there.
     */
    @Test void noWordsAreUnused() throws IOException {
        String all = String.join("\n", sources("src/main/java", "../core/src/main/java"));
        TreeSet<String> literals = new TreeSet<>(), begins = new TreeSet<>();
        Matcher m = Pattern.compile("\"([a-z][A-Za-z0-9_.-]*)\"").matcher(all);
        while (m.find()) (m.group(1).endsWith(".") ? begins : literals).add(m.group(1));
        begins.remove("edit.");
        TreeSet<String> unused = new TreeSet<>();
        for (String key : Words.keys()) {
            String plain = key.replaceFirst("\\.(one|many)$", "");
            boolean whole = literals.contains(key) || literals.contains(plain);
            // a part of the key that is put behind a beginning is named in the code too: as an enum's constant, a kind or a word
            boolean put = begins.stream().filter(key::startsWith).map(b -> plain.substring(Math.min(plain.length(), b.length())))
                .anyMatch(rest -> isNamed(rest, all, literals));
            if (!whole && !put) unused.add(key);
        }
        assertThat(unused).isEmpty();
    }

    private static boolean isNamed(String rest, String all, TreeSet<String> literals) {
        for (String part : rest.split("\\.")) {
            if (literals.contains(part) || literals.contains(rest)) continue;
            String constant = part.toUpperCase(Locale.ROOT).replace('-', '_');
            if (!Pattern.compile("\\b(" + Pattern.quote(part) + "|" + constant + ")\\b").matcher(all).find()) return false;
        }
        return true;
    }

    private static void add(TreeSet<String> missing, String key) {
        if (!Words.has(key)) missing.add(key);
    }

    @Test void wordsAreFilledInWithTheirNumber() {
        assertThat(Words.count("saved.steps", 1)).isEqualTo("unsaved, 1 step");
        assertThat(Words.count("saved.steps", 12345)).isEqualTo("unsaved, 12\u202f345 steps");
    }
}
