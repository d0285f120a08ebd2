package brightlintel.read.dxf;

import brightlintel.drawing.Block;
import brightlintel.drawing.Code;
import brightlintel.drawing.Companions;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Format;
import brightlintel.drawing.Header;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Location;
import brightlintel.drawing.Names;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Vec3;
import brightlintel.read.CodePages;
import brightlintel.read.Endings;
import brightlintel.read.HashedStream;
import brightlintel.read.Refused;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;

/** Sections in any order, each optional. A shape that cannot be right is left out and reported; the rest is read. */
public final class DxfReader {
    private final Tokens in;
    private final Report.Builder report;
    private final ReadLimits limits;
    private final Map<String, String> header = new LinkedHashMap<>();
    private final TableReader tables = new TableReader();
    private final ObjectReader objects = new ObjectReader();
    private final Map<String, Block> blocks = new LinkedHashMap<>();
    private final List<Entity> model = new ArrayList<>();
    private final Map<String, List<Entity>> layouts = new LinkedHashMap<>();
    private final EntityReader entities;
    private boolean sawSection;

    private DxfReader(Tokens in, Report.Builder report, ReadLimits limits, EntityReader.Pulse pulse) {
        this.in = in;
        this.report = report;
        this.limits = limits;
        this.entities = new EntityReader(in, report, limits, pulse);
    }

    public static RawDrawing read(Path file, Format format, boolean hash, ReadLimits limits, Progress progress) throws IOException {
        long total = Files.size(file);
        try (HashedStream hashed = new HashedStream(file, hash)) {
            Report.Builder report = new Report.Builder();
            Tokens tokens = format == Format.DXF_BINARY ? new BinaryTokens(hashed, report) : new TextTokens(hashed, report);
            DxfReader reader = new DxfReader(tokens, report, limits, () -> progress.at(Progress.Stage.READING, tokens.bytesRead(), total));
            reader.sections(file);
            return reader.drawing(hashed.sha256Hex(), format);
        }
    }

    private void sections(Path file) throws IOException {
        boolean more = in.next();
        while (more) {
            if (in.code() != 0) {
                more = in.next();
                continue;
            }
            String word = in.text();
            if (word.equals("EOF")) break;
            more = word.equals("SECTION") ? section() : in.next();
        }
        if (!more) report.say(Code.FILE_ENDS_EARLY, in.at());
        if (!sawSection) throw new Refused(Refused.Why.NOT_A_DRAWING, file.getFileName());
        if (header.isEmpty()) report.say(Code.NO_HEADER, new Location.Whole());
    }

    /** @return whether the tokens stand on a pair that is still to be looked at */
    private boolean section() throws IOException {
        if (!in.next()) return false;
        if (in.code() != 2) return true;
        String name = in.text();
        sawSection = true;
        if (!in.next()) return false;
        return switch (name) {
            case "HEADER" -> header();
            case "TABLES" -> records(tables::record);
            case "BLOCKS" -> records(this::block);
            case "OBJECTS" -> records(objects::object);
            case "ENTITIES" -> entities.readUntilEnd(this::place);
            default -> skipSection();
        };
    }

    private boolean skipSection() throws IOException {
        while (!(in.code() == 0 && in.text().equals("ENDSEC"))) if (!in.next()) return false;
        return in.next();
    }

    private boolean header() throws IOException {
        String name = "";
        while (in.code() != 0) {
            if (in.code() == 9) name = in.text().trim().toUpperCase(Locale.ROOT);
            else if (!name.isEmpty()) header.merge(name, in.text().trim(), (a, b) -> a.length() < 200 ? a + " " + b : a);
            if (!in.next()) return false;
            chooseCharset();
        }
        return skipSection();
    }

    /** Before 2007 the header names a code page; since then all text is UTF-8. */
    private void chooseCharset() {
        String version = header.getOrDefault("$ACADVER", "");
        if (version.compareTo("AC1021") >= 0) in.charset(StandardCharsets.UTF_8);
        else if (header.containsKey("$DWGCODEPAGE")) in.charset(CodePages.of(header.get("$DWGCODEPAGE")));
    }

