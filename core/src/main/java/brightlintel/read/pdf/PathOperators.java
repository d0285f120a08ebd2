package brightlintel.read.pdf;

import java.util.List;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.contentstream.operator.OperatorName;
import org.apache.pdfbox.contentstream.operator.OperatorProcessor;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.util.Matrix;

/**
 * The operators that build paths, nine of ten in a plan: straight from figures into the buffer. One with too few figures, or with others
 * than figures, is passed over, as the library does.
 */
final class PathOperators {
    private PathOperators() { }

    /** One operator of the four. */
    private interface Step {
        void put(PathBuffer path, float[] v, float[] m);
    }

    private static final Step MOVE = (path, v, m) -> path.move(x(m, v[0], v[1]), y(m, v[0], v[1]));
    private static final Step LINE = (path, v, m) -> {
        float x = x(m, v[0], v[1]), y = y(m, v[0], v[1]);
        if (path.hasPoint()) path.line(x, y);
        else path.move(x, y);
    };
    private static final Step CURVE = (path, v, m) -> {
        float ax = x(m, v[0], v[1]), ay = y(m, v[0], v[1]), bx = x(m, v[2], v[3]), by = y(m, v[2], v[3]);
        if (!path.hasPoint()) path.move(ax, ay);
        path.curve(ax, ay, bx, by, x(m, v[4], v[5]), y(m, v[4], v[5]));
    };
    private static final Step RECTANGLE = (path, v, m) -> {
        float x1 = v[0] + v[2], y1 = v[1] + v[3];
        path.move(x(m, v[0], v[1]), y(m, v[0], v[1]));
        path.line(x(m, x1, v[1]), y(m, x1, v[1]));
        path.line(x(m, x1, y1), y(m, x1, y1));
        path.line(x(m, v[0], y1), y(m, v[0], y1));
        path.close();
    };

    /** Within forms and tiles, which the library parses. */
    static void addTo(PageWalk walk, PathBuffer path) {
        walk.addOperator(of(walk, OperatorName.MOVE_TO, 2, path, MOVE));
        walk.addOperator(of(walk, OperatorName.LINE_TO, 2, path, LINE));
        walk.addOperator(of(walk, OperatorName.CURVE_TO, 6, path, CURVE));
        walk.addOperator(of(walk, OperatorName.APPEND_RECT, 4, path, RECTANGLE));
    }

    /** By its bytes. @return false where it is none of these */
    static boolean put(byte[] b, int from, int to, float[] v, int count, PathBuffer path, PageWalk walk) {
        Step step;
        int needs;
        if (to - from == 2 && b[from] == 'r' && b[from + 1] == 'e') {
            step = RECTANGLE;
            needs = 4;
        } else if (to - from != 1) return false;
        else switch (b[from]) {
            case 'm' -> {
                step = MOVE;
                needs = 2;
            }
            case 'l' -> {
                step = LINE;
                needs = 2;
            }
            case 'c' -> {
                step = CURVE;
                needs = 6;
            }
            case 'h' -> {
                path.close();
                return true;
            }
            default -> {
                return false;
            }
        }
        if (count >= needs) step.put(path, v, walk.matrix());
        return true;
    }

    private static float x(float[] m, float x, float y) {
        return m[0] * x + m[2] * y + m[4];
    }

    private static float y(float[] m, float x, float y) {
        return m[1] * x + m[3] * y + m[5];
    }

    private static OperatorProcessor of(PageWalk walk, String name, int count, PathBuffer path, Step step) {
        float[] figures = new float[count];
        return new OperatorProcessor(walk) {
            @Override public void process(Operator operator, List<COSBase> operands) {
                if (operands.size() < count) return;
                for (int i = 0; i < count; i++) {
                    if (!(operands.get(i) instanceof COSNumber n)) return;
                    figures[i] = n.floatValue();
                }
                step.put(path, figures, walk.matrix());
            }

            @Override public String getName() {
                return name;
            }
        };
    }

    /** A matrix as a, b, c, d, e, f. */
    static void into(Matrix m, float[] to) {
        to[0] = m.getScaleX();
        to[1] = m.getShearY();
        to[2] = m.getShearX();
        to[3] = m.getScaleY();
        to[4] = m.getTranslateX();
        to[5] = m.getTranslateY();
    }
}
