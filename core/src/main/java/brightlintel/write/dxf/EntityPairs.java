package brightlintel.write.dxf;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Style;
import brightlintel.drawing.TextCodes;
import brightlintel.geom.Vec3;
import java.util.LinkedHashMap;
import java.util.Map;

/** The pairs of one entity, the mirror of its reading. */
final class EntityPairs {
    private final Pairs out;
    private final Map<String, String> pictures = new LinkedHashMap<>();

    EntityPairs(Pairs out) {
        this.out = out;
    }

    /** Handle of each picture file's definition, which is still to be written. */
    Map<String, String> pictures() {
        return pictures;
    }

    /** Beyond ASCII by its code. */
    static String ascii(String s) {
        return TextCodes.stored(s, c -> c < 128);
    }

    /** @return false for kinds that are known by name only */
    boolean write(Entity e, boolean paper) {
        switch (e) {
            case Entity.KnownByKindOnly _ -> {
                return false;
            }
            case Entity.Line l -> begin(e, paper, "AcDbLine").at(10, l.a()).at(11, l.b());
            case Entity.Dot p -> begin(e, paper, "AcDbPoint").at(10, p.at());
            case Entity.Circle c -> begin(e, paper, "AcDbCircle").at(10, c.centre()).p(40, c.radius());
            case Entity.Arc a -> begin(e, paper, "AcDbCircle").at(10, a.centre()).p(40, a.radius()).p(100, "AcDbArc")
                .p(50, Math.toDegrees(a.start())).p(51, Math.toDegrees(a.end()));
            case Entity.Ellipse l -> begin(e, paper, "AcDbEllipse").at(10, l.centre()).at(11, l.major()).p(40, l.ratio()).p(41, l.start())
                .p(42, l.end());
            case Entity.Polyline p -> polyline(p, paper);
            case Entity.MultiLine m -> multiLine(m, paper);
            case Entity.Spline s -> spline(s, paper);
            case Entity.Text t -> text(t, paper);
            case Entity.Insert i -> insert(i, paper);
            case Entity.Dimension d -> dimension(d, paper);
            case Entity.Corners c -> {
                begin(e, paper, c.kind().equals("3DFACE") ? "AcDbFace" : "AcDbTrace");
                for (int i = 0; i < 4; i++)
                    out.at(10 + i, new Vec3(c.points().get(3 * i), c.points().get(3 * i + 1), c.points().get(3 * i + 2)));
            }
            case Entity.Hatch h -> new HatchPairs(out).write(h, begin(e, paper, "AcDbHatch"));
            case Entity.Leader l -> {
                begin(e, paper, "AcDbLeader").p(3, "Standard").p(71, 1).p(72, 0).p(73, 3).p(74, 1).p(75, 0).p(40, 0.0).p(41, 0.0)
                    .p(76, l.points().size() / 3);
                rows(10, l.points());
            }
            case Entity.MultiLeader m -> multiLeader(m, paper);
            case Entity.Endless x -> begin(e, paper, x.oneWay() ? "AcDbRay" : "AcDbXline").at(10, x.at()).at(11, x.direction());
            case Entity.Picture p -> begin(e, paper, "AcDbRasterImage").p(90, 0).at(10, p.at()).at(11, p.u()).at(12, p.v()).p(13, p.width())
                .p(23, p.height())
                .p(340, pictures.computeIfAbsent(p.file(), _ -> out.next())).p(70, 7).p(280, 0).p(281, 50).p(282, 50).p(283, 0);
            case Entity.Viewport v -> begin(e, paper, "AcDbViewport").at(10, v.centre()).p(40, v.width()).p(41, v.height())
                .p(45, v.viewHeight());
        }
        if (!e.extrusion().equals(Vec3.UP)) out.at(210, e.extrusion());
        return true;
    }

    private Pairs begin(Entity e, boolean paper, String marker) {
        out.p(0, e.kind()).p(5, out.next()).p(100, "AcDbEntity");
        if (paper) out.p(67, 1);
        out.p(8, ascii(e.style().layer()));
        if (!e.style().lineType().isEmpty()) out.p(6, ascii(e.style().lineType()));
        if (!e.style().colour().byLayer()) out.p(62, e.style().colour().index());
        e.style().colour().rgb().ifPresent(rgb -> out.p(420, rgb));
        if (e.style().lineTypeScale() != 1) out.p(48, e.style().lineTypeScale());
        if (e.style().weight() != Style.WEIGHT_BY_LAYER) out.p(370, e.style().weight());
        if (!e.style().visible()) out.p(60, 1);
        return out.p(100, marker);
    }

