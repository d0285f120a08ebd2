package brightlintel.building;

import brightlintel.geom.Point;
import brightlintel.geom.Ring;

/**
 * An upright support.
 *
 * @param turn of its section, radians
 * @param base what it stands on: its storey's floor, or a level
 * @param top  as of a wall; where it goes through several storeys, the floor of one further up
 */
public record Column(ElementId id, Section section, Point at, double turn, Stand base, Top top, Provenance from) implements StoreyElement {
    public Column {
        if (!at.isFinite() || !Double.isFinite(turn)) throw new IllegalArgumentException("column at " + at + " turned " + turn);
    }

    /** The ground that it covers; counter-clockwise. */
    public Ring ground() {
        return section.at(at, turn);
    }

    public Column with(Section s) {
        return new Column(id, s, at, turn, base, top, from);
    }

    public Column withAt(Point p) {
        return new Column(id, section, p, turn, base, top, from);
    }

    public Column withTurn(double t) {
        return new Column(id, section, at, t, base, top, from);
    }

    public Column withBase(Stand b) {
        return new Column(id, section, at, turn, b, top, from);
    }

    public Column withTop(Top t) {
        return new Column(id, section, at, turn, base, t, from);
    }

    @Override public Column withId(ElementId i, Provenance p) {
        return new Column(i, section, at, turn, base, top, p);
    }
}
