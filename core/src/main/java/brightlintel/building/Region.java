package brightlintel.building;

import brightlintel.geom.Ring;

/**
 * An outline drawn round something. Several are taken in order: each decides for what lies in it, whatever those before it said; what lies
 * in none stays if the first hides, and goes if the first keeps.
 *
 * @param outline file units
 */
public record Region(Ring outline, boolean keeps) { }
