package brightlintel.building;

/** What something stands on. Metres. */
public sealed interface Stand {
    Stand FLOOR = new OnFloor(0);

    double offset();

    /** The same, higher or lower. */
    Stand at(double newOffset);

    /** The floor of its own storey. */
    record OnFloor(double offset) implements Stand {
        public OnFloor {
            check(offset);
        }

        @Override public Stand at(double newOffset) {
            return new OnFloor(newOffset);
        }
    }

    record OnLevel(LevelId level, double offset) implements Stand {
        public OnLevel {
            check(offset);
        }

        @Override public Stand at(double newOffset) {
            return new OnLevel(level, newOffset);
        }
    }

    private static void check(double offset) {
        if (!Double.isFinite(offset)) throw new IllegalArgumentException("offset " + offset + " is not finite");
    }
}
