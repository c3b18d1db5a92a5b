package app.gradior.web.bench;

import app.gradior.finding.Refusal;
import app.gradior.heat.Atmosphere;
import app.gradior.heat.BoilingPoint;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;
import app.gradior.web.frame.Figures;
import java.util.Arrays;
import java.util.List;

/** Fields that several questions share, and the reading of them. */
final class Ask {
    static final double USUAL_SERVED_C = 60;

    private Ask() {}

    static Field step(BenchForm asked, String usual) {
        return Field.choice(
                "step",
                Words.text("ask.wanted-when-served"),
                asked.text("step", usual),
                Arrays.stream(new double[] {2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6, 6.5, 7, 7.5, 8, 8.5, 9})
                        .mapToObj(step -> new Field.Choice(
                                Numbers.plain(step, 1),
                                Numbers.plain(step, 1)
                                        + (step == Math.rint(step) ? " " + Words.say(Stair.Tread.of(step)) : "")))
                        .toList());
    }

    static double stepWanted(BenchForm asked, double usual) {
        return asked.number("step", "ask.the-step-wanted", usual, 0, 9.5, "");
    }

    static Field served(BenchForm asked, Kitchen kitchen) {
        return Field.number(
                "served",
                Words.text("ask.served-at", (kitchen.fahrenheit() ? "°F" : "°C")),
                asked.text("served", new Figures(kitchen).degrees(USUAL_SERVED_C)));
    }

    static double servedC(BenchForm asked, Kitchen kitchen) {
        return asked.celsius("served", "ask.the-serving-temperature", USUAL_SERVED_C, new Figures(kitchen));
    }

    static Field starch(BenchForm asked) {
        return Field.choice(
                "starch",
                Words.text("ask.starch"),
                asked.text("starch", StarchKind.MAIZE.key()),
                Arrays.stream(StarchKind.values())
                        .map(kind -> new Field.Choice(kind.key(), Words.say(kind)))
                        .toList());
    }

    static StarchKind starchKind(BenchForm asked) {
        return Refusal.checked("starch", () -> StarchKind.ofKey(asked.text("starch", StarchKind.MAIZE.key())));
    }

    static Field pot(BenchForm asked, Kitchen kitchen, KitchenKit kit) {
        return Field.choice(
                "pot",
                Words.text("ask.pot"),
                asked.text("pot", ""),
                kit.pots(kitchen.id()).stream()
                        .map(pot -> new Field.Choice(String.valueOf(pot.id()), pot.name()))
                        .toList());
    }

    static KitchenKit.KitPot kitPot(BenchForm asked, Kitchen kitchen, KitchenKit kit, double hotMl) {
        String id = asked.text("pot", "");
        List<KitchenKit.KitPot> pots = kit.pots(kitchen.id());
        if (pots.isEmpty()) {
            throw Refusal.unfit("pot", Told.of("ask.there-is-no-pot-in-your"));
        }
        if (id.isEmpty()) {
            return pots.stream()
                    .filter(p -> app.gradior.care.Cautions.suits(p.shape(), p.material(), hotMl))
                    .findFirst()
                    .orElse(pots.get(0));
        }
        return kit.pot(kitchen.id(), (long) Numbers.parse(id).orElse(-1));
    }

    static Field look(BenchForm asked) {
        return Field.choice(
                "look",
                Words.text("ask.it-looks-like"),
                asked.text("look", Look.LIVELY.key()),
                Arrays.stream(Look.values())
                        .map(look -> new Field.Choice(look.key(), Words.say(look)))
                        .toList());
    }

    static Look lookOf(BenchForm asked) {
        return Refusal.checked("look", () -> Look.ofKey(asked.text("look", Look.LIVELY.key())));
    }

    static Field lid(BenchForm asked) {
        return Field.choice(
                "lid",
                Words.text("ask.lid"),
                asked.text("lid", LidState.OPEN.key()),
                Arrays.stream(LidState.values())
                        .map(lid -> new Field.Choice(lid.key(), Words.say(lid)))
                        .toList());
    }

    static LidState lidOf(BenchForm asked) {
        return Refusal.checked("lid", () -> LidState.ofKey(asked.text("lid", LidState.OPEN.key())));
    }

    static double boilingC(Mixture m, Kitchen kitchen) {
        double activity = new Consistency(m, 1).waterActivity(m.waterG(), m.aceticG());
        return BoilingPoint.boilingC(activity, Atmosphere.pressurePa(kitchen.altitudeM()));
    }

    /** Grams as a cook weighs them: to the gram, small ones to a tenth. */
    static String grams(double grams) {
        return Numbers.plain(grams, grams < 20 ? 1 : 0);
    }

    static String stepWords(double step) {
        return Numbers.fixed(Math.max(1, Math.min(9, step)), 1) + " " + Words.say(Stair.Tread.of(step));
    }
}
