package brightlintel.read.dwg;

/** Numbers of the fixed kinds of objects. */
public final class Kind {
    public static final int TEXT = 1, ATTRIB = 2, ATTDEF = 3, BLOCK = 4, ENDBLK = 5, SEQEND = 6, INSERT = 7, MINSERT = 8, VERTEX_2D = 10,
        VERTEX_3D = 11, VERTEX_MESH = 12,
        VERTEX_PFACE = 13, VERTEX_FACE = 14, POLYLINE_2D = 15, POLYLINE_3D = 16, ARC = 17, CIRCLE = 18, LINE = 19, DIM_ORDINATE = 20,
        DIM_LINEAR = 21, DIM_ALIGNED = 22,
        DIM_ANGLE_3P = 23, DIM_ANGLE_2L = 24, DIM_RADIUS = 25, DIM_DIAMETER = 26, POINT = 27, FACE = 28, POLYLINE_PFACE = 29,
        POLYLINE_MESH = 30, SOLID = 31, TRACE = 32, SHAPE = 33,
        VIEWPORT = 34, ELLIPSE = 35, SPLINE = 36, REGION = 37, SOLID_3D = 38, BODY = 39, RAY = 40, XLINE = 41, OLE_FRAME = 43, MTEXT = 44,
        LEADER = 45, TOLERANCE = 46, MLINE = 47,
        DICTIONARY = 42, BLOCK_CONTROL = 48, BLOCK_HEADER = 49, LAYER_CONTROL = 50, LAYER = 51, STYLE_CONTROL = 52,
        STYLE = 53, LTYPE_CONTROL = 56, LTYPE = 57, VIEW_CONTROL = 60, UCS_CONTROL = 62, VPORT_CONTROL = 64, VPORT = 65, APPID_CONTROL = 66,
        APPID = 67, DIMSTYLE_CONTROL = 68,
        DIMSTYLE = 69, VIEWPORT_HEADS = 70, MLINESTYLE = 73, OLE2_FRAME = 74, LWPOLYLINE = 77, HATCH = 78, LAYOUT = 82, PROXY = 498;
    public static final int FIRST_CLASS = 500;

    private Kind() { }

    /** The text form's word for entities that are counted only; "" for what is no entity. */
    static String counted(int type) {
        return switch (type) {
            case SHAPE -> "SHAPE";
            case REGION -> "REGION";
            case SOLID_3D -> "3DSOLID";
            case BODY -> "BODY";
            case OLE_FRAME -> "OLEFRAME";
            case TOLERANCE -> "TOLERANCE";
            case MLINE -> "MLINE";
            case OLE2_FRAME -> "OLE2FRAME";
            case PROXY -> "ACAD_PROXY_ENTITY";
            default -> "";
        };
    }

    static boolean isEntity(int type) {
        return type >= TEXT && type <= MINSERT || type >= VERTEX_2D && type <= XLINE || type >= OLE_FRAME && type <= MLINE
            || type == OLE2_FRAME || type == LWPOLYLINE || type == HATCH
            || type == PROXY;
    }

    /** Whether a number is that of a fixed kind; the last is that of layouts. */
    static boolean isFixed(int type) {
        return type >= TEXT && type <= LAYOUT || type == PROXY || type == PROXY + 1;
    }

    static boolean isRecord(int type) {
        return type == BLOCK_HEADER || type == LAYER || type == LTYPE || type == STYLE || type == DIMSTYLE || type == LAYOUT;
    }
}
