package app.gradior.method;

import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import java.util.List;
import java.util.Optional;

/** What has gone in already, while somebody tells what they cook. */
final class GoneIn {
    private final LineBook book;

    GoneIn(LineBook book) {
        this.book = book;
    }

    /** The line put in last of that food, or of one of that noun. */
    Optional<Integer> placedLike(Food food) {
        for (int e = book.entries().size() - 1; e >= 0; e--) {
            if (book.entries().get(e).placed && isLike(book.entries().get(e), food)) {
                return Optional.of(e);
            }
        }
        return Optional.empty();
    }

    /** The line put in last of that food. */
    Optional<Integer> placed(Food food) {
        for (int e = book.entries().size() - 1; e >= 0; e--) {
            MethodLine entry = book.entries().get(e);
            if (entry.placed
                    && entry.food().filter(f -> f.id().equals(food.id())).isPresent()) {
                return Optional.of(e);
            }
        }
        return Optional.empty();
    }

    /** Whether a line may be what was called so before: of that food, or of one whose name has its noun. */
    static boolean isLike(MethodLine entry, Food food) {
        List<String> name = LineReader.words(food.name());
        String head = name.get(name.size() - 1);
        return TalkPhrases.is(entry.reading, food)
                || entry.food()
                        .filter(f -> LineReader.words(f.name()).contains(head))
                        .isPresent();
    }

    /** Whether it is salt, and salt is in it already. */
    boolean isSalted(Food food) {
        return FoodClass.of(food) == FoodClass.SALT
                && book.entries().stream()
                        .anyMatch(e -> e.reading.massG() > 0 && FoodClass.is(e.food(), FoodClass.SALT));
    }
}
