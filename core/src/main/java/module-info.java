/** All computation; no interface code. */
module brightlintel.core {
    requires java.desktop;
    requires java.logging;
    requires org.locationtech.jts;
    requires tools.jackson.databind;
    requires com.fasterxml.jackson.annotation;
    requires org.apache.pdfbox;
    requires org.apache.pdfbox.jbig2;
    requires org.apache.fontbox;
    requires org.apache.pdfbox.io;
    requires org.apache.commons.logging;

    exports brightlintel.geom;
    exports brightlintel.drawing;
    exports brightlintel.read;
    exports brightlintel.flatten;
    exports brightlintel.building;
    exports brightlintel.joint;
    exports brightlintel.lengths;
    exports brightlintel.place;
    exports brightlintel.find;
    exports brightlintel.clear;
    exports brightlintel.correct;
    exports brightlintel.correct.look;
    exports brightlintel.correct.size;
    exports brightlintel.correct.lie;
    exports brightlintel.correct.line;
    exports brightlintel.repair;
    exports brightlintel.role;
    exports brightlintel.edit;
    exports brightlintel.snap;
    exports brightlintel.select;
    exports brightlintel.sheet;
    exports brightlintel.measure;
    exports brightlintel.trace;
    exports brightlintel.recognise;
    exports brightlintel.solid;
    exports brightlintel.paint;
    exports brightlintel.view3d;
    exports brightlintel.store;
    exports brightlintel.write.ifc;
    exports brightlintel.write;
    exports brightlintel.write.dwg;
    exports brightlintel.write.dxf;
    exports brightlintel.write.plot;
    exports brightlintel.demo;
    exports brightlintel.receive;
    exports brightlintel.inspect;

    opens brightlintel.building to tools.jackson.databind;
    opens brightlintel.drawing to tools.jackson.databind;
    opens brightlintel.geom to tools.jackson.databind;
    opens brightlintel.store to tools.jackson.databind;
}
