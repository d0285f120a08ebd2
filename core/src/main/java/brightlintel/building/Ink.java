package brightlintel.building;

/** In what ink an underlay is drawn. */
public sealed interface Ink {
    Ink USUAL = new Usual(), QUIET = new Quiet(), DRAWN = new Drawn(), BY_ROLE = new ByRole();

    /** As the board is set: quiet, or in the colours of the file. */
    record Usual() implements Ink { }

    /** One quiet ink. */
    record Quiet() implements Ink { }

    /** The colours of the file. */
    record Drawn() implements Ink { }

    /** A quiet ink and a width for each role. */
    record ByRole() implements Ink { }

    /** @param rgb 0xRRGGBB */
    record One(int rgb) implements Ink {
        public One {
            if (rgb < 0 || rgb > 0xffffff) throw new IllegalArgumentException("rgb " + rgb + " is not within 0..0xFFFFFF");
        }
    }
}
