package brightlintel.building;

/** How high things stand and end: storeys, levels and offsets put together. Above the project's ±0.00, metres, unless it says otherwise. */
public record Heights(Project project, Storey storey) {
    public static Heights of(Project p, StoreyId on) {
        return new Heights(p, p.storey(on).orElseThrow());
    }

    /** A level that is not there counts as the floor. */
    public double of(Stand s) {
        double floor = storey.level().value();
        return s.offset() + switch (s) {
            case Stand.OnFloor _ -> floor;
            case Stand.OnLevel(LevelId level, double _) -> project.level(level).map(l -> l.height().value()).orElse(floor);
        };
    }

    /** The same above the storey's own floor. */
    public double aboveFloor(Stand s) {
        return of(s) - storey.level().value();
    }

    /** Above the wall's base. What a top refers to and is not there counts as the next storey. */
    public TopLine top(Wall w) {
        double base = of(w.base());
        return switch (w.top()) {
            case Top.NextStorey(double offset) -> TopLine.level(storey.top() + offset - base);
            case Top.ToFloor(StoreyId to, double offset) -> TopLine.level(project.storey(to).map(t -> t.level().value())
                .orElse(storey.top()) + offset - base);
            case Top.ToLevel(LevelId to, double offset) -> TopLine.level(project.level(to).map(l -> l.height().value()).orElse(storey.top())
                + offset - base);
            case Top.Height(Given<Double> h) -> TopLine.level(h.value());
            case Top.Sloped(Given<Double> a, Given<Double> b) -> TopLine.sloped(w.length(), a.value(), b.value());
        };
    }
}
