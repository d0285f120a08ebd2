/** Benchmarks and damage campaigns. */
module brightlintel.bench {
    exports brightlintel.bench;
    requires brightlintel.core;
    requires org.locationtech.jts;
}
