/** The window of Bright Lintel. */
module brightlintel.desktop {
    requires brightlintel.core;
    requires javafx.controls;
    requires java.management;

    exports brightlintel.desktop to javafx.graphics;
}
