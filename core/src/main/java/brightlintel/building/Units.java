package brightlintel.building;

/** How lengths are shown and what a bare number means. */
public enum Units { METRIC, FEET_AND_INCHES }
