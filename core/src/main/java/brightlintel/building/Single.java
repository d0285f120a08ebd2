package brightlintel.building;

/** One thing set aside, or brought back, by pointing: stronger than all that is said of layers, kinds and the like. */
public record Single(DrawnRef drawn, boolean shown) { }
