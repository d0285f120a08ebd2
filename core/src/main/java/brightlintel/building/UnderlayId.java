package brightlintel.building;

public record UnderlayId(String value) {
    public static UnderlayId fresh() {
        return new UnderlayId(Ids.fresh());
    }
}
