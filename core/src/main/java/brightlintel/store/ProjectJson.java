package brightlintel.store;

import brightlintel.building.Custody;
import brightlintel.building.ElementId;
import brightlintel.building.FileId;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.StoreyId;
import brightlintel.building.Top;
import brightlintel.building.UnderlayId;
import brightlintel.building.Why;
import brightlintel.drawing.SpaceKey;
import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonKey;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.KeyDeserializer;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/** A project as JSON and back. The values know nothing of it: how each is written stands here, in mix-ins. */
final class ProjectJson {
    static final int VERSION = 1;

    /** What stands in project.json. */
    record Document(String format, int version, String writtenBy, Project project) { }

    /** Read first, alone: a newer version may hold what we cannot read. */
    record Head(String format, int version, String writtenBy) { }

    private static final JsonMapper MAPPER = mapper();

    private ProjectJson() { }

    static byte[] write(Project p) {
        return MAPPER.writeValueAsBytes(new Document("bright-lintel-project", VERSION, "Bright Lintel 0.1.0", p));
    }

    static Head head(byte[] json) throws JacksonException {
        return MAPPER.readerFor(Head.class).without(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).readValue(json);
    }

    static Project read(byte[] json) throws JacksonException {
        return MAPPER.readValue(json, Document.class).project();
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({@JsonSubTypes.Type(value = Why.Assumed.class, name = "assumed"), @JsonSubTypes.Type(value = Why.Stated.class, name = "stated"),
        @JsonSubTypes.Type(value = Why.Read.class, name = "read")})
    private interface WhyMix { }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({@JsonSubTypes.Type(value = Custody.Kept.class, name = "kept"), @JsonSubTypes.Type(value = Custody.Followed.class, name = "followed")})
    private interface CustodyMix { }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({@JsonSubTypes.Type(value = SpaceKey.Model.class, name = "model"), @JsonSubTypes.Type(value = SpaceKey.Layout.class, name = "layout"),
        @JsonSubTypes.Type(value = SpaceKey.Page.class, name = "page")})
    private interface SpaceMix { }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({@JsonSubTypes.Type(value = Top.NextStorey.class, name = "next-storey"), @JsonSubTypes.Type(value = Top.ToLevel.class, name = "level"),
        @JsonSubTypes.Type(value = Top.Height.class, name = "height")})
    private interface TopMix { }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({@JsonSubTypes.Type(value = Provenance.Way.ByHand.class, name = "by-hand"), @JsonSubTypes.Type(value = Provenance.Way.Proposed.class, name = "proposed"),
        @JsonSubTypes.Type(value = Provenance.Way.Repeated.class, name = "repeated")})
    private interface WayMix { }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({@JsonSubTypes.Type(value = Opening.Filling.Door.class, name = "door"), @JsonSubTypes.Type(value = Opening.Filling.Window.class, name = "window"),
        @JsonSubTypes.Type(value = Opening.Filling.Empty.class, name = "empty")})
    private interface FillingMix { }

    /** An id is its text. */
    private abstract static class IdMix {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING) IdMix(String value) { }

        @JsonValue @JsonKey abstract String value();
    }

    private static final class StoreyKeys extends KeyDeserializer {
        @Override public Object deserializeKey(String key, DeserializationContext c) {
            return new StoreyId(key);
        }
    }

    private static JsonMapper mapper() {
        SimpleModule keys = new SimpleModule();
        keys.addKeyDeserializer(StoreyId.class, new StoreyKeys());
        return JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .changeDefaultVisibility(v -> v.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
            .changeDefaultPropertyInclusion(_ -> JsonInclude.Value.construct(JsonInclude.Include.NON_ABSENT, JsonInclude.Include.ALWAYS))
            .addMixIn(Why.class, WhyMix.class).addMixIn(Custody.class, CustodyMix.class).addMixIn(SpaceKey.class, SpaceMix.class)
            .addMixIn(Top.class, TopMix.class).addMixIn(Provenance.Way.class, WayMix.class).addMixIn(Opening.Filling.class, FillingMix.class)
            .addMixIn(ElementId.class, IdMix.class).addMixIn(StoreyId.class, IdMix.class).addMixIn(FileId.class, IdMix.class).addMixIn(UnderlayId.class, IdMix.class)
            .addModule(keys).build();
    }
}
