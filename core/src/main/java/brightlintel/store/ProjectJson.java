package brightlintel.store;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Cast;
import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.Custody;
import brightlintel.building.Division;
import brightlintel.building.DrawnRef;
import brightlintel.building.ElementId;
import brightlintel.building.Evidence;
import brightlintel.building.FileId;
import brightlintel.building.Ink;
import brightlintel.building.KindId;
import brightlintel.building.LevelId;
import brightlintel.building.MarkRef;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Repair;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Section;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Stand;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.StrokeRef;
import brightlintel.building.Top;
import brightlintel.building.UnderlayId;
import brightlintel.building.Wall;
import brightlintel.building.Why;
import brightlintel.building.Zone;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Curve;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonKey;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.KeyDeserializer;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.cfg.MutableConfigOverride;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ObjectNode;

/** A project as JSON and back. The values know nothing of it: how each is written stands here, in mix-ins. */
final class ProjectJson {
    static final String FORMAT = "bright-lintel-project";
    /** What a project is written as. */
    static final Set<String> NAMES = Arrays.stream(Project.class.getRecordComponents()).map(c -> c.getName())
        .collect(Collectors.toUnmodifiableSet());

    /** What stands in project.json. */
    record Document(String format, int version, String writtenBy, Project project) { }

    private ProjectJson() { }

    static byte[] write(Project p) {
        return MAPPER.writeValueAsBytes(new Document(FORMAT, Migrations.PRESENT, "Bright Lintel 0.1.0", p));
    }

    /** A document, looked at before anything is made of it: a newer version may hold what we cannot read. */
    record Head(String format, int version, String writtenBy, JsonNode project) { }

    static Head head(byte[] json) throws JacksonException {
        JsonNode n = MAPPER.readTree(json);
        return new Head(n.path("format").asString(""), n.path("version").asInt(0), n.path("writtenBy").asString(""), n.path("project"));
    }

    /** @throws IllegalArgumentException where there is no project in it at all */
    static Opened read(Head head, String groundName) {
        if (!(head.project instanceof ObjectNode project)) throw new IllegalArgumentException("no project in it");
        Migrations.bring(project, head.version);
        List<Remark> remarks = new ArrayList<>();
        Draft draft = new ProjectReader(remarks).read(project);
        return new Opened(new Mending(remarks).mend(draft, groundName), head.version, remarks);
    }

    /** A kind of a sealed value by its word. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    private interface IsMix { }

    private static Map<Class<?>, String> words() {
        Map<Class<?>, String> w = new LinkedHashMap<>();
        w.put(Why.Assumed.class, "assumed");
        w.put(Why.Stated.class, "stated");
        w.put(Why.Read.class, "read");
        w.put(Evidence.HeaderUnit.class, "header-unit");
        w.put(Evidence.KnownLength.class, "known-length");
        w.put(Evidence.ReadAcross.class, "read-across");
        w.put(Evidence.Plotted.class, "plotted");
        w.put(Evidence.ScaleNote.class, "scale-note");
        w.put(Evidence.Stretched.class, "stretched");
        w.put(Evidence.Straightened.class, "straightened");
        w.put(Evidence.Weighed.class, "weighed");
        w.put(Evidence.Note.class, "note");
        w.put(Custody.Kept.class, "kept");
        w.put(Custody.Followed.class, "followed");
        w.put(SpaceKey.Model.class, "model");
        w.put(SpaceKey.Layout.class, "layout");
        w.put(SpaceKey.Page.class, "page");
        w.put(Stand.OnFloor.class, "floor");
        w.put(Stand.OnLevel.class, "level");
        w.put(Top.NextStorey.class, "next-storey");
        w.put(Top.ToFloor.class, "floor");
        w.put(Top.ToLevel.class, "level");
        w.put(Top.UnderRoof.class, "roof");
        w.put(Top.Height.class, "height");
        w.put(Top.Sloped.class, "sloped");
        w.put(Provenance.Way.ByHand.class, "by-hand");
        w.put(Provenance.Way.Proposed.class, "proposed");
        w.put(Provenance.Way.Repeated.class, "repeated");
        w.put(Opening.Filling.Door.class, "door");
        w.put(Opening.Filling.Window.class, "window");
        w.put(Opening.Filling.Glazed.class, "glazed");
        w.put(Opening.Filling.Empty.class, "empty");
        w.put(Wall.class, "wall");
        w.put(Opening.class, "opening");
        w.put(Slab.class, "slab");
        w.put(Column.class, "column");
        w.put(Room.class, "room");
        w.put(Separation.class, "separation");
        w.put(Stair.class, "stair");
        w.put(Roof.class, "roof");
        w.put(Zone.class, "zone");
        w.put(BuildingOutline.class, "outline");
        w.put(Roof.Cover.Pitched.class, "pitched");
        w.put(Roof.Cover.Flat.class, "flat");
        w.put(Roof.Edge.Slope.class, "slope");
        w.put(Roof.Edge.Gable.class, "gable");
        w.put(Roof.Edge.AtWall.class, "at-wall");
        w.put(Division.Number.class, "number");
        w.put(Division.Spacing.class, "spacing");
        w.put(Section.Round.class, "round");
        w.put(Section.Rectangle.class, "rectangle");
        w.put(Section.Shape.class, "shape");
        w.put(Room.Bound.Within.class, "within");
        w.put(Room.Bound.Drawn.class, "drawn");
        w.put(StrokeRef.class, "stroke");
        w.put(MarkRef.class, "mark");
        w.put(Curve.Straight.class, "straight");
        w.put(Curve.EllipticArc.class, "arc");
        w.put(Nurbs.class, "spline");
        w.put(Cast.Part.Layer.class, "layer");
        w.put(Cast.Part.Block.class, "block");
        w.put(Cast.Part.LayerColour.class, "layer-colour");
        w.put(Cast.Part.LayerKind.class, "layer-kind");
        w.put(Cast.Part.Manner.class, "manner");
        w.put(Repair.Doubled.class, "doubled");
        w.put(Repair.Mended.class, "mended");
        w.put(Ink.Usual.class, "usual");
        w.put(Ink.Quiet.class, "quiet");
        w.put(Ink.Drawn.class, "drawn");
        w.put(Ink.ByRole.class, "by-role");
        w.put(Ink.One.class, "one");
        return w;
    }

    private static final List<Class<?>> SEALED = List.of(Why.class, Evidence.class, Custody.class, SpaceKey.class, Stand.class, Top.class,
        Provenance.Way.class,
        Opening.Filling.class, StoreyElement.class, Roof.Cover.class, Roof.Edge.class, Division.class, Section.class, Room.Bound.class,
            DrawnRef.class, Curve.class, Cast.Part.class,
            Repair.class, Ink.class);

    static final JsonMapper MAPPER = mapper();

    /** An id is its text. */
    private abstract static class IdMix {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING) IdMix(String value) { }

