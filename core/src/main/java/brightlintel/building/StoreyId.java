package brightlintel.building;

public record StoreyId(String value) {
    public static StoreyId fresh() {
        return new StoreyId(Ids.fresh());
    }
}
