package app.gradior.room.exchange;

import app.gradior.room.exchange.KitchenFile.KitchenOut;
import app.gradior.room.exchange.KitchenFile.PlanOut;
import app.gradior.room.exchange.KitchenFile.SauceOut;
import app.gradior.room.exchange.KitchenFile.SnapshotOut;
import app.gradior.room.kit.KeptJar;
import app.gradior.room.kit.KeptPot;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitWaterTest;
import app.gradior.room.larder.LarderFood;
import app.gradior.room.larder.LarderInHouse;
import app.gradior.room.larder.LarderMeasure;
import app.gradior.room.larder.LarderName;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** What is small in a kitchen's file, as its sections come. */
final class KitchenSmall {
    final Map<String, JsonNode> sections = new HashMap<>();

    @Nullable
    KitchenOut kitchen;

    List<KeptPot> pots = List.of();
    List<KitBurner> burners = List.of();
    List<KeptJar> jars = List.of();
    List<KitWaterTest> waterTests = List.of();
    List<LarderFood> foods = List.of();
    List<LarderName> names = List.of();
    List<LarderMeasure> measures = List.of();
    List<LarderInHouse> inHouse = List.of();
    List<SauceOut> sauces = List.of();
    List<PlanOut> plans = List.of();
    List<SnapshotOut> snapshots = List.of();
    int batches;
    /** The file's format. */
    int of;

    void take(String name, JsonNode node) {
        sections.put(name, node);
    }
}
