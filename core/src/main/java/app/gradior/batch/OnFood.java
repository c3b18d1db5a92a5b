package app.gradior.batch;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.glaze.Brushed;
import app.gradior.glaze.Coats;
import app.gradior.glaze.Fire;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a batch's sauce is brushed on, as it was planned.
 *
 * @param coats one or more, the first first
 * @param tableG kept clean for the table, g
 * @param sticksMin minutes until a coat sticks
 * @param burnsMin minutes until a coat burns
 * @param doneAt when the food is to be done; absent when nobody said
 */
public record OnFood(
        Brushed food,
        Fire fire,
        List<Coat> coats,
        double tableG,
        double sticksMin,
        double burnsMin,
        @Nullable Instant doneAt) {
    private static final double MOST_G = 1e5;
    private static final double LONGEST_MIN = 24 * 60;

    public OnFood {
        coats = List.copyOf(coats);
        if (coats.isEmpty() || coats.size() > Coats.MOST_COATS) {
            throw new Unfit("coats", new Wrong.Count("coats", coats.size(), 1, Coats.MOST_COATS));
        }
        Unfit.inRange("tableG", tableG, 0, MOST_G, " g");
        Unfit.inRange("sticksMin", sticksMin, 0, LONGEST_MIN, " min");
        Unfit.inRange("burnsMin", burnsMin, 0, LONGEST_MIN, " min");
    }

    /**
     * One coat.
     *
     * @param grams it takes
     * @param beforeDoneMin minutes before the food is done
     */
    public record Coat(double grams, double beforeDoneMin) {
        public Coat {
            Unfit.inRange("grams", grams, 0, MOST_G, " g");
            Unfit.inRange("beforeDoneMin", beforeDoneMin, 0, LONGEST_MIN, " min");
        }
    }

    /** Minutes that a coat waits for the one before it, from 1; the first one waits for none. */
    public double waitMin(int coat) {
        return coats.get(coat - 1).beforeDoneMin() - coats.get(coat).beforeDoneMin();
    }

    /** As planned, with the food done at that time. */
    public static OnFood of(Brushed food, Fire fire, Coats coats, @Nullable Instant doneAt) {
        List<Coat> each = new ArrayList<>();
        for (int i = 0; i < coats.beforeDoneMin().size(); i++) {
            each.add(new Coat(coats.coatsG().get(i), coats.beforeDoneMin().get(i)));
        }
        return new OnFood(
                food,
                fire,
                each,
                coats.tableG(),
                coats.film().sticksMin(),
                coats.film().burnsMin(),
                doneAt);
    }
}
