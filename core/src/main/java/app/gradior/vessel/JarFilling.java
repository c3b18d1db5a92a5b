package app.gradior.vessel;

import app.gradior.finding.Unfit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Which jars to fill with a hot volume: those that hold all of it with the least room to spare in the one that is not quite
 * full; of equals, the fewest. An exact search over whole millilitres.
 */
public final class JarFilling {
    /** Largest volume searched, mL. */
    public static final double MOST_ML = 20_000;
    /** Most jars looked at. */
    public static final int MOST_JARS = 500;

    private static final int UNREACHED = Integer.MAX_VALUE;

    private JarFilling() {}

    /**
     * One jar and what goes into it.
     *
     * @param jar which of the kinds
     * @param fillMl hot, mL
     */
    public record Fill(Jar jar, double fillMl) {
        /** Share of its right filling, 0 to 1. */
        public double share() {
            return fillMl / jar.fillMl();
        }
    }

    /**
     * The answer.
     *
     * @param fills full ones first, the part-full one, if any, last
     * @param leftoverMl what no jar is left for
     */
    public record Answer(List<Fill> fills, double leftoverMl) {
        public Answer {
            fills = List.copyOf(fills);
        }
    }

    /**
     * Shares a hot volume out.
     *
     * @param volumeMlHot 0 to {@link #MOST_ML}
     */
    public static Answer of(double volumeMlHot, List<Jar> jars) {
        Unfit.inRange("volumeMlHot", volumeMlHot, 0, MOST_ML, " mL");
        List<Jar> each = new ArrayList<>();
        double room = 0;
        for (Jar jar : jars) {
            double useful = Math.ceil(volumeMlHot / jar.fillMl());
            for (int i = 0; i < Math.min(jar.count(), useful); i++) {
                each.add(jar);
            }
            room += jar.count() * jar.fillMl();
        }
        if (each.size() > MOST_JARS) {
            throw new Unfit("jars", new JarFinding.TooMany(each.size(), MOST_JARS));
        }
        if (room <= volumeMlHot) {
            return new Answer(
                    each.stream().map(jar -> new Fill(jar, jar.fillMl())).toList(), volumeMlHot - room);
        }
        return shared(volumeMlHot, chosen((int) Math.ceil(volumeMlHot), each));
    }

    /** The jars whose room is the least that holds the volume. */
    private static List<Jar> chosen(int wantedMl, List<Jar> each) {
        int most = wantedMl
                + (int) Math.ceil(each.stream().mapToDouble(Jar::fillMl).max().orElse(0));
        int[] fewest = new int[most + 1];
        Arrays.fill(fewest, UNREACHED);
        fewest[0] = 0;
        // Each jar may be taken once: taken says, jar by jar, which volumes it was the last to improve.
        List<boolean[]> taken = new ArrayList<>();
        for (Jar jar : each) {
            int ml = (int) Math.floor(jar.fillMl());
            boolean[] here = new boolean[most + 1];
            for (int v = most; v >= ml && ml > 0; v--) {
                if (fewest[v - ml] != UNREACHED && fewest[v - ml] + 1 < fewest[v]) {
                    fewest[v] = fewest[v - ml] + 1;
                    here[v] = true;
                }
            }
            taken.add(here);
        }
        int volume = wantedMl;
        while (volume < most && fewest[volume] == UNREACHED) {
            volume++;
        }
        if (fewest[volume] == UNREACHED) {
            return each;
        }
        List<Jar> chosen = new ArrayList<>();
        for (int i = each.size() - 1; i >= 0 && volume > 0; i--) {
            if (taken.get(i)[volume]) {
                chosen.add(each.get(i));
                volume -= (int) Math.floor(each.get(i).fillMl());
            }
        }
        return chosen;
    }

    /** Fills them, the largest last: it takes what is missing most easily. */
    private static Answer shared(double volumeMl, List<Jar> chosen) {
        List<Jar> order = chosen.stream()
                .sorted((a, b) -> Double.compare(a.fillMl(), b.fillMl()))
                .toList();
        List<Fill> fills = new ArrayList<>();
        double left = volumeMl;
        for (Jar jar : order) {
            double into = Math.min(left, jar.fillMl());
            if (into > 0) {
                fills.add(new Fill(jar, into));
            }
            left -= into;
        }
        return new Answer(fills, Math.max(0, left));
    }
}
