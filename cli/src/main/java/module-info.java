/** Headless commands over the core. */
module brightlintel.cli {
    requires brightlintel.core;
    requires org.apache.commons.cli;
    requires tools.jackson.core;
}
