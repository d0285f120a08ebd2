package brightlintel.receive;

import brightlintel.drawing.Companions;
import brightlintel.drawing.Detail;
import brightlintel.drawing.Pixels;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.read.DrawingReader;
import brightlintel.read.Wanted;
import brightlintel.read.picture.SquarePack;
import brightlintel.read.picture.SquareRows;
import java.io.Closeable;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Stream;

/**
 * Full sizes of pictures of which less was kept: cut into squares behind the window when somebody looks at them closely, and kept in the
 * application's own cache, so that it is done once for each file. What lies in memory is bounded, and what lies on disk too. Safe to use
 * from several threads.
 */
public final class PictureDetails implements Closeable {
    private static final int SQUARES = 96;
    private static final long ON_DISK = 2L << 30;
    private static final String ENDING = ".squares";
    private final Path folder;
    private final Map<String, Full> all = new HashMap<>();
    private final Map<Square, Pixels> squares = new LinkedHashMap<>(16, 0.75f, true) {
        @Override protected boolean removeEldestEntry(Map.Entry<Square, Pixels> e) {
            return size() > SQUARES;
        }
    };
    private final ExecutorService behind = Executors.newSingleThreadExecutor(
        r -> Thread.ofPlatform().daemon().priority(Thread.MIN_PRIORITY).name("full size of pictures").unstarted(r));
    private volatile Runnable onReady = () -> { };
    private volatile boolean closed;

    private record Square(Full of, int level, int column, int row) { }

    public PictureDetails(Path folder) {
        this.folder = folder;
    }

    /** @param run is told, on any thread, whenever another picture can be had at full size */
    public void onReady(Runnable run) {
        onReady = run;
    }

    /** The same drawing, whose pictures can be had at full size where less of them was kept. @param bytes stays where it is */
    RawDrawing attach(RawDrawing d, Path bytes, Wanted wanted) {
        Map<String, Pixels> now = new HashMap<>(d.companions().pictures());
        boolean any = false;
        for (Map.Entry<String, Pixels> e : d.companions().pictures().entrySet())
            if (e.getValue().detail().orElse(null) instanceof Detail.Thinned t) {
                now.put(e.getKey(), e.getValue().with(full(d.sha256(), bytes, wanted, e.getKey(), e.getValue(), t)));
                any = true;
            }
        return any ? d.with(new Companions(d.companions().drawings(), now, d.companions().files()), d.report()) : d;
    }

    private synchronized Full full(String sha256, Path bytes, Wanted wanted, String name, Pixels kept, Detail.Thinned t) {
        String key = sha256 + "-" + wanted.page() + "-" + name.replaceAll("[^A-Za-z0-9]+", "_");
        int levels = 1;
        while (t.width() >> levels > kept.width()) levels++;
        int n = levels;
        return all.computeIfAbsent(key, k -> new Full(k, bytes, wanted, name, t.width(), t.height(), n));
    }

    private Pixels square(Square s) {
        synchronized (squares) {
            Pixels there = squares.get(s);
            if (there != null) return there;
        }
        Pixels p = s.of.read(s.level, s.column, s.row);
        if (p != null) synchronized (squares) {
            squares.put(s, p);
        }
        return p;
    }

    /** The oldest go when there is no room for more. */
    private void makeRoom() throws IOException {
        if (!Files.isDirectory(folder)) return;
        List<Path> packs = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            files.filter(f -> f.toString().endsWith(ENDING)).forEach(packs::add);
        }
        long bytes = 0;
        for (Path f : packs) bytes += Files.size(f);
        packs.sort(Comparator.comparing(PictureDetails::used));
        for (Path f : packs) {
            if (bytes <= ON_DISK) return;
            bytes -= Files.size(f);
            Files.deleteIfExists(f);
        }
    }

    private static FileTime used(Path f) {
        try {
            return Files.getLastModifiedTime(f);
        } catch (IOException e) {
            return FileTime.fromMillis(0);
        }
    }

    /** Whether nothing is being cut. For tests. */
    public boolean isAtRest() {
        synchronized (this) {
            return all.values().stream().noneMatch(f -> f.state == State.BEING_MADE);
        }
    }

    @Override public void close() {
        closed = true;
        behind.shutdownNow();
        synchronized (this) {
            all.values().forEach(Full::close);
        }
    }

    private enum State { NOT_LOOKED, BEING_MADE, THERE, CANNOT }

    private final class Full implements Detail {
        private final String key, name;
        private final Path bytes;
        private final Wanted wanted;
        private final int width, height, levels;
        private volatile State state = State.NOT_LOOKED;
        private SquarePack pack;

        Full(String key, Path bytes, Wanted wanted, String name, int width, int height, int levels) {
            this.key = key;
            this.bytes = bytes;
            this.wanted = wanted;
            this.name = name;
            this.width = width;
            this.height = height;
            this.levels = levels;
        }

        @Override public int width() {
            return width;
        }

        @Override public int height() {
            return height;
        }

        @Override public int levels() {
            return levels;
        }

        @Override public boolean isThere() {
            return state == State.THERE;
        }

        @Override public synchronized void want() {
            if (state != State.NOT_LOOKED || closed) return;
            state = State.BEING_MADE;
            behind.execute(this::make);
        }

        private void make() {
            Path target = folder.resolve(key + ENDING);
            try {
                if (!open(target)) {
                    makeRoom();
                    cut(target);
                    if (!open(target)) throw new IOException("not what was written");
                }
                Files.setLastModifiedTime(target, FileTime.fromMillis(System.currentTimeMillis()));
                state = State.THERE;
                onReady.run();
            } catch (IOException | RuntimeException | OutOfMemoryError e) {
                // what is there of it stays to be seen: coarser than it could be, and nothing else is wrong
                state = State.CANNOT;
                if (!closed) System.getLogger("bright-lintel").log(System.Logger.Level.INFO, "no full size of " + name + ": " + e);
            }
        }

        private boolean open(Path target) throws IOException {
            if (!Files.exists(target)) return false;
            try {
                SquarePack p = SquarePack.open(target);
                if (p.width() == width && p.height() == height && p.levels() == levels) {
                    pack = p;
                    return true;
                }
                p.close();
            } catch (IOException | RuntimeException e) {
                // cut short or damaged: made anew
            }
            Files.deleteIfExists(target);
            return false;
        }

        private void cut(Path target) throws IOException {
            try (SquarePack.Writer w = new SquarePack.Writer(target, width, height, levels)) {
                SquareRows rows = new SquareRows(width, height, levels, w);
                DrawingReader.rows(bytes, wanted, (n, wide, high) -> n.equals(name) && wide == width && high == height ? rows : null,
                    ReadLimits.DEFAULT, (_, _, _) -> {
                        if (closed) throw new CancellationException();
                    });
                if (!rows.isWhole()) throw new IOException("not all of it came");
                w.finish();
            }
        }

        @Override public Pixels square(int level, int column, int row) {
            return PictureDetails.this.square(new Square(this, level, column, row));
        }

        private Pixels read(int level, int column, int row) {
            SquarePack p = pack;
            if (p == null || closed) return null;
            try {
                return p.square(level, column, row);
            } catch (IOException | RuntimeException e) {
                return null;
            }
        }

        void close() {
            try {
                if (pack != null) pack.close();
            } catch (IOException e) {
                // it was only read
            }
        }
    }
}
