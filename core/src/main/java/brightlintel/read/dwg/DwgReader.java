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
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Tables;
import brightlintel.read.CodePages;
import brightlintel.read.HashedStream;
import brightlintel.read.ReadLimits;
import brightlintel.read.Refused;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Opens the container, reads the records that entities refer to, then the entities in the order of the map of objects. An object that makes no
 * sense is left out and counted; where the map is broken, objects are looked for by their checksums.
 */
public final class DwgReader {
    private static final int PULSE_EVERY = 4096, VERSION = 6, MAINTENANCE = 11, CODE_PAGE = 0x13, SMALLEST = 0x100;
    private final Container container;
    private final int maintenance;
    private final ReadLimits limits;
    private final Report.Builder report;
    private final Progress progress;
    private final Records records;
    private final EntityReader entities;
    private Map<Integer, DwgClass> classes = Map.of();

    private DwgReader(Container container, int maintenance, ReadLimits limits, Report.Builder report, Progress progress) {
        this.container = container;
        this.maintenance = maintenance;
        this.limits = limits;
        this.report = report;
        this.progress = progress;
        records = new Records(container.version(), container.charset());
        entities = new EntityReader(records, limits, report);
    }

    public static RawDrawing read(Path file, boolean hash, ReadLimits limits, Progress progress) throws IOException {
        Report.Builder report = new Report.Builder();
        long total = Files.size(file);
        if (total > Integer.MAX_VALUE - SMALLEST) throw new Refused(Refused.Why.TOO_BIG, file.getFileName(), total, Integer.MAX_VALUE);
        byte[] bytes = new byte[(int) total + Bits.ROOM];
        try (HashedStream in = new HashedStream(file, hash)) {
            int n = in.readNBytes(bytes, 0, (int) total);
            progress.at(Progress.Stage.READING, n / 4, total);
            DwgReader r = new DwgReader(open(file, bytes, report), bytes[MAINTENANCE], limits, report, progress);
            r.objects();
            return r.drawing(in.sha256Hex());
        }
    }

    private static Container open(Path file, byte[] bytes, Report.Builder report) throws Refused {
        String word = new String(bytes, 0, VERSION, StandardCharsets.ISO_8859_1);
        Version v = Version.of(word).orElseThrow(() -> new Refused(Refused.Why.OLD_VERSION, file.getFileName(), Version.release(word)));
        if (bytes.length < SMALLEST) throw new Refused(Refused.Why.LOST, file.getFileName(), "it ends at byte " + (bytes.length - Bits.ROOM));
        Charset charset = CodePages.of(bytes[CODE_PAGE] & 255 | (bytes[CODE_PAGE + 1] & 255) << 8);
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
        classes = Classes.read(container, maintenance);
        ObjectBits o = new ObjectBits(container.version(), container.charset(), container.objects());
        long[] places = new Survey(o, container.objects(), t -> Kind.isFixed(t) || classes.containsKey(t), report).places(ObjectMap.read(container.map()));
        int[] kinds = new int[places.length];
        for (int i = 0; i < places.length; i++) {
            beat(i, 2L * places.length);
            kinds[i] = record(o, places[i]);
        }
        for (int i = 0; i < places.length; i++) {
            beat(places.length + i, 2L * places.length);
            if (kinds[i] >= 0) entity(o, places[i], kinds[i]);
        }
    }

    private void beat(long done, long total) {
        if (done % PULSE_EVERY == 0) progress.at(Progress.Stage.READING, done, total);
    }

    /** @return the kind of what is an entity, else -1 */
    private int record(ObjectBits o, long place) {
        try {
            int type = o.open(place);
            DwgClass c = classes.get(type);
            String name = c == null ? "" : c.name();
            if (Kind.isRecord(type) || name.equals("IMAGEDEF")) records.read(o, type);
            else if (name.equals("LAYOUT")) records.read(o, Kind.LAYOUT);
            return Kind.isEntity(type) || c != null && c.entity() ? type : -1;
        } catch (Damaged e) {
            report.say(Code.OBJECT_DAMAGED, new Location.Offset(place), e.getMessage());
            return -1;
        }
    }

    private void entity(ObjectBits o, long place, int type) {
        try {
            o.open(place);
            DwgClass c = classes.get(type);
            entities.read(o, type, c == null ? "" : c.name());
        } catch (Damaged | IllegalArgumentException e) {
            report.say(Code.OBJECT_DAMAGED, new Location.Offset(place), e.getMessage());
        }
    }

    private RawDrawing drawing(String sha) {
        List<Entity> model = new ArrayList<>();
        Map<String, List<Entity>> sheets = new LinkedHashMap<>();
        Map<String, Block> blocks = new LinkedHashMap<>();
        Map<Long, List<Entity>> byOwner = entities.byOwner();
        model.addAll(taken(byOwner, EntityReader.MODEL));
        List<Entity> current = new ArrayList<>(taken(byOwner, EntityReader.SHEET));
        records.blocks().forEach((handle, head) -> {
            String key = Names.key(head.name());
            List<Entity> inside = taken(byOwner, handle);
            if (key.startsWith("*model_space")) model.addAll(inside);
            else if (key.startsWith("*paper_space")) {
                List<Entity> sheet = sheets.computeIfAbsent(records.layout(handle).isEmpty() ? key : records.layout(handle), _ -> new ArrayList<>());
                if (key.equals("*paper_space")) {
                    sheet.addAll(current);
                    current.clear();
                }
                sheet.addAll(inside);
            } else blocks.put(key, new Block(head.name(), head.base(), inside, head.external()));
        });
        if (!current.isEmpty()) sheets.computeIfAbsent("*paper_space", _ -> new ArrayList<>()).addAll(current);
        byOwner.values().forEach(lost -> lost.forEach(e -> report.say(Code.OWNER_LOST, new Location.Whole(), e.kind())));
        List<Space> spaces = new ArrayList<>(List.of(new Space(new SpaceKey.Model(), model)));
        sheets.forEach((name, list) -> {
            if (!list.isEmpty()) spaces.add(new Space(new SpaceKey.Layout(name), list));
        });
        return drawing(sha, spaces, blocks);
    }

    private static List<Entity> taken(Map<Long, List<Entity>> byOwner, long owner) {
        List<Entity> list = byOwner.remove(owner);
        return list == null ? List.of() : list;
    }

    private RawDrawing drawing(String sha, List<Space> spaces, Map<String, Block> blocks) {
        List<Layer> layers = records.layers();
        for (Layer l : layers) {
            if (l.frozen()) report.say(Code.LAYER_FROZEN_IN_FILE, new Location.Whole(), l.name());
            else if (l.off()) report.say(Code.LAYER_OFF_IN_FILE, new Location.Whole(), l.name());
        }
        Map<String, LineType> types = new LinkedHashMap<>();
        records.lineTypes().forEach(t -> types.put(Names.key(t.name()), t));
        if (spaces.stream().allMatch(s -> s.entities().isEmpty())) report.say(Code.NOTHING_DRAWN, new Location.Whole());
        return new RawDrawing(sha, Format.DWG, container.version().word(), new Header(HeaderVariables.read(container, maintenance)), layers, new Tables(types, records.dimensionStyles()),
            spaces, blocks, Companions.NONE, report.build());
    }
}
