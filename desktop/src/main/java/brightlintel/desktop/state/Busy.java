package brightlintel.desktop.state;

/** Long work in hand. share: 0..1, below 0 where it is not known. */
public record Busy(String what, double share) { }
