package brightlintel.read.dwg;

import brightlintel.drawing.Block;
import brightlintel.drawing.Code;
import brightlintel.drawing.Companions;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Format;
import brightlintel.drawing.Header;
import brightlintel.drawing.Layer;
import brightlintel.drawing.LineType;
import brightlintel.drawing.Location;
import brightlintel.drawing.Names;
import brightlintel.drawing.Paper;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Releases;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Tables;
import brightlintel.read.CodePages;
import brightlintel.read.Endings;
import brightlintel.read.HashedStream;
import brightlintel.read.Refused;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;

/**
 * Opens the container, reads the records that entities refer to, then the entities in the order of the map of objects. An object that makes
 * no sense is left out and counted; where the map is broken, objects are looked for by their checksums.
 */
public final class DwgReader {
    private static final int PULSE_EVERY = 4096, RUN = 4096, VERSION = 6, MAINTENANCE = 11, CODE_PAGE = 0x13, SMALLEST = 0x100;
    private final Container container;
    private final int maintenance;
    private final ReadLimits limits;
    private final Report.Builder report;
    private final Progress progress;
    private final Records records;
    private Map<Integer, DwgClass> classes = Map.of();
    private final Gathered gathered = new Gathered();

    private DwgReader(Container container, int maintenance, ReadLimits limits, Report.Builder report, Progress progress) {
        this.container = container;
        this.maintenance = maintenance;
        this.limits = limits;
        this.report = report;
        this.progress = progress;
        records = new Records(container.version(), container.charset());
    }

    public static RawDrawing read(Path file, boolean hash, ReadLimits limits, Progress progress) throws IOException {
        Report.Builder report = new Report.Builder();
        long total = Files.size(file);
        if (total > Integer.MAX_VALUE - SMALLEST) throw new Refused(Refused.Why.TOO_BIG, file.getFileName(), total, Integer.MAX_VALUE);
        byte[] bytes = new byte[(int) total + Bits.ROOM];
        int n;
        try (InputStream in = Files.newInputStream(file)) {
            n = in.readNBytes(bytes, 0, (int) total);
        }
        progress.at(Progress.Stage.READING, 0, total);
        CompletableFuture<String> sha = hash ? CompletableFuture.supplyAsync(() -> HashedStream.hexOf(bytes, n))
            : CompletableFuture.completedFuture("");
        DwgReader r = new DwgReader(open(file, bytes, report), bytes[MAINTENANCE], limits, report, progress);
        r.objects();
        return r.drawing(sha.join());
    }

    private static Container open(Path file, byte[] bytes, Report.Builder report) throws Refused {
        String word = new String(bytes, 0, VERSION, StandardCharsets.ISO_8859_1);
        Version v = Version.of(word).orElseThrow(() -> new Refused(Refused.Why.OLD_VERSION, file.getFileName(), Releases.withWord(word)));
        if (bytes.length < SMALLEST)
            throw new Refused(Refused.Why.LOST, file.getFileName(), "it ends at byte " + (bytes.length - Bits.ROOM));
        Charset charset = CodePages.of(Container.shortAt(bytes, CODE_PAGE));
        try {
            return switch (v) {
                case R2000 -> Plain.open(bytes, charset, report);
                case R2007 -> Paged2007.open(bytes, report);
                default -> Paged.open(bytes, v, charset, report);
            };
        } catch (Damaged e) {
            throw new Refused(Refused.Why.LOST, file.getFileName(), e.getMessage());
        }
    }

    private void objects() {
        check(container.header(), "header");
        check(container.classes(), "classes");
        classes = Classes.read(container, maintenance);
        ObjectBits o = bits();
        Survey.Places places = new Survey(o, container.objects(), t -> Kind.isFixed(t) || classes.containsKey(t), report)
            .places(ObjectMap.read(container.map()));
        for (int i = 0; i < places.at().length; i++) record(o, places.at()[i], places.types()[i]);
        records.settle();
        entities(places);
    }

    /** A checksum covers the part from its size to the end of its data. */
    private void check(byte[] part, String name) {
        int from = Marks.HEADER.length, room = part.length - Bits.ROOM;
        if (room < from + 4) return;
        long n = (container.version().longSizes(maintenance) ? 8L : 4L) + (Container.intAt(part, from) & 0xffffffffL), sum = from + n;
        boolean right = sum + 2 <= room && Crc.of(Crc.SEED, part, from, (int) n) == Container.shortAt(part, (int) sum);
        if (!right) report.say(Code.CHECKSUM_WRONG, new Location.Whole(), name);
    }

    private ObjectBits bits() {
        return new ObjectBits(container.version(), container.charset(), container.objects());
    }

    private void record(ObjectBits o, long place, int type) {
        String name = type >= Kind.FIRST_CLASS ? className(type) : "";
        int kind = name.equals("LAYOUT") ? Kind.LAYOUT : type;
        if (kind != Kind.BLOCK && !Kind.isRecord(kind) && !name.equals("IMAGEDEF")) return;
        try {
            o.open(place);
            if (kind == Kind.BLOCK) records.begun(o);
            else records.read(o, kind);
        } catch (Damaged e) {
            report.say(Code.OBJECT_DAMAGED, new Location.Offset(place), e.getMessage());
        }
    }

