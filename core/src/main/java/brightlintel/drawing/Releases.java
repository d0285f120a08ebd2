package brightlintel.drawing;

/** How people call the versions of the exchange formats. */
public final class Releases {
    private Releases() { }

    /** @return "" for a word that is not known */
    public static String of(String word) {
        return switch (word) {
            case "AC1032" -> "R2018";
            case "AC1027" -> "R2013";
            case "AC1024" -> "R2010";
            case "AC1021" -> "R2007";
            case "AC1018" -> "R2004";
            case "AC1015" -> "R2000";
            case "AC1014" -> "R14";
            case "AC1012" -> "R13";
            case "AC1009" -> "R12";
            case "AC1006" -> "R10";
            case "AC1004", "AC1003" -> "R9";
            default -> "";
        };
    }

    /** With the file's own word behind it. */
    public static String withWord(String word) {
        String name = of(word);
        return name.isEmpty() ? word : name + " (" + word + ")";
    }
}
