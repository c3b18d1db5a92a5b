package app.gradior.method;

import app.gradior.larder.Food;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Foods that somebody told with their amounts before they go in. */
final class ToldEarly {
    private final Map<String, Told> told = new LinkedHashMap<>();

    /**
     * A food told early.
     *
     * @param line as a line of the sauce
     * @param before how many lines there were; of what is named again, the line told last
     * @param again whether it was named again, in the cooking
     */
    record Told(Food food, String line, Clause clause, int before, boolean again) {
        /** Whether it may be no more than a word: "an onion". */
        boolean isVague() {
            return !again && line.startsWith("a ") && TalkAmounts.isBare(line);
        }
    }

    void hear(Food food, String line, Clause clause, int lines) {
        told.put(food.id(), new Told(food, line, clause, lines, false));
    }

    /** The line of a food. */
    Optional<String> line(Food food) {
        return Optional.ofNullable(told.get(food.id())).map(Told::line);
    }

    /** Takes note that a food is named again in the cooking, after that line. */
    void again(Food food, int line) {
        told.computeIfPresent(
                food.id(), (id, t) -> t.again() ? t : new Told(food, t.line(), t.clause(), Math.max(0, line), true));
    }

    List<Told> all() {
        return List.copyOf(told.values());
    }
}
