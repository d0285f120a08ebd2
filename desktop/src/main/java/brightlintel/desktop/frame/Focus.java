package brightlintel.desktop.frame;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;

/** Keeps the keyboard where it was while a part of the window is built anew. */
public final class Focus {
    private Focus() { }

    /** Whatever had the focus in a part has it again afterwards, told by its id; where that is gone, its parent has it. */
    public static void keep(Parent part, Runnable build) {
        Scene scene = part.getScene();
        Node owner = scene == null ? null : scene.getFocusOwner();
        String id = owner != null && isIn(owner, part) ? owner.getId() : null;
        boolean had = owner != null && isIn(owner, part);
        build.run();
        if (!had) return;
        Node again = id == null ? null : part.lookup("#" + id);
        if (again != null && again.isFocusTraversable() && !again.isDisabled()) again.requestFocus();
        else part.requestFocus();
    }

    public static boolean isIn(Node n, Parent part) {
        for (Node x = n; x != null; x = x.getParent()) if (x == part) return true;
        return false;
    }
}
