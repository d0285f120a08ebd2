package brightlintel;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Who may know whom, as docs/architecture.md has it: a package imports only what stands before it. */
class HouseTest {
    private static final Path MAIN = Path.of("src/main/java/brightlintel");
    /** From the ground up; those of one row do not know each other but where the second table says so. */
    private static final List<Set<String>> ROWS = List.of(Set.of("geom"), Set.of("drawing"), Set.of("building"),
        Set.of("read", "flatten", "lengths", "find", "joint", "measure"), Set.of("correct", "clear", "repair", "solid"),
        Set.of("place", "role", "sheet"), Set.of("trace", "snap", "select", "edit"), Set.of("paint", "view3d", "write", "store", "inspect", "recognise"), Set.of("receive"),
        Set.of("demo"));
    private static final Map<String, Set<String>> BESIDE = Map.of("view3d", Set.of("paint"));

    private static Map<String, Set<String>> imports() throws IOException {
        Map<String, Set<String>> out = new TreeMap<>();
        Pattern p = Pattern.compile("(?m)^import (?:static )?brightlintel\\.([a-z0-9]+)");
        try (Stream<Path> files = Files.walk(MAIN)) {
            for (Path f : files.filter(x -> x.toString().endsWith(".java")).toList()) {
                String own = MAIN.relativize(f).getName(0).toString();
                Matcher m = p.matcher(Files.readString(f));
                while (m.find()) if (!m.group(1).equals(own)) out.computeIfAbsent(own, _ -> new TreeSet<>()).add(m.group(1));
            }
        }
        return out;
    }

    private static int row(String name) {
        for (int i = 0; i < ROWS.size(); i++) if (ROWS.get(i).contains(name)) return i;
        throw new AssertionError("package " + name + " has no place in the house");
    }

    @Test void everyPackageKnowsOnlyThoseBelowIt() throws IOException {
        TreeSet<String> wrong = new TreeSet<>();
        imports().forEach((own, others) -> others.forEach(o -> {
            if (row(o) >= row(own) && !BESIDE.getOrDefault(own, Set.of()).contains(o)) wrong.add(own + " knows " + o);
        }));
        assertThat(wrong).isEmpty();
    }

    /** Nothing is named by its whole path in the middle of a line: imports say what a file knows. */
    @Test void importsSayWhatAFileKnows() throws IOException {
        TreeSet<String> inline = new TreeSet<>();
        Pattern p = Pattern.compile("\\b(?:brightlintel|java|javax|tools\\.jackson|org)\\.(?:[a-z0-9]+\\.)+[A-Z]\\w+");
        for (String module : List.of("../core", "../cli", "../desktop", "../bench"))
            try (Stream<Path> files = Files.walk(Path.of(module, "src/main/java"))) {
                for (Path f : files.filter(x -> x.toString().endsWith(".java")).toList())
                    for (String line : Files.readAllLines(f)) {
                        String t = line.strip();
                        if (t.startsWith("import ") || t.startsWith("*") || t.startsWith("/*") || t.startsWith("//")) continue;
                        Matcher m = p.matcher(t.replaceAll("\"[^\"]*\"", "").replaceAll("@(?:link|throws)\\s+\\S+", ""));
                        if (m.find()) inline.add(f.getFileName() + ": " + m.group());
                    }
            }
        assertThat(inline).isEmpty();
    }

    @Test void linesAreNoLongerThanAReaderTakesIn() throws IOException {
        TreeSet<String> tooLong = new TreeSet<>();
        for (String module : List.of("../core", "../cli", "../desktop", "../bench"))
            try (Stream<Path> files = Files.walk(Path.of(module, "src/main/java"))) {
                for (Path f : files.filter(x -> x.toString().endsWith(".java")).toList()) {
                    List<String> lines = Files.readAllLines(f);
                    for (int i = 0; i < lines.size(); i++) if (lines.get(i).length() > 140) tooLong.add(f.getFileName() + ":" + (i + 1));
                }
            }
        assertThat(tooLong).isEmpty();
    }
}
