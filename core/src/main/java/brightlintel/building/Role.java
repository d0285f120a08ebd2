package brightlintel.building;

/** What something drawn stands for. */
public enum Role {
    WALL, DOOR, WINDOW, COLUMN, GRID, SLAB_EDGE, STAIR, ROOM_OUTLINE, ROOM_LABEL, DIMENSION, FURNITURE, SANITARY, HATCH, SITE, SHEET, TEXT,
        OTHER;

    /** Building, and what traces it. */
    public boolean isBuilding() {
        return switch (this) {
            case WALL, DOOR, WINDOW, COLUMN, GRID, SLAB_EDGE, STAIR, ROOM_OUTLINE, ROOM_LABEL -> true;
            case DIMENSION, FURNITURE, SANITARY, HATCH, SITE, SHEET, TEXT, OTHER -> false;
        };
    }
}
