/** All computation; no interface code. */
module brightlintel.core {
    requires java.desktop;
    requires org.locationtech.jts;
    requires tools.jackson.databind;
    requires org.apache.fontbox;
    requires org.apache.pdfbox.io;

    exports brightlintel.geom;
    exports brightlintel.drawing;
    exports brightlintel.read;
    exports brightlintel.flatten;
    exports brightlintel.building;
    exports brightlintel.joint;
}
