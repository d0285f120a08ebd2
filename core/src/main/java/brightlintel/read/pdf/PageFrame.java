package brightlintel.read.pdf;

import brightlintel.drawing.Paper;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * The page as displayed: crop box to 0,0, turned by its rotation, enlarged by its user unit.
 *
 * @param map      from the page's own coordinates to points
 * @param width    points; height too
 * @param rotation degrees clockwise: 0, 90, 180 or 270
 * @param unit     points that one unit of the page is
 */
record PageFrame(Affine map, double width, double height, int rotation, double unit) {
    static final double METRES_PER_POINT = 0.0254 / 72;
    /** Above this a page is larger than a town. */
    private static final double MOST_UNIT = 1e4;

    static PageFrame of(PDPage page) {
        PDRectangle crop = page.getCropBox();
        double w = crop.getWidth(), h = crop.getHeight(), said = page.getCOSObject().getFloat(COSName.getPDFName("UserUnit"), 1);
        double unit = said > 0 && said < MOST_UNIT ? said : 1;
        int turn = Math.floorMod(Math.round(page.getRotation() / 90f), 4);
        Affine home = Affine.move(-crop.getLowerLeftX(), -crop.getLowerLeftY());
        Affine turned = switch (turn) {
            case 1 -> new Affine(0, -1, 1, 0, 0, w);
            case 2 -> new Affine(-1, 0, 0, -1, w, h);
            case 3 -> new Affine(0, 1, -1, 0, h, 0);
            default -> Affine.IDENTITY;
        };
        boolean across = turn % 2 == 1;
        return new PageFrame(home.then(turned).then(Affine.scale(unit, unit)), unit * (across ? h : w), unit * (across ? w : h), 90 * turn,
            unit);
    }

    Box box() {
        return new Box(0, 0, width, height);
    }

    Paper paper() {
        return new Paper(width * METRES_PER_POINT, height * METRES_PER_POINT, METRES_PER_POINT);
    }
}
