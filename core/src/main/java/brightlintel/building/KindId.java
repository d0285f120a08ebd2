package brightlintel.building;

public record KindId(String value) {
    public static KindId fresh() {
        return new KindId(Ids.fresh());
    }
}
