package brightlintel.building;

import java.util.Optional;

/**
 * A hole in a wall and what fills it.
 *
 * @param along of its middle, along the reference from the wall's start
 * @param sill  and head: above the wall's base
 * @param kind  whose width, heights and way it has
 * @param fire  its fire rating as it is written, "" where nobody said
 */
public record Opening(ElementId id, ElementId wall, double along, Given<Double> width, Given<Double> sill, Given<Double> head,
                      Filling filling, Optional<KindId> kind, String fire, Provenance from) implements StoreyElement {
    /** Without a fire rating. */
    public Opening(ElementId id, ElementId wall, double along, Given<Double> width, Given<Double> sill, Given<Double> head,
                   Filling filling, Optional<KindId> kind, Provenance from) {
        this(id, wall, along, width, sill, head, filling, kind, "", from);
    }

    /** Of no kind. */
    public Opening(ElementId id, ElementId wall, double along, Given<Double> width, Given<Double> sill, Given<Double> head,
                   Filling filling, Provenance from) {
        this(id, wall, along, width, sill, head, filling, Optional.empty(), from);
    }

    public sealed interface Filling {
        /** As it is when its wall runs the other way. */
        default Filling turnedRound() {
            return switch (this) {
                case Door d -> d.otherHand().otherSide();
                case Glazed g -> g.otherSide();
                case Window _, Empty _ -> this;
            };
        }

        /** Whether it is made as another is: hand, side and which way its wall runs do not count. */
        default boolean isLike(Filling other) {
            return switch (this) {
                case Door d -> other instanceof Door o && o.way == d.way;
                case Window x -> x.equals(other);
                case Glazed g -> other instanceof Glazed o && (o.equals(g) || o.otherSide().equals(g));
                case Empty _ -> other instanceof Empty;
            };
        }

        /** Made as another is, with the hand and side that it has where both have them. */
        default Filling as(Filling made) {
            return this instanceof Door d && made instanceof Door m ? d.with(m.way) : isLike(made) ? this : made;
        }

        /**
         * Hinge at the end of travel side: false at the jamb nearer to the wall's start; opens to the left or right of the wall's
         * direction.
         */
        record Door(boolean hingeFar, boolean opensLeft, Way way) implements Filling {
            public Door {
                // what was saved before there were others
                if (way == null) way = Way.SINGLE;
            }

            /** With one leaf. */
            public Door(boolean hingeFar, boolean opensLeft) {
                this(hingeFar, opensLeft, Way.SINGLE);
            }

            public Door otherHand() {
                return new Door(!hingeFar, opensLeft, way);
            }

            public Door otherSide() {
                return new Door(hingeFar, !opensLeft, way);
            }

            public Door with(Way w) {
                return new Door(hingeFar, opensLeft, w);
            }
        }

        /** How a door opens: on one leaf, on two that meet, to the side, in folds, upwards. */
        enum Way { SINGLE, DOUBLE, SLIDING, FOLDING, GATE }

        record Window(Sash sash) implements Filling {
            public Window {
                // what was saved before there were others
                if (sash == null) sash = Sash.HUNG;
            }

            /** That opens. */
            public Window() {
                this(Sash.HUNG);
            }
        }

        /** A window that does not open, one that does, and a row of them without a pier between. */
        enum Sash { FIXED, HUNG, BAND }

        /**
         * Posts and panes.
         *
         * @param across parts along the wall; up: parts of its height
         * @param post   width of a post, metres
         */
        record Glazed(Division across, Division up, double post, boolean outsideLeft) implements Filling {
            public Glazed {
                if (!(post >= 0.005 && post < 1)) throw new IllegalArgumentException("post " + post + " is not within 0.005..1");
            }

            public Glazed withAcross(Division d) {
                return new Glazed(d, up, post, outsideLeft);
            }

            public Glazed withUp(Division d) {
                return new Glazed(across, d, post, outsideLeft);
            }

            public Glazed withPost(double p) {
                return new Glazed(across, up, p, outsideLeft);
            }

            public Glazed otherSide() {
                return new Glazed(across, up, post, !outsideLeft);
            }
        }

        record Empty() implements Filling { }
    }

    public Opening {
        // what was saved before it was asked for
        if (fire == null) fire = "";
        if (!(width.value() > 0.01 && width.value() < 100))
            throw new IllegalArgumentException("width " + width.value() + " is not within 0.01..100");
        if (!(head.value() > sill.value() && Math.abs(sill.value()) < 1e4 && head.value() < 1e4))
            throw new IllegalArgumentException("head " + head.value() + " is not above sill " + sill.value());
    }

    public double start() {
        return along - width.value() / 2;
    }

    public double end() {
        return along + width.value() / 2;
    }

    public Opening withAlong(double a) {
        return new Opening(id, wall, a, width, sill, head, filling, kind, fire, from);
    }

    public Opening withFire(String rating) {
        return new Opening(id, wall, along, width, sill, head, filling, kind, rating, from);
    }

    public Opening withWall(ElementId w) {
        return new Opening(id, w, along, width, sill, head, filling, kind, fire, from);
    }

    /** Another than its kind's: it is of no kind then. */
    public Opening withWidth(Given<Double> w) {
        return new Opening(id, wall, along, w, sill, head, filling, keptIf(w.value().equals(width.value())), fire, from);
    }

    /** Others than its kind's: it is of no kind then. Said of the ones that it has, they are confirmed. */
    public Opening withHeights(Given<Double> s, Given<Double> h) {
        return new Opening(id, wall, along, width, s, h, filling, keptIf(s.value().equals(sill.value()) && h.value().equals(head.value())),
            fire, from);
    }

    public Opening with(Filling f) {
        return new Opening(id, wall, along, width, sill, head, f, keptIf(f.isLike(filling)), fire, from);
    }

    /** As wide and high as a kind, and made as it is; of its own hand. */
    public Opening with(OpeningKind k) {
        return new Opening(id, wall, along, Given.stated(k.width()), Given.stated(k.sill()), Given.stated(k.head()),
            filling.as(k.filling()),
            Optional.of(k.id()), fire, from);
    }

    public Opening withoutKind() {
        return new Opening(id, wall, along, width, sill, head, filling, Optional.empty(), fire, from);
    }

    private Optional<KindId> keptIf(boolean same) {
        return same ? kind : Optional.empty();
    }

    @Override public Opening withId(ElementId i, Provenance p) {
        return new Opening(i, wall, along, width, sill, head, filling, kind, fire, p);
    }
}
