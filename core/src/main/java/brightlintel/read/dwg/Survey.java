package brightlintel.read.dwg;

import brightlintel.drawing.Code;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;

/**
 * Where the objects lie. The map tells; each object's checksum tells whether the map is right. Where it is not, objects are looked for by
 * their beginnings and checksums all over the part.
 */
final class Survey {
    private static final int FIRST = 0x80, WORK_PER_BYTE = 32, LEAST_WORK = 1 << 20, NONE = -1;
    private static final long HIGHEST = 1L << 40;
    private final ObjectBits o;
    private final byte[] objects;
    private final IntPredicate known;
    private final Report.Builder report;

    private record Found(long handle, long place, int type) { }

    /** Where each object lies, and the number of its kind. */
    record Places(long[] at, int[] types) { }

    /** @param known whether a number is that of a kind of objects */
    Survey(ObjectBits o, byte[] objects, IntPredicate known, Report.Builder report) {
        this.o = o;
        this.objects = objects;
        this.known = known;
        this.report = report;
    }

    /** All objects to be read, in the order of their handles. */
    Places places(ObjectMap map) {
        int n = map.size(), whole = 0, lost = 0;
        boolean[] intact = new boolean[n];
        int[] types = new int[n];
        for (int i = 0; i < n; i++) {
            types[i] = opens(map.place(i)) ? o.type() : NONE;
            intact[i] = types[i] != NONE && o.isIntact();
            if (intact[i]) whole++;
            if (types[i] == NONE) lost++;
        }
        // some writers leave checksums out: where most are wrong they tell nothing
        boolean trusted = 2L * whole >= n;
        boolean broken = map.isBroken() || lost > 0;
        List<Found> list = new ArrayList<>();
        if (!broken && whole == n) return new Places(map.places(), types);
        for (int i = 0; i < n; i++) {
            if (types[i] == NONE) continue;
            if (!intact[i] && trusted) {
                report.say(Code.CHECKSUM_WRONG, new Location.Offset(map.place(i)), "object");
                if (broken) continue;
            }
            list.add(new Found(map.handle(i), map.place(i), types[i]));
        }
        if (broken && trusted) recover(list);
        return new Places(list.stream().mapToLong(Found::place).toArray(), list.stream().mapToInt(Found::type).toArray());
    }

    private boolean opens(long at) {
        try {
            return known.test(o.open(at));
        } catch (Damaged e) {
            return false;
        }
    }

    private void recover(List<Found> list) {
        int mapped = list.size();
        Set<Long> places = new HashSet<>(), handles = new HashSet<>();
        for (Found f : list) {
            places.add(f.place);
            handles.add(f.handle);
        }
        long end = objects.length - Bits.ROOM - 4L, work = 0, most = (long) WORK_PER_BYTE * objects.length + LEAST_WORK;
        for (long at = Math.min(FIRST, end); at < end && work < most; ) {
            if (!opens(at)) {
                at++;
                continue;
            }
            long length = o.length();
            boolean named = places.contains(at), like = named || begins();
            if (like && !named) work += length;
            if (like && !named && o.isIntact()) {
                // an older copy of an object that is known already is passed over
                if (handles.add(o.handle())) list.add(new Found(o.handle(), at, o.type()));
                named = true;
            }
            at += named ? length : 1;
        }
        report.say(Code.MAP_BROKEN, new Location.Whole(), mapped + " of " + list.size());
        if (list.size() > mapped) report.say(Code.OBJECTS_RECOVERED, new Location.Whole(), list.size() - mapped + " of " + list.size());
        list.sort(Comparator.comparingLong(Found::handle));
    }

    /** Whether it goes on as objects do: with a handle of its own, and references within it. */
    private boolean begins() {
        try {
            o.begin();
            return o.handle() > 0 && o.handle() < HIGHEST;
        } catch (Damaged e) {
            return false;
        }
    }
}
