package app.gradior.practice;

import app.gradior.Written;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.StringJoiner;
import org.junit.jupiter.api.Test;

/**
 * Of a practice pot only its seed and what was done are kept, and whoever looks at it again sees the pot that was cooked: all that is
 * to be seen of every lesson's pot, everything done to it, to five figures. {@code ./gradior docs} writes them anew; a change here changes what
 * cooks have practised on.
 */
class PotsStayTest {
    private static final long SEED = 4242;
    private static final double UNTIL_S = 1500;
    private static final double EVERY_S = 125;

    private static Practice cooked(Lesson lesson) {
        Practice practice = new Practice(lesson.scenario(), SEED, List.of());
        return practice.with(deed(30, Deed.Kind.HEAT, 7))
                .with(deed(60, Deed.Kind.STIR, 0))
                .with(deed(90, Deed.Kind.WEIGH, 0))
                .with(deed(110, Deed.Kind.DIP, 0))
                .with(deed(120, Deed.Kind.SPOON, 0))
                .with(deed(200, Deed.Kind.SLURRY, 8))
                .with(deed(260, Deed.Kind.LID, 1))
                .with(deed(300, Deed.Kind.SALT, 3))
                .with(deed(340, Deed.Kind.SPLASH, 50))
                .with(deed(400, Deed.Kind.BUTTER, 20))
                .with(deed(460, Deed.Kind.TRAIL, 0))
                .with(deed(470, Deed.Kind.DRIP, 0))
                .with(deed(490, Deed.Kind.RING, 0))
                .with(deed(520, Deed.Kind.TASTE, 0))
                .with(deed(540, Deed.Kind.WIPE, 0))
                .with(deed(560, Deed.Kind.LID, 2))
                .with(deed(600, Deed.Kind.HEAT, 4))
                .with(deed(640, Deed.Kind.BLEND, 0))
                .with(deed(700, Deed.Kind.LID, 0))
                .with(deed(760, Deed.Kind.HEAT, 9))
                .with(deed(1300, Deed.Kind.SPOON, 0))
                .with(deed(1400, Deed.Kind.OFF, 0));
    }

    private static Deed deed(double atS, Deed.Kind kind, double value) {
        return new Deed(atS, 0, kind, value);
    }

    private static String figures(double... figures) {
        StringJoiner line = new StringJoiner(" ");
        for (double figure : figures) {
            line.add(Math.abs(figure) < 1e-6 ? "0" : String.format(Locale.ROOT, "%.5g", figure));
        }
        return line.toString();
    }

    private static String seen(Sight now) {
        return figures(
                        now.levelMm(),
                        now.bubbleMm(),
                        now.bubbleS(),
                        now.bubbles(),
                        now.spatter(),
                        now.steamGPerMin(),
                        now.foamMm(),
                        now.skin(),
                        now.filmMm(),
                        now.edge(),
                        now.caught(),
                        now.sinceStirS())
                + " #" + now.red() + " " + now.green() + " " + now.blue() + " knob " + now.knob() + " lid " + now.lid();
    }

    private static String shown(Shown shown) {
        return figures(shown.coatMm()) + " | " + figures(shown.lineS(), shown.figure(), shown.burnt());
    }

    @Test
    void everyLessonsPotIsTheOneThatItWas() throws IOException {
        List<String> lines = new ArrayList<>();
        for (Lesson lesson : Lesson.values()) {
            Practice practice = cooked(lesson);
            practice.follow(0, UNTIL_S, EVERY_S, (s, now) -> {
                lines.add(lesson.key() + " at " + Math.round(s) + ": " + seen(now.sight()));
                lines.add(lesson.key() + " is: "
                        + figures(
                                now.massG(),
                                now.volumeMl(),
                                now.stepHot(),
                                now.stepAt(20),
                                now.saltPercent(),
                                now.belowBoilK(),
                                now.boiledOffKgPerM2H(),
                                now.burnt(),
                                now.spiltG())
                        + " " + now.touches() + " " + now.isOff());
            });
            for (Deed deed : practice.deeds()) {
                practice.upTo(deed)
                        .lastShown()
                        .filter(one -> one.coatMm().length > 0 || !Double.isNaN(one.figure()))
                        .ifPresent(one ->
                                lines.add(lesson.key() + " " + deed.kind().key() + ": " + shown(one)));
            }
            Steady steady = Steady.of(practice, 0);
            lines.add(lesson.key() + " by a steady hand: " + figures(steady.minutes(), steady.volumeAt(5)));
        }
        Written.inFile(Path.of("src/test/resources/practice/pots.txt"), lines);
    }
}
