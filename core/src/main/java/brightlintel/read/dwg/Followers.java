package brightlintel.read.dwg;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Objects that belong to one before them, as vertices to their polyline. They come in the order of the map; their owner tells the true one,
 * by a list since 2004, by a chain before.
 */
final class Followers<T> {
    private record Link<T>(long handle, long next, T value) { }

    private final Map<Long, List<Link<T>>> byOwner = new HashMap<>();

    /** @param next in the chain, 0 for unknown */
    void add(long owner, long handle, long next, T value) {
        byOwner.computeIfAbsent(owner, _ -> new ArrayList<>()).add(new Link<>(handle, next, value));
    }

    void append(Followers<T> later) {
        later.byOwner.forEach((owner, links) -> byOwner.merge(owner, links, (a, b) -> {
            a.addAll(b);
            return a;
        }));
    }

    /** @param order handles, or only the first of a chain; those it leaves out come last */
    List<T> of(long owner, List<Long> order) {
        List<Link<T>> links = byOwner.getOrDefault(owner, List.of());
        if (links.size() < 2) return links.stream().map(Link::value).toList();
        Map<Long, Link<T>> byHandle = new HashMap<>();
        links.forEach(l -> byHandle.put(l.handle, l));
        List<T> out = new ArrayList<>();
        for (int i = 0; i < order.size(); i++)
            for (Link<T> l = byHandle.remove(order.get(i)); l != null; l = order.size() > 1 ? null : byHandle.remove(l.next))
                out.add(l.value);
        for (Link<T> l : links) if (byHandle.containsKey(l.handle)) out.add(l.value);
        return out;
    }
}
