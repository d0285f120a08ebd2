package brightlintel.desktop.window;

import brightlintel.desktop.state.Stage;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.SVGPath;

/** Our pictograms: 20 px grid, stroke 1.5, round ends, no fill. */
final class Icons {
    private Icons() { }

    static Node of(Stage s) {
        SVGPath p = new SVGPath();
        p.setContent(switch (s) {
            case RECEIVE -> "M6 3h7l3 3v6M6 3v9M13 3v3h3M2 13h4l1.5 2.5h5L14 13h4v4H2z";
            case TRUE -> "M4 3h12M10 3v7M7 10h6l-1 3-2 5-2-5z";
            case CLEAR -> "M2 5h16M4 5l5 7v5l2 1v-6l5-7M6 1.6v.8M10 2.1v.8M14 1.6v.8";
            case TRACE -> "M3 17V5h12M6 17V8h9M12.5 14.5l4-4 1.5 1.5-4 4-2 .5z";
            case PROVE -> "M3 3h2M8 3h2M13 3v2M3 6v2M3 11v2h2M7 7h10v10H7zM9.5 12l2 2 3.5-4";
            case HAND_OVER -> "M10 9l7-3.5L10 2 3 5.5l7 3.5zM3 5.5V13l7 3.5V9M17 5.5V9M13 14h6M16.5 11.5 19 14l-2.500 2.500";
        });
        p.getStyleClass().add("icon");
        StackPane box = new StackPane(p);
        box.setMinSize(20, 20);
        box.setPrefSize(20, 20);
        box.setMaxSize(20, 20);
        return box;
    }

    /** A brass lintel over an opening. */
    static Node mark() {
        Rectangle lintel = new Rectangle(0, 2, 22, 5);
        lintel.getStyleClass().add("mark-lintel");
        SVGPath opening = new SVGPath();
        opening.setContent("M3 7v11M19 7v11M3 18h16");
        opening.getStyleClass().add("mark-opening");
        return new Group(opening, lintel);
    }
}