    private String className(int type) {
        DwgClass c = classes.get(type);
        return c == null ? "" : c.name();
    }

    /** Runs of objects are read on all cores and put together in their order. */
    private void entities(Survey.Places places) {
        int n = places.at().length, runs = Math.clamp(n / RUN, 1, 4 * Runtime.getRuntime().availableProcessors());
        Thread caller = Thread.currentThread();
        AtomicInteger done = new AtomicInteger();
        record Run(Gathered gathered, Report.Builder report) { }
        List<Run> all = IntStream.range(0, runs).parallel().mapToObj(k -> {
            Report.Builder own = new Report.Builder();
            EntityReader reader = new EntityReader(records, own);
            ObjectBits o = bits();
            int from = (int) ((long) n * k / runs), to = (int) ((long) n * (k + 1) / runs);
            for (int i = from; i < to; i++) {
                if (isEntity(places.types()[i])) entity(reader, o, places.at()[i], places.types()[i], i, own);
                if ((i - from) % PULSE_EVERY == PULSE_EVERY - 1) {
                    int read = done.addAndGet(PULSE_EVERY);
                    if (Thread.currentThread() == caller) progress.at(Progress.Stage.READING, read, n);
                }
            }
            return new Run(reader.gathered(), own);
        }).toList();
        for (Run r : all) {
            gathered.append(r.gathered);
            report.append(r.report.build());
        }
    }

    private boolean isEntity(int type) {
        return Kind.isEntity(type) || type >= Kind.FIRST_CLASS && classes.containsKey(type) && classes.get(type).entity();
    }

    private void entity(EntityReader reader, ObjectBits o, long place, int type, int ordinal, Report.Builder own) {
        if (ordinal >= limits.entities()) {
            own.say(Code.TOO_MANY_ENTITIES, new Location.Whole(), limits.entities());
            return;
        }
        try {
            o.open(place);
            reader.read(o, type, className(type), ordinal + 1L);
        } catch (Damaged | IllegalArgumentException e) {
            own.say(Code.OBJECT_DAMAGED, new Location.Offset(place), e.getMessage());
        }
    }

    private RawDrawing drawing(String sha) {
        List<Entity> model = new ArrayList<>();
        Map<String, List<Entity>> sheets = new LinkedHashMap<>();
        Map<String, Block> blocks = new LinkedHashMap<>();
        Map<Long, List<Entity>> byOwner = gathered.joined(report);
        model.addAll(taken(byOwner, Gathered.MODEL));
        List<Entity> current = new ArrayList<>(taken(byOwner, Gathered.SHEET));
        Map<String, Paper> papers = new HashMap<>();
        records.blocks().forEach((handle, head) -> {
            String key = Names.key(head.name());
            List<Entity> inside = taken(byOwner, handle);
            if (key.startsWith("*model_space")) model.addAll(inside);
            else if (key.startsWith("*paper_space")) {
                String name = records.layout(handle).isEmpty() ? key : records.layout(handle);
                records.paper(handle).ifPresent(p -> papers.put(name, p));
                List<Entity> sheet = sheets.computeIfAbsent(name, _ -> new ArrayList<>());
                if (key.equals("*paper_space")) {
                    sheet.addAll(current);
                    current.clear();
                }
                sheet.addAll(inside);
            } else blocks.put(key, new Block(head.name(), head.base(), inside, head.external()));
        });
        if (!current.isEmpty()) sheets.computeIfAbsent("*paper_space", _ -> new ArrayList<>()).addAll(current);
        byOwner.values().forEach(lost -> lost.forEach(e -> report.say(Code.OWNER_LOST, new Location.Whole(), e.kind())));
        List<Space> spaces = new ArrayList<>(List.of(Space.model(model)));
        sheets.forEach((name, list) -> spaces.add(new Space(new SpaceKey.Layout(name), Optional.ofNullable(papers.get(name)), list)));
        return drawing(sha, spaces, blocks);
    }

    private static List<Entity> taken(Map<Long, List<Entity>> byOwner, long owner) {
        List<Entity> list = byOwner.remove(owner);
        return list == null ? List.of() : list;
    }

    private RawDrawing drawing(String sha, List<Space> spaces, Map<String, Block> blocks) {
        List<Layer> layers = records.layers();
        Endings.say(report, layers, spaces);
        Map<String, LineType> types = new LinkedHashMap<>();
        records.lineTypes().forEach(t -> types.put(Names.key(t.name()), t));
        return new RawDrawing(sha, Format.DWG, container.version().word(), new Header(HeaderVariables.read(container, maintenance)), layers,
            new Tables(types, records.dimensionStyles()),
            spaces, blocks, Companions.NONE, report.build());
    }
}
