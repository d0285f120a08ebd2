package brightlintel.building;

public record ElementId(String value) {
    public static ElementId fresh() {
        return new ElementId(Ids.fresh());
    }
}
