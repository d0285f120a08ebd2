package brightlintel.read.pdf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Colour;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Progress;
import brightlintel.drawing.Style;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.io.InputStream;
import java.util.Deque;
import java.util.List;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.contentstream.operator.OperatorName;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroup;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDAbstractPattern;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDTilingPattern;
import org.apache.pdfbox.pdmodel.graphics.state.PDGraphicsState;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;

/** Follows a page's content; each thing painted becomes ink. */
final class PageWalk extends PDFGraphicsStreamEngine {
    private static final int PULSE_EVERY = 2048;
    private static final List<String> NO_MARKUP = List.of("Link", "Widget", "Popup", "Movie", "Sound", "FileAttachment");
    private static final double MM_PER_POINT = 25.4 / 72, UNSEEN = 0.004;
    private final PageFrame frame;
    private final Ink ink;
    private final PageImages images;
    private final Letters letters;
    private final Areas areas;
    private final Limits limits;
    private final Progress progress;
    private final Unpacked unpacked;
    private final PathBuffer path = new PathBuffer();
    private final LayerStack marked;
    private final Tiles tiles;
    private final float[] matrix = new float[6];
    private Matrix matrixOf;
    private int clipRule = -1;
    private List<Path2D> clipFor;
    private Clip clip;
    private PDColor strokeColour, fillColour;
    private int strokeRgb, fillRgb;
    private long operators;
    private long paths;

    /** What a page may ask of us. */
    record Limits(long operators, long deadlineNanos) { }

    PageWalk(PDPage page, PageFrame frame, Ink ink, Groups groups, PageImages images, Unpacked unpacked, Limits limits, Progress progress) {
        super(page);
        this.frame = frame;
        this.ink = ink;
        this.marked = new LayerStack(groups, ink);
        this.images = images;
        this.unpacked = unpacked;
        this.limits = limits;
        this.progress = progress;
        this.letters = new Letters(frame, ink);
        this.areas = new Areas(frame, ink);
        this.tiles = new Tiles(frame);
        PathOperators.addTo(this, path);
        addOperator(PageContent.once(this, this::content));
    }

    /** The page, then what was stuck onto it. */
    void run() throws IOException {
        processChildStream(new PageContent(getPage()), getPage());
    }

    private void content() throws IOException {
        Deque<PDGraphicsState> before = saveGraphicsStack();
        try (InputStream in = getPage().getContents()) {
            new ContentReader(in.readAllBytes()).run(new ContentReader.Sink() {
                @Override public boolean path(byte[] b, int from, int to, float[] figures, int count) throws IOException {
                    if (!PathOperators.put(b, from, to, figures, count, path, PageWalk.this)) return false;
                    if ((++operators & PULSE_EVERY - 1) == 0) pulse();
                    return true;
                }

                @Override public void operator(Operator o, List<COSBase> operands) throws IOException {
                    processOperator(o, operands);
                }
            });
        } finally {
            restoreGraphicsStack(before);
        }
        markups();
    }

    /** Stamps, clouds, remarks. */
    private void markups() throws IOException {
        List<PDAnnotation> all = getPage().getAnnotations().stream()
            .filter(a -> !a.isHidden() && !a.isNoView() && !NO_MARKUP.contains(String.valueOf(a.getSubtype()))).toList();
        if (all.isEmpty()) return;
        marked.begin(Layer.plain(new Pen(0, 0, Pen.Dashes.NONE, Pen.Use.MARKUP).name(), Colour.PLAIN));
        for (PDAnnotation a : all) showAnnotation(a);
        marked.end();
    }

    /** Of the moment, for whoever builds paths; not to be changed. */
    float[] matrix() {
        Matrix m = getGraphicsState().getCurrentTransformationMatrix();
        if (m != matrixOf) {
            matrixOf = m;
            PathOperators.into(m, matrix);
        }
        return matrix;
    }

    long paths() {
        return paths;
    }

    Letters letters() {
        return letters;
    }

    // ---- what bounds the walk

    @Override protected void processOperator(Operator operator, List<COSBase> operands) throws IOException {
        if ((++operators & PULSE_EVERY - 1) == 0) pulse();
        if (operator.getName().equals(OperatorName.SET_FONT_AND_SIZE)) font(operands);
        super.processOperator(operator, operands);
    }