    private void rows(int code, Doubles p) {
        for (int i = 0; i + 2 < p.size(); i += 3) out.at(code, new Vec3(p.get(i), p.get(i + 1), p.get(i + 2)));
    }

    private void polyline(Entity.Polyline p, boolean paper) {
        Doubles v = p.points();
        if (p.sort() == Entity.PolylineKind.LIGHT) {
            begin(p, paper, "AcDbPolyline").p(90, p.size()).p(70, p.closed() ? 1 : 0).p(38, p.size() > 0 ? v.get(2) : 0);
            if (p.isOfOneWidth()) out.p(43, p.widths().get(0));
            for (int i = 0; i < p.size(); i++) {
                out.p(10, v.get(4 * i)).p(20, v.get(4 * i + 1));
                if (!p.isOfOneWidth()) widths(p, i);
                if (v.get(4 * i + 3) != 0) out.p(42, v.get(4 * i + 3));
            }
            return;
        }
        int sort = switch (p.sort()) {
            case SPACE -> 8;
            case MESH -> 16;
            case POLYFACE -> 64;
            default -> 0;
        };
        boolean plane = p.sort() == Entity.PolylineKind.PLANE;
        begin(p, paper, plane ? "AcDb2dPolyline" : p.sort() == Entity.PolylineKind.SPACE
            ? "AcDb3dPolyline" : p.sort() == Entity.PolylineKind.MESH ? "AcDbPolygonMesh" : "AcDbPolyFaceMesh")
            .p(66, 1).p(10, 0.0).p(20, 0.0).p(30, plane && p.size() > 0 ? v.get(2) : 0)
            .p(70, sort + (p.closed() ? 1 : 0) + (p.frame().isEmpty() ? 0 : 4)).p(71, p.rows()).p(72, p.columns());
        if (!p.extrusion().equals(Vec3.UP)) out.at(210, p.extrusion());
        for (int i = 0; i < p.size(); i++) {
            vertex(p).p(10, v.get(4 * i)).p(20, v.get(4 * i + 1)).p(30, v.get(4 * i + 2));
            widths(p, i);
            if (v.get(4 * i + 3) != 0) out.p(42, v.get(4 * i + 3));
            out.p(70, (p.frame().contains(i) ? 16 : 0) + (p.sort() == Entity.PolylineKind.SPACE ? 32 : p.sort() == Entity.PolylineKind.MESH
                ? 64 : p.sort() == Entity.PolylineKind.POLYFACE ? 192 : 0));
        }
        for (int f = 0; f + 3 < p.faces().size(); f += 4) {
            vertex(p).p(10, 0.0).p(20, 0.0).p(30, 0.0).p(70, 128);
            for (int k = 0; k < 4; k++) out.p(71 + k, p.faces().get(f + k));
        }
        out.p(0, "SEQEND").p(5, out.next()).p(100, "AcDbEntity").p(8, ascii(p.style().layer()));
    }

    private void widths(Entity.Polyline p, int vertex) {
        if (p.widths().size() > 0) out.p(40, p.widths().get(2 * vertex)).p(41, p.widths().get(2 * vertex + 1));
    }

    private void multiLine(Entity.MultiLine m, boolean paper) {
        begin(m, paper, "AcDbMline").p(2, "STANDARD").p(40, 1.0).p(70, 0).p(71, m.closed() ? 3 : 1).p(72, m.joints().size())
            .p(73, m.joints().getFirst().ways().size()).at(10, m.joints().getFirst().at());
        for (Entity.Joint j : m.joints()) {
            out.at(11, j.at()).at(12, j.along()).at(13, j.mitre());
            for (Doubles way : j.ways()) {
                out.p(74, way.size());
                for (int i = 0; i < way.size(); i++) out.p(41, way.get(i));
                out.p(75, 0);
            }
        }
    }

    private Pairs vertex(Entity.Polyline p) {
        return out.p(0, "VERTEX").p(5, out.next()).p(100, "AcDbEntity").p(8, ascii(p.style().layer())).p(100, "AcDbVertex");
    }

