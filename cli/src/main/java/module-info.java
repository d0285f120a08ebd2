/** Headless commands over the core. */
module brightlintel.cli {
    requires brightlintel.core;
    requires info.picocli;
    requires tools.jackson.databind;

    opens brightlintel.cli to info.picocli;
}
