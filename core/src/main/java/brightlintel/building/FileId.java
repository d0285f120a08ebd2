package brightlintel.building;

public record FileId(String value) {
    public static FileId fresh() {
        return new FileId(Ids.fresh());
    }
}
