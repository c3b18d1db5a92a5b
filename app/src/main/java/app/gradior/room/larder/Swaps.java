package app.gradior.room.larder;

import app.gradior.finding.Refusal;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Substitution;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.FoodNames;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** One food of a sauce in place of another, in words. */
@Service
public class Swaps {
    private static final double SHOWN_STEP = 0.05;

    private final Lines lines;

    Swaps(Lines lines) {
        this.lines = lines;
    }

    /**
     * A swap.
     *
     * @param saying what to take instead
     * @param newLine the line that stands in the sauce then
     * @param changes what else changes, a few words each
     */
    public record Swap(String saying, String newLine, List<String> changes) {}

    /**
     * What takes the place of a line.
     *
     * @param line its place, from 0
     * @param to name of a food of the larder
     * @throws Refusal when there is no such line or food, or it cannot do what is needed
     */
    public Swap of(Kitchen kitchen, List<LineReading> readings, int line, String to, double servedC) {
        if (line < 0 || line >= readings.size() || readings.get(line).food().isEmpty()) {
            throw Refusal.unfit("line", Told.of("swaps.choose-one-of-the-lines"));
        }
        Food missing = readings.get(line).food().orElseThrow();
        Food substitute = FoodNames.named(lines.catalogue(kitchen), to)
                .orElseThrow(() -> Refusal.unfit("to", Told.of("swaps.is-no-food-of-the-larder", to)));
        Mixture without = Mixture.EMPTY;
        for (int i = 0; i < readings.size(); i++) {
            Optional<Food> food = readings.get(i).food();
            if (i != line && food.isPresent()) {
                without = without.plus(Mixture.of(food.get(), readings.get(i).massG()));
            }
        }
        Mixture rest = without;
        Substitution.Answer answer = Refusal.checked(
                "to",
                () -> Substitution.of(
                        rest,
                        missing,
                        readings.get(line).massG(),
                        substitute,
                        Substitution.Keeps.of(missing),
                        servedC));
        String newLine = Numbers.plain(answer.massG(), answer.massG() < 20 ? 1 : 0)
                        .replace(",", "") + " g " + Words.say(substitute);
        return new Swap(
                Words.text(
                        "swaps.take-instead-of-the-same",
                        newLine,
                        readings.get(line).text(),
                        Words.say(answer.keeps())),
                newLine,
                changes(answer, servedC));
    }

    private static List<String> changes(Substitution.Answer answer, double servedC) {
        List<String> changes = new ArrayList<>();
        change(changes, Words.text("swaps.water-to-boil-off"), answer.waterChangeG(), 1);
        change(changes, "sugar", answer.sugarChangeG(), 0.5);
        change(changes, "salt", answer.saltChangeG(), 0.1);
        change(changes, "acid", answer.acidChangeG(), 0.1);
        change(changes, "alcohol", answer.alcoholChangeG(), 0.1);
        if (Math.abs(answer.stepChange()) >= SHOWN_STEP) {
            changes.add(Words.text(
                    answer.stepChange() < 0 ? "swap.thinner" : "swap.thicker",
                    Math.abs(answer.stepChange()),
                    Stair.Tread.of(Consistency.step(answer.sauce(), 1, servedC))));
        }
        return changes;
    }

    private static void change(List<String> changes, String word, double grams, double least) {
        if (Math.abs(grams) >= least) {
            changes.add(Numbers.plain(Math.abs(grams), 1) + " g " + (grams > 0 ? "more " : "less ") + word);
        }
    }
}