        @JsonValue @JsonKey abstract String value();
    }

    private abstract static class ContentsMix {
        @JsonCreator(mode = JsonCreator.Mode.PROPERTIES) ContentsMix(@JsonProperty("elements") List<StoreyElement> elements) { }

        @JsonProperty abstract List<StoreyElement> elements();
    }

    private abstract static class NurbsMix {
        @JsonCreator(mode = JsonCreator.Mode.PROPERTIES)
        NurbsMix(@JsonProperty("degree") int degree, @JsonProperty("knots") double[] knots, @JsonProperty("weights") double[] weights,
                 @JsonProperty("controls") List<Point> controls) { }

        @JsonProperty abstract int degree();

        @JsonProperty abstract double[] knots();

        @JsonProperty abstract double[] weights();

        @JsonProperty abstract List<Point> controls();
    }

    /** Straight outlines need no bulges. */
    private abstract static class RingMix {
        @JsonInclude(JsonInclude.Include.NON_EMPTY) abstract List<Double> bulges();
    }

    private static final class StoreyKeys extends KeyDeserializer {
        @Override public Object deserializeKey(String key, DeserializationContext c) {
            return new StoreyId(key);
        }
    }

    /** A list that is not written has nothing in it: values may get lists that earlier files have not. */
    private static void emptyWhereAbsent(MutableConfigOverride o) {
        o.setNullHandling(JsonSetter.Value.forValueNulls(Nulls.AS_EMPTY));
    }

    private static JsonMapper mapper() {
        SimpleModule keys = new SimpleModule();
        keys.addKeyDeserializer(StoreyId.class, new StoreyKeys());
        JsonMapper.Builder b = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES, DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .changeDefaultVisibility(v -> v.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
            .changeDefaultPropertyInclusion(_ -> JsonInclude.Value.construct(JsonInclude.Include.NON_ABSENT, JsonInclude.Include.ALWAYS))
            .withConfigOverride(List.class, ProjectJson::emptyWhereAbsent).withConfigOverride(Set.class, ProjectJson::emptyWhereAbsent)
            .addMixIn(Contents.class, ContentsMix.class).addMixIn(Nurbs.class, NurbsMix.class)
            .addMixIn(Ring.class, RingMix.class)
            .addModule(keys);
        for (Class<?> c : SEALED) b.addMixIn(c, IsMix.class);
        for (Class<?> c : List.of(ElementId.class, StoreyId.class, FileId.class, UnderlayId.class, LevelId.class, KindId.class))
            b.addMixIn(c, IdMix.class);
        words().forEach((c, word) -> b.registerSubtypes(new NamedType(c, word)));
        return b.build();
    }
}
