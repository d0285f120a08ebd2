package brightlintel.desktop.state;

/** What listeners are told about. */
public enum Change {
    PROJECT, STOREY, STAGE, SELECTION, TOOL, AIM, VIEW, SPACE, LOOK, DRAWING, BUSY, MESSAGE, SNAPS, FILE, EXTENT, PAGES, MEASURES, EVIDENCE,
    DISK
}
