package brightlintel.desktop.state;

public enum ViewMode {
    PLAN, SPACE, BOTH;

    public ViewMode next() {
        return values()[(ordinal() + 1) % values().length];
    }
}
