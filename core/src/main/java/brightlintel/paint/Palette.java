package brightlintel.paint;

/** Colours by what they mean; the style sheet of the window has the same. */
public record Palette(int paper, int sheet, int rule, int ink, int ink2, int ink3, int brass, int brassText, int brassWash, int plum,
    int sage, int brick,
                      int under, int wash) {
    public static final Palette LIGHT = new Palette(0xFAF8F3, 0xFFFFFF, 0xD9D3C4, 0x16323A, 0x5A6B6E, 0x8A9694, 0xC98A12, 0x8A5C06,
        0xFBF0D8, 0x6B4C7A,
        0x2F6B4A, 0xA23B24, 0x8C948F, 0xE9F0EC);
    public static final Palette DARK = new Palette(0x1D2427, 0x273034, 0x3A464A, 0xE8E4D8, 0xA7B1B0, 0x6C787A, 0xE0A63A, 0xF0BE62, 0x3B3220,
        0xB79CC6,
        0x7FC09B, 0xE5826B, 0x5D686A, 0x26332F);

    public boolean isDark() {
        return (paper & 0xff) < 128;
    }

    public static int mix(int a, int b, double share) {
        int out = 0;
        for (int s = 0; s <= 16; s += 8) out |= (int) Math.round((a >> s & 255) + ((b >> s & 255) - (a >> s & 255)) * share) << s;
        return out;
    }
}
