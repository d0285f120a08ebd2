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

    /** Above the wall's base. */
    public TopLine top(Wall w) {
        if (w.top() instanceof Top.UnderRoof(double offset)) {
            double base = of(w.base());
            return new RoofTops(project).of(w, base, storey.top() - base, offset);
        }
        return top(w.base(), w.top(), w.length());
    }

    /** How high a column is; a slope has no meaning for it, and counts as its middle. */
    public double height(Column c) {
        TopLine t = top(c.base(), c.top(), 1);
        return t.at(0.5);
    }

    /** From its first riser to the floor that it leads to. */
    public double height(Stair s) {
        return top(s.base(), s.top(), 1).at(0.5);
    }

    /** Of a step of it. */
    public double rise(Stair s) {
        return height(s) / StairPlan.of(s).risers();
    }

    /** From the floor to the underside of the next storey's slab, where there is one; as somebody said otherwise. */
    public double clear(Room r) {
        if (r.height().isPresent()) return r.height().get().value();
        double least = storey.height().value();
        Storey above = project.above(storey.id()).orElse(null);
        if (above != null) for (Slab s : project.on(above.id()).slabs()) {
            double under = new Heights(project, above).of(s.top()) - s.thickness().value() - storey.level().value();
            if (under > 0) least = Math.min(least, under);
        }
        return least;
    }

    /** Above the base. What a top refers to and is not there counts as the next storey. @param length that a slope rises over */
    private TopLine top(Stand from, Top top, double length) {
        double base = of(from);
        return switch (top) {
            case Top.NextStorey(double offset) -> TopLine.level(storey.top() + offset - base);
            case Top.ToFloor(StoreyId to, double offset) -> TopLine.level(project.storey(to).map(t -> t.level().value())
                .orElse(storey.top()) + offset - base);
            case Top.ToLevel(LevelId to, double offset) -> TopLine.level(project.level(to).map(l -> l.height().value()).orElse(storey.top())
                + offset - base);
            // over what is no wall
            case Top.UnderRoof(double offset) -> TopLine.level(storey.top() + offset - base);
            case Top.Height(Given<Double> h) -> TopLine.level(h.value());
            case Top.Sloped(Given<Double> a, Given<Double> b) -> TopLine.sloped(length, a.value(), b.value());
        };
    }
}
