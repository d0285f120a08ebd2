package brightlintel.read;

/**
 * Which of a file that holds several pages, and what opens it.
 *
 * @param page     from 1; files of one drawing do not look at it
 * @param password "" for none
 */
public record Wanted(int page, String password) {
    public static final Wanted FIRST = new Wanted(1, "");

    public Wanted {
        if (page < 1) throw new IllegalArgumentException("page " + page + " is not from 1");
    }

    public static Wanted page(int page) {
        return new Wanted(page, "");
    }

    public Wanted with(String word) {
        return new Wanted(page, word);
    }
}
