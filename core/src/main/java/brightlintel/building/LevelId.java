package brightlintel.building;

public record LevelId(String value) {
    public static LevelId fresh() {
        return new LevelId(Ids.fresh());
    }
}
