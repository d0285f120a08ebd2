package brightlintel.desktop.state;

/** Outlines of known size by which an eye judges a drawing's: a person, a 0.9 m door, a 5 m car. */
public enum Witness { PERSON, DOOR, CAR }
