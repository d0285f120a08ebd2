package brightlintel.building;

/** Where a wall ends above. */
public sealed interface Top {
    Top NEXT = new NextStorey(0);

    /** Up to the floor of the next storey. */
    record NextStorey(double offset) implements Top { }

    /** Up to the floor of a storey. */
    record ToFloor(StoreyId storey, double offset) implements Top { }

    /** Up to the underside of the roofs above it, where they are lower than the next storey's floor or nothing else is there. */
    record UnderRoof(double offset) implements Top { }

    record ToLevel(LevelId level, double offset) implements Top { }

    /** Of its own, above its base. */
    record Height(Given<Double> metres) implements Top { }

    /** Rising or falling from its start to its end: a gable, a wall under a pitched roof. Above its base. */
    record Sloped(Given<Double> atStart, Given<Double> atEnd) implements Top { }
}
