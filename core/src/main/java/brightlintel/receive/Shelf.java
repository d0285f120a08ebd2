package brightlintel.receive;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** Keeps values by key up to a weight in bytes: what was not asked for the longest goes first. Safe to use from several threads. */
final class Shelf<K, V> {
    private record Kept<V>(V value, long weight) { }

    private final long most;
    private final Map<K, Kept<V>> kept = new LinkedHashMap<>(16, 0.75f, true);
    private long weight;

    Shelf(long most) {
        this.most = most;
    }

    synchronized Optional<V> get(K key) {
        return Optional.ofNullable(kept.get(key)).map(Kept::value);
    }

    /** However heavy, the newest stays: somebody is about to use it. */
    synchronized void put(K key, V value, long w) {
        Kept<V> before = kept.put(key, new Kept<>(value, w));
        weight += w - (before == null ? 0 : before.weight);
        var oldest = kept.entrySet().iterator();
        while (weight > most && oldest.hasNext()) {
            Map.Entry<K, Kept<V>> e = oldest.next();
            if (e.getKey().equals(key)) break;
            weight -= e.getValue().weight;
            oldest.remove();
        }
    }

    synchronized int size() {
        return kept.size();
    }

    synchronized long weight() {
        return weight;
    }
}
