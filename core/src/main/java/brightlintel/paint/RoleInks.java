package brightlintel.paint;

import brightlintel.building.Role;

/** Quiet inks and widths by what something stands for: what is building stands out, the rest steps back. */
final class RoleInks {
    /** Towards the paper: what is no building, and fillings of it. */
    private static final double QUIET = 0.35, FAINT = 0.6;

    private RoleInks() { }

    /** @param r null where nothing is known of it */
    static int of(Role r, Palette p) {
        if (r == null) return Palette.mix(p.ink2(), p.paper(), QUIET);
        return switch (r) {
            case WALL, COLUMN -> p.ink();
            case DOOR, WINDOW -> Palette.mix(p.brassText(), p.paper(), 0.15);
            case GRID -> p.plum();
            case STAIR, SLAB_EDGE, ROOM_OUTLINE -> p.sage();
            case ROOM_LABEL -> p.ink2();
            case DIMENSION, TEXT, SITE, SHEET, OTHER -> Palette.mix(p.ink2(), p.paper(), QUIET);
            case FURNITURE, SANITARY, HATCH -> Palette.mix(p.ink2(), p.paper(), FAINT);
        };
    }

    /** Of the usual width. */
    static float width(Role r) {
        if (r == null) return 1;
        return switch (r) {
            case WALL, COLUMN -> 1.7f;
            case DOOR, WINDOW, GRID, STAIR, SLAB_EDGE, ROOM_OUTLINE, ROOM_LABEL -> 1;
            case DIMENSION, TEXT, SITE, SHEET, OTHER, FURNITURE, SANITARY, HATCH -> 0.7f;
        };
    }
}
