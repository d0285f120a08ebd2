package brightlintel.trace;

import brightlintel.building.Room;
import java.math.BigInteger;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers of rooms that run on, and those that two rooms bear. */
public final class RoomNumbers {
    private static final Pattern END = Pattern.compile("^(.*?)(\\d+)(\\D*)$");

    private RoomNumbers() { }

    /** After a number, one further, as wide as it was: 0.05 to 0.06, 2-09 to 2-10. What has no figure stays. */
    public static String after(String number) {
        Matcher m = END.matcher(number);
        if (!m.matches()) return number;
        String next = new BigInteger(m.group(2)).add(BigInteger.ONE).toString();
        return m.group(1) + "0".repeat(Math.max(0, m.group(2).length() - next.length())) + next + m.group(3);
    }

    /** The first free one after the last that was given; with none given, the first of a storey. @param first like 0.01 */
    public static String next(List<Room> rooms, String first) {
        Set<String> taken = new HashSet<>();
        rooms.forEach(r -> taken.add(r.number()));
        String n = rooms.reversed().stream().map(Room::number).filter(x ->
            END.matcher(x).matches()).findFirst().map(RoomNumbers::after).orElse(first);
        while (taken.contains(n) && !after(n).equals(n)) n = after(n);
        return n;
    }

    /** Those that more than one room bears. */
    public static Set<String> doubled(List<Room> rooms) {
        Set<String> seen = new HashSet<>(), out = new TreeSet<>();
        for (Room r : rooms) if (!r.number().isEmpty() && !seen.add(r.number())) out.add(r.number());
        return out;
    }
}