    private void pulse() {
        progress.at(Progress.Stage.READING, operators, 0);
        if (operators > limits.operators) throw new Enough(Code.TOO_MANY_OPERATORS, limits.operators);
        if (System.nanoTime() - limits.deadlineNanos > 0) throw new Enough(Code.TOOK_TOO_LONG, operators);
    }

    @Override protected void operatorException(Operator operator, List<COSBase> operands, IOException e) {
        ink.report.say(Code.OPERATOR_DAMAGED, ink.at(), operator.getName());
    }

    private void font(List<COSBase> operands) {
        PDResources r = getResources();
        if (r == null || operands.isEmpty() || !(operands.getFirst() instanceof COSName name)) return;
        COSDictionary fonts = r.getCOSObject().getCOSDictionary(COSName.FONT);
        if (fonts != null) unpacked.checkFont(fonts.getCOSDictionary(name));
    }

    // ---- layers of the file's own

    @Override public void beginMarkedContentSequence(COSName tag, COSDictionary properties) {
        marked.begin(COSName.OC.equals(tag) ? properties : null);
    }

    @Override public void endMarkedContentSequence() {
        marked.end();
    }

    private String group() {
        return marked.layer();
    }

    @Override public void showForm(PDFormXObject form) throws IOException {
        unpacked.check(form.getCOSObject());
        boolean in = marked.enter(form.getCOSObject());
        int depth = marked.depth();
        super.showForm(form);
        marked.leave(depth, in);
    }

    @Override public void showTransparencyGroup(PDTransparencyGroup form) throws IOException {
        unpacked.check(form.getCOSObject());
        boolean in = marked.enter(form.getCOSObject());
        int depth = marked.depth();
        super.showTransparencyGroup(form);
        marked.leave(depth, in);
    }

    // ---- paths

