package brightlintel.read;

/** Takes a picture row by row, from the top. */
public interface PictureRows {
    /** 0xAARRGGBB; as many as the picture is wide, and not to be kept. */
    void row(int[] argb);

    /** One bit a pixel, the first in the highest place; 1 is white unless inverted. */
    void bits(byte[] line, boolean inverted);

    /** Who takes the pictures of a file that is read again for their sake. */
    interface Sink {
        /** @return null where nobody wants that picture */
        PictureRows rows(String name, int width, int height);
    }
}
