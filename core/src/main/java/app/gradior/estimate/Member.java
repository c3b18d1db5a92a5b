package app.gradior.estimate;

import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import app.gradior.simmer.Heat;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.RingTest;

/** One way the batch may truly be: the pot re-run with one choice of the uncertain numbers. */
final class Member {
    private static final double SECONDS_PER_MINUTE = 60;
    private static final double PLATE_C = 20;
    /** The last of a pot is not taken out: there would be nothing left to follow. */
    private static final double MOST_TAKEN = 0.95;

    private final BatchStory story;
    private final Belief belief;
    private final double[] z;
    private final SimmerRun run;
    private Look look;
    private LidState lid;
    private boolean onHeat = true;
    private int next;

    Member(BatchStory story, Belief belief, double[] z) {
        this.story = story;
        this.belief = belief;
        this.z = z.clone();
        this.look = story.heat().look();
        this.lid = story.heat().lid();
        this.run = new SimmerRun(
                        story.start().scaled(belief.waterFactor(z), belief.solidsFactor(z)),
                        story.pot().withPairFactor(clamped(story.pot().pairFactor() * belief.pairFactor(z))),
                        story.heat(),
                        belief.bodyFactor(z),
                        story.servedC())
                .sparingStarch();
        applyHeat();
    }

    private static double clamped(double pairFactor) {
        return Math.max(0.05, Math.min(20, pairFactor));
    }

    SimmerRun run() {
        return run;
    }

    /** Re-runs all that happened up to a minute; for each reading, in order, writes what this member would have read. */
    void follow(double untilMinute, double[] predicted) {
        int reading = 0;
        while (next < story.happenings().size() && story.happenings().get(next).minute() <= untilMinute) {
            Happening happening = story.happenings().get(next++);
            to(happening.minute());
            if (happening.what() instanceof BatchStory.LookSet set) {
                look = set.look();
                applyHeat();
            } else if (happening.what() instanceof BatchStory.LidSet set) {
                lid = set.lid();
                applyHeat();
            } else if (happening.what() instanceof BatchStory.Added added) {
                run.add(added.mixture());
            } else if (happening.what() instanceof BatchStory.Taken taken) {
                takeOut(taken);
            } else if (happening.what() instanceof BatchStory.Pressed pressed) {
                press(pressed);
            } else if (happening.what() instanceof BatchStory.OnHeat set) {
                onHeat = set.on();
                applyHeat();
            } else if (happening.what() instanceof Reading taken) {
                if (reading < predicted.length) {
                    predicted[reading++] = read(taken);
                }
            }
        }
        to(untilMinute);
    }

    /** Re-runs all that happened up to a minute, without reading anything. */
    void follow(double untilMinute) {
        follow(untilMinute, new double[0]);
    }

    private void applyHeat() {
        run.set(new Heat(look, lid), onHeat ? belief.lookFactor(z, look) : 0);
    }

    /** From here on it is on the heat, whether it was or not: what a forecast of the finish assumes. */
    SimmerRun backOn() {
        if (!onHeat) {
            onHeat = true;
            applyHeat();
        }
        return run;
    }

    private void takeOut(BatchStory.Taken taken) {
        double share = taken.mlHot() > 0 ? taken.mlHot() / run.volumeMlHot() : taken.massG() / run.massG();
        run.become(run.mixture().times(1 - Math.max(0, Math.min(MOST_TAKEN, share))));
    }

    /** What a tool leaves; where its leavings were weighed, that much less of what it gives. */
    private void press(BatchStory.Pressed pressed) {
        Mixture before = run.mixture();
        Mixture kept = pressed.pressing().of(before).kept();
        if (pressed.leftG() >= 0) {
            double wantedG = Math.max((1 - MOST_TAKEN) * before.massG(), before.massG() - pressed.leftG());
            kept = kept.times(wantedG / kept.massG());
        }
        run.become(kept);
    }

    private void to(double minute) {
        double seconds = (minute - run.minute()) * SECONDS_PER_MINUTE;
        if (seconds > 0) {
            run.advance(seconds);
        }
    }

    private double read(Reading reading) {
        return switch (reading.kind()) {
            case WEIGHT -> run.massG() + story.emptyG();
            case LEVEL -> run.levelMm();
            case VOLUME -> run.volumeMlHot();
            case SPOON -> run.stepHot();
            case RING -> ringMm();
            case BRIX -> run.brixPercent();
            case TEMPERATURE -> run.tempC();
        };
    }

    private double ringMm() {
        var flow = run.flowAt(PLATE_C);
        double density = 1000 * run.massG() / (run.volumeMl20c() * SpecificVolume.expansion(PLATE_C));
        return RingTest.radiusMm(flow.viscosityPaS(), flow.yieldStressPa(), density);
    }
}
