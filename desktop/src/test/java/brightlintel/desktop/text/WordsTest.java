package brightlintel.desktop.text;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.desktop.command.Commands;
import brightlintel.desktop.state.Stage;
import brightlintel.drawing.Code;
import brightlintel.read.Refused;
import brightlintel.snap.SnapKind;
import brightlintel.store.NotOpened;
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
        new Commands().list().forEach(c -> add(missing, "command." + c.id()));
        assertThat(missing).isEmpty();
    }

    private static void add(TreeSet<String> missing, String key) {
        if (!Words.has(key)) missing.add(key);
    }

    @Test void wordsAreFilledInWithTheirNumber() {
        assertThat(Words.count("saved.steps", 1)).isEqualTo("unsaved, 1 step");
        assertThat(Words.count("saved.steps", 12345)).isEqualTo("unsaved, 12\u202f345 steps");
    }
}