    @Override public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
        path.move((float) p0.getX(), (float) p0.getY());
        path.line((float) p1.getX(), (float) p1.getY());
        path.line((float) p2.getX(), (float) p2.getY());
        path.line((float) p3.getX(), (float) p3.getY());
        path.close();
    }

    @Override public void moveTo(float x, float y) {
        path.move(x, y);
    }

    @Override public void lineTo(float x, float y) {
        if (path.hasPoint()) path.line(x, y);
        else path.move(x, y);
    }

    @Override public void curveTo(float ax, float ay, float bx, float by, float x, float y) {
        if (!path.hasPoint()) path.move(ax, ay);
        path.curve(ax, ay, bx, by, x, y);
    }

    /** The library asks for it only after it has been told that there is one. */
    @Override public Point2D getCurrentPoint() {
        return path.hasPoint() ? new Point2D.Float(path.x(), path.y()) : null;
    }

    @Override public void closePath() {
        path.close();
    }

    @Override public void clip(int windingRule) {
        clipRule = windingRule;
    }

    @Override public void endPath() {
        if (clipRule >= 0 && !path.isEmpty()) getGraphicsState().intersectClippingPath(path.shape(clipRule));
        clipRule = -1;
        path.reset();
    }

    @Override public void strokePath() throws IOException {
        paths++;
        if (getGraphicsState().getAlphaConstant() > UNSEEN) stroke();
        endPath();
    }

    @Override public void fillPath(int windingRule) throws IOException {
        paths++;
        fill(windingRule, true);
        endPath();
    }

    @Override public void fillAndStrokePath(int windingRule) throws IOException {
        paths++;
        boolean stroked = getGraphicsState().getAlphaConstant() > UNSEEN;
        fill(windingRule, !stroked);
        if (stroked) stroke();
        endPath();
    }

    @Override public void shadingFill(COSName name) {
        ink.report.say(Code.SHADING_LEFT_OUT, ink.at(), name.getName());
    }

    private Clip clip() {
        List<Path2D> now = getGraphicsState().getCurrentClippingPaths();
        if (now != clipFor) {
            clipFor = now;
            clip = Clip.of(frame.box(), now, frame.map());
        }
        return clip;
    }

    private void stroke() throws IOException {
        PDGraphicsState gs = getGraphicsState();
        if (tiles.isOpen()) {
            for (Run r : Run.of(path, frame.map())) tiles.add(r);
            return;
        }
        Style s = ink.style(pen(gs), group());
        Clip c = clip();
        if (path.isOneLine()) {
            Point a = frame.map().apply(path.xy[0], path.xy[1]), b = frame.map().apply(path.xy[2], path.xy[3]);
            if (a.equals(b)) return;
            if (c.passes(Box.of(a, b))) {
                ink.line(a, b, s);
                return;
            }
        }
        Box all = path.box(frame.map());
        if (c.blocks(all)) return;
        boolean free = c.passes(all);
        for (Run r : Run.of(path, frame.map())) {
            Box b = free ? all : r.box();
            if (free || c.passes(b)) ink.stroke(r, s);
            else if (!c.blocks(b)) for (Curve x : r.curves()) clipped(x, c, s);
        }
    }

    private void clipped(Curve x, Clip c, Style s) {
        Box b = Run.box(x);
        if (c.blocks(b)) return;
        if (c.passes(b)) {
            ink.stroke(new Run(List.of(x), false), s);
            return;
        }
        double[] in = c.stretches(x);
        for (int i = 0; i < in.length; i += 2)
            ink.stroke(new Run(List.of(in[i] == 0 && in[i + 1] == 1 ? x : x.part(in[i], in[i + 1])), false), s);
    }

    private Pen pen(PDGraphicsState gs) throws IOException {
        PDColor colour = gs.getStrokingColor();
        if (colour != strokeColour) {
            strokeColour = colour;
            strokeRgb = rgb(colour);
        }
        double width = Math.abs(transformWidth(gs.getLineWidth())) * frame.unit() * MM_PER_POINT * 100;
        float[] array = gs.getLineDashPattern().getDashArray();
        return new Pen(strokeRgb, (int) Math.min(10_000, Math.round(width)), array.length == 0 ? Pen.Dashes.NONE : dashes(array,
            gs.getLineDashPattern().getPhase()), Pen.Use.STROKE);
    }

    private Pen.Dashes dashes(float[] array, float phase) {
        float[] out = new float[array.length];
        double sum = 0;
        for (int i = 0; i < out.length; i++) {
            out[i] = (float) (Math.round(Math.abs(transformWidth(array[i])) * frame.unit() * 100) / 100.0);
            sum += out[i];
        }
        // dashes finer than a dot of ink, and those without a gap, are an unbroken line
        return sum > 0.05 && (out.length == 1 || sum - even(out) > 0.02) ? new Pen.Dashes(out, phase) : Pen.Dashes.NONE;
    }

    private static double even(float[] d) {
        double s = 0;
        for (int i = 0; i < d.length; i += 2) s += d[i];
        return s;
    }

    static int rgb(PDColor c) {
        try {
            return c == null || c.isPattern() ? 0x808080 : c.toRGB() & 0xffffff;
        } catch (IOException | RuntimeException e) {
            return 0x808080;
        }
    }

    private int fillRgb(PDGraphicsState gs) {
        PDColor colour = gs.getNonStrokingColor();
        if (colour != fillColour) {
            fillColour = colour;
            fillRgb = rgb(colour);
        }
        return fillRgb;
    }

    private void fill(int windingRule, boolean edged) throws IOException {
        PDGraphicsState gs = getGraphicsState();
        if (gs.getNonStrokeAlphaConstant() <= UNSEEN || tiles.isOpen()) return;
        List<Run> runs = Run.of(path, frame.map());
        if (runs.isEmpty()) return;
        Box all = path.box(frame.map());
        PDColor colour = gs.getNonStrokingColor();
        PDAbstractPattern pattern = colour.isPattern() ? getResources().getPattern(colour.getPatternName()) : null;
        Pen.Use use = pattern == null ? Pen.Use.AREA : pattern instanceof PDTilingPattern ? Pen.Use.HATCHED : Pen.Use.SHADED;
        List<Entity.PatternLine> lines = List.of();
        int rgb = fillRgb(gs);
        if (pattern instanceof PDTilingPattern t) {
            rgb = colour.getComponents().length >= 3 ? Math.round(255 * colour.getComponents()[0]) << 16
                | Math.round(255 * colour.getComponents()[1]) << 8 | Math.round(255 * colour.getComponents()[2]) : 0x606060;
            lines = tile(t, colour);
        }
        areas.add(runs, all, windingRule == Path2D.WIND_EVEN_ODD, edged, clip(),
            new Areas.Paint(rgb, group(), use, lines));
    }

    private List<Entity.PatternLine> tile(PDTilingPattern t, PDColor colour) throws IOException {
        List<Entity.PatternLine> known = tiles.known(t);
        if (known != null) return known;
        unpacked.check(t.getCOSObject());
        tiles.open();
        // a tile builds paths of its own
        PathBuffer filled = path.copy();
        int rule = clipRule, depth = marked.depth();
        path.reset();
        clipRule = -1;
        try {
            processTilingPattern(t, colour, t.getPaintType() == PDTilingPattern.PAINT_UNCOLORED
                ? getGraphicsState().getNonStrokingColorSpace()
                : null);
        } finally {
            tiles.close(t);
            marked.leave(depth, false);
            path.become(filled);
            clipRule = rule;
        }
        return tiles.known(t);
    }

    // ---- pictures and text

    @Override public void drawImage(PDImage image) throws IOException {
        if (tiles.isOpen()) return;
        if (image instanceof PDImageXObject x) unpacked.check(x.getCOSObject());
        boolean in = image instanceof PDImageXObject x && marked.enter(x.getCOSObject());
        Matrix m = getGraphicsState().getCurrentTransformationMatrix();
        Point at = mapped(m, 0, 0), u = mapped(m, 1, 0).minus(at), v = mapped(m, 0, 1).minus(at);
        Box b = Box.of(List.of(at, at.plus(u), at.plus(v), at.plus(u).plus(v)));
        if (at.isFinite() && u.isFinite() && v.isFinite() && !clip().blocks(b)) picture(image, at, u, v);
        if (in) marked.end();
    }

    /** What an upright box lets through of an upright picture is cut out of it; other clips leave it whole. */
    private void picture(PDImage image, Point at, Point u, Point v) {
        int w = image.getWidth(), h = image.getHeight();
        if (w < 1 || h < 1) return;
        int tint = image.isStencil() ? fillRgb(getGraphicsState()) : 0;
        PageImages.Part part = PageImages.Part.seen(at, u, v, clip().box(), w, h);
        String name = images.take(image, tint, part);
        Style s = ink.style(new Pen(0, 0, Pen.Dashes.NONE, Pen.Use.PICTURE), group());
        Point corner = at.plus(u.times(part.left() / (double) w)).plus(v.times(part.below() / (double) h));
        ink.add(new Entity.Picture(ink.key(), s, Vec3.UP, Ink.space(corner), Ink.space(u.times(1.0 / w)), Ink.space(v.times(1.0 / h)),
            part.width(),
            part.height(), name));
    }

    private Point mapped(Matrix m, double x, double y) {
        return frame.map().apply(m.getScaleX() * x + m.getShearX() * y + m.getTranslateX(), m.getShearY() * x + m.getScaleY() * y
            + m.getTranslateY());
    }

    /** Also of fonts whose characters are little drawings: they are text where their code says which, and not followed. */
    @Override protected void showGlyph(Matrix place, PDFont font, int code, Vector displacement) throws IOException {
        if (tiles.isOpen()) return;
        PDGraphicsState gs = getGraphicsState();
        RenderingMode mode = gs.getTextState().getRenderingMode();
        boolean painted = mode.isFill() && gs.getNonStrokeAlphaConstant() > UNSEEN || mode.isStroke();
        int rgb = mode.isFill() || !mode.isStroke() ? fillRgb(gs) : rgb(gs.getStrokingColor());
        Pen pen = new Pen(painted ? rgb : 0, 0, Pen.Dashes.NONE, painted ? Pen.Use.TEXT : Pen.Use.HIDDEN_TEXT);
        letters.add(place, font, code, displacement, ink.style(pen, painted ? group() : null), clip());
}
}