    /** What is made of a record, or of one and what follows it. */
    private interface Each {
        /** @param more whether the file goes on behind the groups
         *  @return the same behind all that was taken */
        boolean take(String word, Groups g, boolean more) throws IOException;
    }

    private boolean records(BiConsumer<String, Groups> each) throws IOException {
        return records((word, g, more) -> {
            each.accept(word, g);
            return more;
        });
    }

    private boolean records(Each each) throws IOException {
        Groups g = new Groups();
        while (true) {
            if (in.code() != 0) {
                if (!in.next()) return false;
                continue;
            }
            String word = in.text();
            if (word.equals("ENDSEC")) return in.next();
            if (word.equals("EOF") || word.equals("SECTION")) return true;
            if (!each.take(word, g, g.read(word, in, report))) return false;
        }
    }

    private boolean block(String word, Groups g, boolean more) throws IOException {
        if (!word.equals("BLOCK")) return more;
        String name = g.text(2, "");
        Vec3 base = g.point(10);
        String external = (g.whole(70, 0) & 4) != 0 ? g.text(1, name) : "";
        List<Entity> inside = new ArrayList<>();
        boolean goesOn = more && entities.readUntilEnd((e, _) -> inside.add(e));
        keepBlock(new Block(name, base.isFinite() ? base : Vec3.ZERO, inside, external));
        return goesOn;
    }

    /** In this format the spaces' own blocks are empty, but for layouts other than the current one, whose content stands there. */
    private void keepBlock(Block b) {
        String key = Names.key(b.name());
        if (key.startsWith("*model_space") || key.equals("$model_space")) model.addAll(b.entities());
        else if (key.startsWith("*paper_space") || key.startsWith("$paper_space"))
            layouts.computeIfAbsent(key.replace('$', '*'), _ -> new ArrayList<>()).addAll(b.entities());
        else if (!b.name().isEmpty()) blocks.put(key, b);
    }

    private void place(Entity e, boolean paper) {
        if (paper) layouts.computeIfAbsent("*paper_space", _ -> new ArrayList<>()).add(e);
        else model.add(e);
    }

    private RawDrawing drawing(String sha, Format format) {
        List<Space> spaces = new ArrayList<>();
        spaces.add(Space.model(named(model)));
        Map<String, ObjectReader.Sheet> sheets = layoutSheets();
        layouts.forEach((block, list) -> {
            ObjectReader.Sheet s = sheets.getOrDefault(block, new ObjectReader.Sheet(block, Optional.empty()));
            spaces.add(new Space(new SpaceKey.Layout(s.name()), s.paper(), named(list)));
        });
        blocks.replaceAll((_, b) -> new Block(b.name(), b.base(), named(b.entities()), b.external()));
        Map<String, Layer> layers = tables.layers();
        entities.layersUsed().forEach(name -> {
            if (layers.putIfAbsent(Names.key(name), Layer.undeclared(name)) == null && !name.equals("0"))
                report.say(Code.LAYER_NOT_DECLARED, new Location.Whole(), name);
        });
        Endings.say(report, layers.values(), spaces);
        return new RawDrawing(sha, format, header.getOrDefault("$ACADVER", ""), new Header(header), List.copyOf(layers.values()),
            tables.tables(), spaces,
            blocks, Companions.NONE, report.build());
    }

    /** The layout that each block of a sheet stands for. */
    private Map<String, ObjectReader.Sheet> layoutSheets() {
        Map<String, ObjectReader.Sheet> out = new HashMap<>();
        objects.layouts().forEach((record, sheet) -> tables.block(record).ifPresent(block -> out.put(Names.key(block), sheet)));
        return out;
    }

    /** Pictures name their definition, which stands behind them in the file. */
    private List<Entity> named(List<Entity> entities) {
        if (!this.entities.sawPictures()) return entities;
        return entities.stream().map(e -> e instanceof Entity.Picture p
            ? p.from(objects.pictureFiles().getOrDefault(p.file().toUpperCase(Locale.ROOT), "")) : e).toList();
    }
}
