package brightlintel.desktop.state;

import brightlintel.building.Division;
import brightlintel.building.Opening;

/** What the next glazed wall will be. Metres: what is left of the wall at its start, at its end, below and above. */
public record GlazedSettings(double left, double right, double below, double above, Division across, Division up, double post) {
    public static final GlazedSettings USUAL = new GlazedSettings(0.1, 0.1, 0, 0.3, new Division.Spacing(1.2), new Division.Number(1),
        0.06);

    public GlazedSettings withMargins(double l, double r, double b, double a) {
        return new GlazedSettings(l, r, b, a, across, up, post);
    }

    public GlazedSettings with(Division x, Division z) {
        return new GlazedSettings(left, right, below, above, x, z, post);
    }

    public GlazedSettings withPost(double p) {
        return new GlazedSettings(left, right, below, above, across, up, p);
    }

    public Opening.Filling.Glazed filling() {
        return new Opening.Filling.Glazed(across, up, post, true);
    }
}
