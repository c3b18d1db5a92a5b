package app.gradior.room.exchange;

import app.gradior.room.batch.BatchesAsKept;
import app.gradior.room.book.SaucesAsKept;
import app.gradior.room.exchange.KitchenFile.BatchOut;
import app.gradior.room.exchange.KitchenFile.KitchenOut;
import app.gradior.room.exchange.KitchenFile.PlanOut;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.kit.KeptPot;
import app.gradior.room.kit.KitAsKept;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitWaterTest;
import app.gradior.room.larder.LarderAsKept;
import app.gradior.room.plan.PlansAsKept;
import app.gradior.room.shelf.ContainersAsKept;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Gives each room what a kitchen's file has of it; the file is checked by then. */
@Component
class KitchenFileRooms {
    private static final int LOOKS_ARE_TEMPERATURES = 5;

    private final Kitchens kitchens;
    private final KitAsKept kit;
    private final LarderAsKept larder;
    private final SaucesAsKept sauces;
    private final BatchesAsKept batches;
    private final ContainersAsKept shelf;
    private final PlansAsKept plans;
    private final JsonMapper json;

    // Wide: a kitchen's file has a part of every room.
    KitchenFileRooms(
            Kitchens kitchens,
            KitAsKept kit,
            LarderAsKept larder,
            SaucesAsKept sauces,
            BatchesAsKept batches,
            ContainersAsKept shelf,
            PlansAsKept plans,
            JsonMapper json) {
        this.kitchens = kitchens;
        this.kit = kit;
        this.larder = larder;
        this.sauces = sauces;
        this.batches = batches;
        this.shelf = shelf;
        this.plans = plans;
        this.json = json;
    }

    void fill(Kitchen kitchen, KitchenSmall small, FileSections file) throws IOException {
        long id = kitchen.id();
        KitchenOut itself = small.kitchen;
        if (itself != null) {
            kitchens.change(
                    kitchen,
                    new Kitchens.Settings(
                            itself.name(),
                            itself.measures(),
                            itself.fahrenheit(),
                            itself.weighsInOunces(),
                            itself.altitudeM(),
                            itself.timeZone(),
                            itself.language() == null ? "" : itself.language(),
                            kitchen.revision()));
        }
        KitAsKept.Ids things =
                kit.replace(id, new KitAsKept.Kit(small.pots, small.burners, small.jars, waterTests(small)));
        larder.replace(
                id,
                new LarderAsKept.Own(small.foods, small.names, small.measures, small.inHouse),
                small.snapshots.stream().map(s -> s.food().toString()).toList());
        List<Long> sauceIds =
                small.sauces.stream().map(s -> sauces.put(id, s.versions())).toList();
        Ids ids = new Ids(sauceIds, things.pots(), things.burners(), new ArrayList<>(), small);
        Kitchen now = kitchens.kitchen(id);
        file.each((name, node) -> {}, (path, node) -> {
            ids.batches().add(batch(now, json.treeToValue(node, BatchOut.class), ids));
            return true;
        });
        small.plans.forEach(p -> plan(id, p, ids));
    }

    private static List<KitWaterTest> waterTests(KitchenSmall small) {
        return small.of < LOOKS_ARE_TEMPERATURES
                ? small.waterTests.stream().map(KitWaterTest::byTheNewLooks).toList()
                : small.waterTests;
    }

    /** The ids that things of a file got, by their places in it. */
    private record Ids(List<Long> sauces, List<Long> pots, List<Long> burners, List<Long> batches, KitchenSmall small) {
        /** The pot of a batch; before format 4 the first of its name. */
        @Nullable
        Long pot(BatchOut b) {
            String name = b.plan().path("pot").path("name").asString("");
            return id(pots, b.pot(), small.of < 4 ? places(small.pots, KeptPot::name, name) : List.of());
        }

        @Nullable
        Long burner(BatchOut b) {
            String name = b.plan().path("burner").asString("");
            return id(burners, b.burner(), small.of < 4 ? places(small.burners, KitBurner::name, name) : List.of());
        }

        private static <T> List<Integer> places(List<T> things, Function<T, String> nameOf, String name) {
            return IntStream.range(0, things.size())
                    .filter(i -> nameOf.apply(things.get(i)).equals(name))
                    .boxed()
                    .toList();
        }

        private static @Nullable Long id(List<Long> ids, @Nullable Integer place, List<Integer> byName) {
            if (place != null) {
                return ids.get(place);
            }
            return byName.isEmpty() ? null : ids.get(byName.get(0));
        }
    }

    private long batch(Kitchen kitchen, BatchOut b, Ids ids) {
        Integer sauce = b.sauce();
        long id = batches.put(
                kitchen,
                new BatchesAsKept.Kept(
                        new BatchesAsKept.Of(
                                sauce == null ? null : ids.sauces().get(sauce), b.version(), ids.pot(b), ids.burner(b)),
                        b.name(),
                        b.plan().toString(),
                        b.state(),
                        b.startedAt(),
                        b.finishedAt(),
                        b.events().stream()
                                .map(e -> new BatchesAsKept.Event(
                                        e.clientKey(),
                                        e.at(),
                                        e.recordedAt(),
                                        e.type(),
                                        e.body().toString(),
                                        text(e.understood()),
                                        e.by()))
                                .toList(),
                        b.photos()));
        b.containers().forEach(c -> shelf.put(kitchen.id(), id, c));
        if (!b.counted()) {
            kit.leaveOut(kitchen.id(), id);
        }
        return id;
    }

    private static @Nullable String text(@Nullable JsonNode json) {
        return json == null ? null : json.toString();
    }

    private void plan(long kitchenId, PlanOut p, Ids ids) {
        long sauce = ids.sauces().get(p.sauce());
        ObjectNode draft = (ObjectNode) p.draft().deepCopy();
        draft.put("sauceId", sauce);
        KitchenFile.PLAN_POTS.forEach(field -> id(draft, field, ids.pots()));
        KitchenFile.PLAN_BURNERS.forEach(field -> id(draft, field, ids.burners()));
        Integer batch = p.batch();
        plans.put(
                kitchenId,
                new PlansAsKept.Kept(
                        sauce,
                        p.name(),
                        draft.toString(),
                        p.serveAt(),
                        p.ticks().toString(),
                        batch == null ? null : ids.batches().get(batch),
                        p.savedAt()));
    }

    private static void id(ObjectNode draft, String field, List<Long> ids) {
        int place = draft.path(field).intValue(-1);
        draft.put(field, place < 0 ? 0L : ids.get(place));
    }
}
