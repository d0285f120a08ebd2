package brightlintel.drawing;

/** A file that a drawing refers to, by the path that the drawing gives, and the bytes it was read from. */
public record External(String path, String sha256) { }
