package truekeen.core.message;

/**
 * A sentence of a package's catalogue. The code asks for it by its name and gives what fills its {places}; the words
 * themselves stand only in the catalogue, so that another language is another catalogue.
 */
public interface Wording {
    /** The words, with their places still open. */
    String words();

    /**
     * The words with their places filled; a unit is set off from its number as {@link InWords} says.
     *
     * @param namesAndValues the name of a place, then what stands there, and so on
     * @throws IllegalArgumentException where a name has no place in the words, or a place was left open
     */
    default String fill(Object... namesAndValues) {
        String words = InWords.placesAndFigures(words());
        StringBuilder filled = new StringBuilder();
        int at = 0;
        int used = 0;
        for (int open = words.indexOf('{'); open >= 0; open = words.indexOf('{', at)) {
            int close = words.indexOf('}', open);
            filled.append(words, at, open).append(value(words.substring(open + 1, close), namesAndValues));
            at = close + 1;
            used++;
        }
        if (used < namesAndValues.length / 2) {
            throw new IllegalArgumentException(this + " has not all the places it was given: " + words);
        }
        return filled.append(words, at, words.length()).toString();
    }

    private Object value(String place, Object... namesAndValues) {
        for (int i = 0; i < namesAndValues.length; i += 2) {
            if (place.equals(namesAndValues[i])) {
                return InWords.value(namesAndValues[i + 1]);
            }
        }
        throw new IllegalArgumentException(this + " needs “" + place + "”");
    }
}
