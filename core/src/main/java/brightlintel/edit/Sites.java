package brightlintel.edit;

import brightlintel.building.Edit;
import brightlintel.building.Given;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;

/** Where the building stands: true north, the height of ±0.00, the survey position of 0,0. */
public final class Sites {
    private Sites() { }

    /** @param radians counter-clockwise from the building's +y */
    public static Edit north(double radians) {
        return Edit.of("edit.north", p -> p.withSite(p.site().withNorth(Given.stated(Angles.signed(radians)))));
    }

    public static Edit datum(double metres) {
        return Edit.of("edit.datum-height", p -> p.withSite(p.site().withDatum(Given.stated(metres))));
    }

    public static Edit survey(Point position) {
        return Edit.of("edit.survey", p -> p.withSite(p.site().withSurvey(Given.stated(position))));
    }
}
