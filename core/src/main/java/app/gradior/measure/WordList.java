package app.gradior.measure;

import java.util.Set;

/** Lists of words as they stand in the code: a text of them, between blanks and line ends. */
public final class WordList {
    private WordList() {}

    /**
     * The words of a list.
     *
     * @throws IllegalArgumentException when one is there twice
     */
    public static Set<String> of(String list) {
        return Set.of(list.strip().split("\\s+"));
    }
}