    private void spline(Entity.Spline s, boolean paper) {
        begin(s, paper, "AcDbSpline").p(70, (s.closed() ? 1 : 0) + (s.weights().size() > 0 ? 4 : 0)).p(71, s.degree())
            .p(72, s.knots().size()).p(73, s.controls().size() / 3).p(74, s.fits().size() / 3);
        for (int i = 0; i < s.knots().size(); i++) out.p(40, s.knots().get(i));
        for (int i = 0; i < s.weights().size(); i++) out.p(41, s.weights().get(i));
        rows(10, s.controls());
        rows(11, s.fits());
    }

    private void text(Entity.Text t, boolean paper) {
        if (t.sort() == Entity.TextSort.MTEXT) {
            longText(t, paper);
            return;
        }
        begin(t, paper, "AcDbText").at(10, t.at()).p(40, t.height()).p(1, ascii(t.raw())).p(50, Math.toDegrees(t.rotation()))
            .p(41, t.widthFactor());
        out.p(72, t.across().ordinal()).at(11, t.anchor());
        out.p(100, switch (t.sort()) {
            case ATTRIB -> "AcDbAttribute";
            case ATTDEF -> "AcDbAttributeDefinition";
            default -> "AcDbText";
        });
        if (t.sort() != Entity.TextSort.TEXT) out.p(2, ascii(t.tag())).p(70, t.shown() ? 0 : 1);
        out.p(t.sort() == Entity.TextSort.TEXT ? 73 : 74, t.upward().ordinal());
    }

    private void longText(Entity.Text t, boolean paper) {
        begin(t, paper, "AcDbMText").at(10, t.at()).p(40, t.height()).p(41, t.width());
        int row = switch (t.upward()) {
            case TOP -> 0;
            case MIDDLE -> 1;
            default -> 2;
        };
        out.p(71, 3 * row + Math.min(2, t.across().ordinal()) + 1);
        String s = ascii(t.raw());
        while (s.length() > 250) {
            int code = s.lastIndexOf("\\U+", 249), end = code > 243 ? code : 250;
            out.p(3, s.substring(0, end));
            s = s.substring(end);
        }
        out.p(1, s).p(50, Math.toDegrees(t.rotation()));
    }

    private void insert(Entity.Insert i, boolean paper) {
        begin(i, paper, "AcDbBlockReference");
        if (!i.attributes().isEmpty()) out.p(66, 1);
        out.p(2, ascii(i.block())).at(10, i.at()).p(41, i.scale().x()).p(42, i.scale().y()).p(43, i.scale().z())
            .p(50, Math.toDegrees(i.rotation()));
        out.p(70, i.columns()).p(71, i.rows()).p(44, i.columnStep()).p(45, i.rowStep());
        if (i.attributes().isEmpty()) return;
        if (!i.extrusion().equals(Vec3.UP)) out.at(210, i.extrusion());
        i.attributes().forEach(a -> write(a, paper));
        out.p(0, "SEQEND").p(5, out.next()).p(100, "AcDbEntity").p(8, ascii(i.style().layer()));
    }

    private void dimension(Entity.Dimension d, boolean paper) {
        begin(d, paper, "AcDbDimension").p(2, ascii(d.block())).at(10, d.at()).at(11, d.textAt()).p(70, d.sort() + 32)
            .p(1, ascii(d.override())).p(3, d.dimensionStyle().isEmpty() ? "Standard" : ascii(d.dimensionStyle()));
        if (Double.isFinite(d.measured())) out.p(42, d.measured());
        String marker = switch (d.sort()) {
            case 2 -> "AcDb2LineAngularDimension";
            case 3 -> "AcDbDiametricDimension";
            case 4 -> "AcDbRadialDimension";
            case 5 -> "AcDb3PointAngularDimension";
            case 6 -> "AcDbOrdinateDimension";
            default -> "AcDbAlignedDimension";
        };
        out.p(100, marker).at(13, d.first()).at(14, d.second()).at(15, d.arc()).p(50, Math.toDegrees(d.rotation()));
        if (d.sort() == 0) out.p(100, "AcDbRotatedDimension");
    }

    private void multiLeader(Entity.MultiLeader m, boolean paper) {
        begin(m, paper, "AcDbMLeader").p(300, "CONTEXT_DATA{").p(40, 1.0).at(10, m.textAt()).p(41, m.height()).p(304, ascii(m.raw()))
            .at(12, m.textAt()).p(42, m.rotation());
        if (!m.lines().isEmpty()) {
            out.p(302, "LEADER{");
            for (Doubles l : m.lines()) {
                out.p(304, "LEADER_LINE{");
                rows(10, l);
                out.p(305, "}");
            }
            out.p(303, "}");
        }
        out.p(301, "}");
    }
}
