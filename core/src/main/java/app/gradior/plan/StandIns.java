package app.gradior.plan;

import app.gradior.larder.Food;
import app.gradior.larder.Table;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVRecord;

/**
 * What foods are there for, and so what stands in for them: the tables {@code larder/roles.csv} (foods of one job) and {@code
 * larder/made-from.csv} (a food made up from others). Their heads say where the figures come from.
 */
final class StandIns {
    private static final int FAR = 4;

    private static final List<Job> JOBS = jobs();
    private static final Map<String, List<Share>> MADE_FROM = madeFrom();

    private StandIns() {}

    /**
     * A job in a sauce.
     *
     * @param keeps what whoever does it instead must bring as much of
     * @param strengths of who does it, by food's id, in the table's order: how many grams of a plain one a gram is worth; empty where the
     *     food's composition says
     */
    record Job(String name, Keeps keeps, Map<String, OptionalDouble> strengths) {
        boolean isDoneBy(Food food) {
            return strengths.containsKey(food.id());
        }

        /** Grams of a plain one that a gram of it is worth. */
        OptionalDouble strength(Food food) {
            return strengths.getOrDefault(food.id(), OptionalDouble.empty());
        }
    }

    /** So much of a food in a gram of what is made from it. */
    record Share(String food, double gramsPerGram) {}

    /** The jobs that a food does, its main one first. */
    static List<Job> of(Food food) {
        return JOBS.stream().filter(job -> job.isDoneBy(food)).toList();
    }

    /** Names of all jobs, in the table's order. */
    static List<String> names() {
        return JOBS.stream().map(Job::name).toList();
    }

    /** The first job that both do. */
    static Optional<Job> ofBoth(Food one, Food other) {
        return of(one).stream().filter(job -> job.isDoneBy(other)).findFirst();
    }

    /** How far apart two stand in the first list that has both, which puts the like together; far when none has. */
    static int apart(Food one, Food other) {
        return ofBoth(one, other)
                .map(job -> {
                    List<String> ids = List.copyOf(job.strengths().keySet());
                    return Math.abs(ids.indexOf(one.id()) - ids.indexOf(other.id()));
                })
                .orElse(FAR);
    }

    /** What a food may be made from; empty when nothing is known. */
    static List<Share> madeFrom(Food food) {
        return MADE_FROM.getOrDefault(food.id(), List.of());
    }

    /** The ids of foods that can be made from others. */
    static List<String> thatCanBeMade() {
        return List.copyOf(MADE_FROM.keySet());
    }

    private static List<Job> jobs() {
        Map<String, Job> jobs = new LinkedHashMap<>();
        for (CSVRecord row : Table.rows("/larder/roles.csv")) {
            String strength = row.get("strength");
            jobs.computeIfAbsent(
                            row.get("role"),
                            name -> new Job(name, Keeps.valueOf(row.get("keeps")), new LinkedHashMap<>()))
                    .strengths()
                    .put(
                            row.get("food"),
                            strength.isEmpty()
                                    ? OptionalDouble.empty()
                                    : OptionalDouble.of(Double.parseDouble(strength)));
        }
        return List.copyOf(jobs.values());
    }

    private static Map<String, List<Share>> madeFrom() {
        Map<String, List<Share>> all = new LinkedHashMap<>();
        for (CSVRecord row : Table.rows("/larder/made-from.csv")) {
            List<Share> shares = new ArrayList<>();
            for (String share : row.get("of").split(" ")) {
                String[] parts = share.split(":");
                shares.add(new Share(parts[0], Double.parseDouble(parts[1])));
            }
            all.put(row.get("food"), List.copyOf(shares));
        }
        return all;
    }
}
