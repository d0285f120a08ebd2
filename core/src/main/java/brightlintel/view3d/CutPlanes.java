package brightlintel.view3d;

import brightlintel.geom.Vec3;
import java.util.List;

/** Cuts as a view sees them: a parallel view keeps planes plane, so that a pixel and its depth tell on which side they are. */
final class CutPlanes {
    final int count;
    private final float[] at, perX, perY, perZ;

    CutPlanes(List<Cut> cuts, Camera c, int width, int height) {
        count = cuts.size();
        at = new float[count];
        perX = new float[count];
        perY = new float[count];
        perZ = new float[count];
        double k = c.pxPerMetre();
        for (int i = 0; i < count; i++) {
            Vec3 n = cuts.get(i).towards();
            double right = n.dot(c.right()) / k, up = n.dot(c.up()) / k;
            perX[i] = (float) right;
            perY[i] = (float) -up;
            perZ[i] = (float) n.dot(c.forward());
            at[i] = (float) (n.dot(c.target()) - cuts.get(i).far() - right * width / 2 + up * height / 2);
        }
    }

    /** @param x pixels, y pixels down, z depth in metres */
    boolean keeps(float x, float y, float z) {
        for (int i = 0; i < count; i++) if (at[i] + perX[i] * x + perY[i] * y + perZ[i] * z > 0) return false;
        return true;
    }
}
