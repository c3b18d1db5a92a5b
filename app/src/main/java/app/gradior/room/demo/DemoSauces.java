package app.gradior.room.demo;

import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StageDraft;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.Texture;
import app.gradior.sauce.Use;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The eight sauces of the demo kitchen, with their stages. */
final class DemoSauces {
    private final SauceBook book;
    private final Kitchen kitchen;

    DemoSauces(SauceBook book, Kitchen kitchen) {
        this.book = book;
        this.kitchen = kitchen;
    }

    void save() {
        // Wide: a sauce in one line of a table.
        save(
                "Damson & star anise glaze",
                "fruit, for jars",
                Texture.SMOOTH,
                Use.GLAZE,
                6.5,
                20,
                "Milled hot, stones out, before it reduces. Brush on in the last ten minutes.",
                List.of(
                        stage(StageKind.SIMMER, EndKind.MINUTES, 18, 0, 3, 4),
                        stage(StageKind.MILL, EndKind.MINUTES, 6),
                        stage(StageKind.ADD, EndKind.MINUTES, 2, 1, 2, 5),
                        stage(StageKind.REDUCE, EndKind.STEP_SERVED, 6.5)),
                "1 kg damsons, stoned",
                "260 g soft brown sugar",
                "150 ml cider vinegar",
                "250 ml water",
                "3 star anise",
                "1 tsp fine sea salt");
        save(
                "Charred pepper & walnut sauce",
                "supper",
                Texture.SMOOTH,
                Use.DIP,
                6,
                20,
                "Char, skin, blend with the nuts, then reduce.",
                List.of(
                        stage(StageKind.SWEAT, EndKind.MINUTES, 4, 4, 5),
                        stage(StageKind.FRY, EndKind.MINUTES, 2, 2),
                        stage(StageKind.SIMMER, EndKind.MINUTES, 10, 0, 6, 7),
                        stage(StageKind.BLEND, EndKind.MINUTES, 3, 1, 3, 8),
                        stage(StageKind.REDUCE, EndKind.STEP_SERVED, 6)),
                "6 red peppers, charred",
                "80 g walnuts, toasted",
                "3 tbsp tomato paste",
                "2 tbsp sherry vinegar",
                "3 garlic cloves",
                "3 tbsp olive oil",
                "1 tsp smoked paprika",
                "400 ml vegetable stock",
                "1 tsp salt");
        save(
                "Mushroom & perry gravy",
                "supper",
                Texture.CHUNKY,
                Use.POUR_OVER,
                4.5,
                65,
                "Perry down first, then the stock. Potato starch goes in last, in cold stock.",
                List.of(
                        stage(StageKind.SWEAT, EndKind.MINUTES, 12, 0, 1, 4),
                        stage(StageKind.DEGLAZE, EndKind.FRACTION_ADDED, 0.5, 2),
                        stage(StageKind.SIMMER, EndKind.MINUTES, 12, 3, 6),
                        stage(StageKind.SLURRY, EndKind.MINUTES, 1, 5)),
                "500 g chestnut mushrooms, sliced",
                "2 shallots, diced",
                "500 ml dry perry",
                "600 ml mushroom stock",
                "30 g butter",
                "24 g potato starch",
                "1 tsp thyme");
        save(
                "Gooseberry & elderflower sauce",
                "fruit",
                Texture.SMOOTH,
                Use.POUR_OVER,
                5,
                20,
                "Sieve out the seeds. Sharp on purpose.",
                List.of(
                        stage(StageKind.SIMMER, EndKind.MINUTES, 12, 0, 3),
                        stage(StageKind.SIEVE, EndKind.MINUTES, 5),
                        stage(StageKind.ADD, EndKind.MINUTES, 2, 1, 2),
                        stage(StageKind.SLURRY, EndKind.MINUTES, 1, 4),
                        stage(StageKind.REDUCE, EndKind.STEP_SERVED, 5)),
                "800 g gooseberries",
                "120 g sugar",
                "100 ml elderflower cordial",
                "450 ml water",
                "5 g tapioca starch");
        save(
                "Blackcurrant vinegar syrup",
                "fruit, for jars",
                Texture.CHUNKY,
                Use.KEEP,
                4,
                20,
                "Reduce gently: it sets if it goes too far.",
                List.of(
                        stage(StageKind.SIMMER, EndKind.MINUTES, 8, 0, 2, 3),
                        stage(StageKind.SIEVE, EndKind.MINUTES, 5),
                        stage(StageKind.REDUCE, EndKind.STEP_SERVED, 4, 1)),
                "400 g blackcurrants",
                "450 g sugar",
                "300 ml red wine vinegar",
                "300 ml water");
        save(
                "Leek & white bean velvet",
                "supper",
                Texture.SMOOTH,
                Use.PASTA,
                5.5,
                65,
                "Blend smooth before it reduces; cornflour only for the shine.",
                List.of(
                        stage(StageKind.SWEAT, EndKind.MINUTES, 12, 0, 2),
                        stage(StageKind.SIMMER, EndKind.MINUTES, 15, 1, 3),
                        stage(StageKind.BLEND, EndKind.MINUTES, 3),
                        stage(StageKind.SLURRY, EndKind.MINUTES, 1, 5),
                        stage(StageKind.REDUCE, EndKind.STEP_SERVED, 5.3),
                        stage(StageKind.ENRICH, EndKind.WORD, 2, 4)),
                "3 leeks, sliced",
                "1 can white beans, drained",
                "30 g butter",
                "900 ml vegetable stock",
                "100 ml double cream",
                "8 g cornflour");
        save(
                "Tamarillo hot sauce",
                "hot, for jars",
                Texture.SMOOTH,
                Use.KEEP,
                5,
                20,
                "Blended and sieved. Open the window for the habaneros.",
                List.of(
                        stage(StageKind.SIMMER, EndKind.MINUTES, 15, 0, 1, 2, 3, 7),
                        stage(StageKind.BLEND, EndKind.MINUTES, 3),
                        stage(StageKind.SIEVE, EndKind.MINUTES, 6),
                        stage(StageKind.ADD, EndKind.MINUTES, 2, 4, 5, 6),
                        stage(StageKind.REDUCE, EndKind.STEP_SERVED, 5)),
                "900 g tamarillos, peeled",
                "3 habaneros",
                "1 onion, chopped",
                "4 garlic cloves",
                "200 ml white wine vinegar",
                "90 g demerara sugar",
                "2 tsp salt",
                "500 ml water");
        save(
                "Fennel & saffron fish sauce",
                "supper, fish",
                Texture.CHUNKY,
                Use.POUR_OVER,
                4,
                60,
                "For the smoked haddock. Rice flour keeps it clear of lumps in the freezer.",
                List.of(
                        stage(StageKind.SWEAT, EndKind.MINUTES, 10, 0, 1, 7),
                        stage(StageKind.DEGLAZE, EndKind.FRACTION_ADDED, 0.5, 2),
                        stage(StageKind.SIMMER, EndKind.FRACTION, 0.7, 3, 4),
                        stage(StageKind.SLURRY, EndKind.MINUTES, 3, 5),
                        stage(StageKind.ENRICH, EndKind.WORD, 2, 6)),
                "1 bulb fennel, diced",
                "2 shallots, diced",
                "200 ml dry vermouth",
                "800 ml fish stock",
                "a pinch of saffron",
                "18 g rice flour",
                "100 ml double cream",
                "25 g butter");
    }

    private static StageDraft stage(StageKind kind, EndKind end, double value, Integer... lines) {
        return new StageDraft(kind, "", List.of(lines), kind.usualLook(), kind.usualLid(), end, value);
    }

    private void save(
            String name,
            String tags,
            Texture texture,
            Use use,
            double step,
            double servedC,
            String notes,
            List<StageDraft> stages,
            String... typed) {
        List<Lines.Typed> lines =
                new ArrayList<>(Arrays.stream(typed).map(Lines.Typed::of).toList());
        book.save(
                kitchen,
                0,
                0,
                new SauceBook.Draft(
                        name,
                        lines,
                        texture,
                        step,
                        servedC,
                        Optional.of(use),
                        null,
                        tags,
                        stages,
                        Map.of(),
                        notes,
                        Optional.empty()));
    }
}
