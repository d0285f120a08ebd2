/** Benchmarks and damage campaigns. */
module brightlintel.bench {
    exports brightlintel.bench;
    requires brightlintel.core;
    requires org.locationtech.jts;
    requires org.apache.pdfbox;
    requires org.apache.pdfbox.io;
    requires java.desktop;
}
