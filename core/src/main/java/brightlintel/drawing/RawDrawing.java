package brightlintel.drawing;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A file as it was read. Never part of a project; cached by hash.
 *
 * @param sha256  of its bytes, "" where it was not asked for
 * @param version what the file calls its version, "" where it does not say
 * @param blocks  by name in lower case, which is how the formats compare names
 */
public record RawDrawing(String sha256, Format format, String version, Header header, List<Layer> layers, Tables tables, List<Space> spaces,
                         Map<String, Block> blocks, Companions companions, Report report) {
    public RawDrawing {
        layers = List.copyOf(layers);
        spaces = List.copyOf(spaces);
        blocks = Collections.unmodifiableMap(new LinkedHashMap<>(blocks));
    }

    public RawDrawing with(Companions c, Report r) {
        return new RawDrawing(sha256, format, version, header, layers, tables, spaces, blocks, c, r);
    }

    /** Of all spaces and blocks, each once however often a block is referred to; attributes stay with their references. */
    public Stream<Entity> everything() {
        return Stream.concat(spaces.stream().flatMap(s -> s.entities().stream()),
            blocks.values().stream().flatMap(b -> b.entities().stream()));
    }

    public Optional<Space> space(SpaceKey key) {
        return spaces.stream().filter(s -> s.key().equals(key)).findFirst();
    }

    public Optional<Block> block(String name) {
        return Optional.ofNullable(blocks.get(Names.key(name)));
    }

    public Optional<Layer> layer(String name) {
        return layers.stream().filter(l -> l.name().equalsIgnoreCase(name)).findFirst();
    }
}
