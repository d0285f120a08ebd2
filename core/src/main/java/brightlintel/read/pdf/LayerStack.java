package brightlintel.read.pdf;

import brightlintel.drawing.Layer;
import java.util.ArrayDeque;
import java.util.Deque;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;

/** Which of the file's own layers is painted on: marked content nests, and forms and pictures carry marks of their own. */
final class LayerStack {
    private static final Layer NONE = Layer.undeclared("");
    private final Deque<Layer> open = new ArrayDeque<>();
    private final Groups groups;
    private final Ink ink;

    LayerStack(Groups groups, Ink ink) {
        this.groups = groups;
        this.ink = ink;
    }

    /** @param group or membership dictionary; null for a mark that says nothing of layers */
    void begin(COSDictionary group) {
        begin(group == null ? null : groups.of(group));
    }

    void begin(Layer l) {
        open.addLast(l == null ? NONE : l);
        if (l != null) ink.declare(l);
    }

    void end() {
        open.pollLast();
    }

    /** The outermost that is off hides what is in it; else the innermost; null for none. */
    String layer() {
        String in = null;
        for (Layer l : open) {
            if (l == NONE) continue;
            if (l.off()) return l.name();
            in = l.name();
        }
        return in;
    }

    /** @return whether the thing carries a mark, which must be ended */
    boolean enter(COSDictionary thing) {
        COSDictionary group = thing == null ? null : thing.getCOSDictionary(COSName.OC);
        if (group != null) begin(group);
        return group != null;
    }

    int depth() {
        return open.size();
    }

    /** What was left open within a form ends with it. */
    void leave(int depth, boolean entered) {
        while (open.size() > depth) open.removeLast();
        if (entered) end();
    }
}
