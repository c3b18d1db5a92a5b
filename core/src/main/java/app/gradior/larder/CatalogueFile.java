package app.gradior.larder;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;

/** Reads the catalogue's file: one row a food; empty number fields mean 0. */
final class CatalogueFile {
    /** Spread of a household measure whose row gives none; arbitrary, about ± 12 %. */
    private static final double DEFAULT_MEASURE_LOG_SD = 0.12;

    private CatalogueFile() {}

    static Catalogue read(String resource) {
        return Catalogue.of(
                Table.rows(resource).stream().map(CatalogueFile::food).toList());
    }

    private static Food food(CSVRecord row) {
        try {
            Composition composition = new Composition(
                    number(row, "water", 0),
                    number(row, "ethanol", 0),
                    number(row, "sugars", 0),
                    number(row, "solubles", 0),
                    number(row, "salt", 0),
                    number(row, "acetic", 0),
                    number(row, "acids", 0),
                    number(row, "fat", 0),
                    number(row, "starch", 0),
                    number(row, "pulp", 0),
                    number(row, "coarse", 0));
            String starch = row.get("starch_kind");
            String ph = row.get("ph");
            return new Food(
                    row.get("id"),
                    row.get("name"),
                    list(row.get("aliases")),
                    composition,
                    starch.isEmpty() ? Optional.empty() : Optional.of(StarchKind.ofKey(starch)),
                    row.get("fat_form").equals("emulsified") ? FatForm.EMULSIFIED : FatForm.FREE,
                    row.get("body").equals("cut") ? BodyForm.CUT : BodyForm.SMOOTH,
                    number(row, "body_factor", 1),
                    number(row, "density", 1),
                    measures(row.get("measures")),
                    ph.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(ph)),
                    allergens(row.get("allergens")),
                    traits(row.get("traits")),
                    number(row, "scoville", 0),
                    row.get("source"),
                    makeup(row));
        } catch (IllegalArgumentException e) {
            throw new IllegalStateException("food file, record " + row.getRecordNumber() + ": " + e.getMessage(), e);
        }
    }

    private static Makeup makeup(CSVRecord row) {
        return new Makeup(
                number(row, "hexoses", 0),
                number(row, "lactose", 0),
                number(row, "protein", 0),
                number(row, "gelatine", 0),
                number(row, "yolk", 0),
                number(row, "white", 0),
                number(row, "cell_starch", 0),
                CellStarch.ofKey(row.get("cell_kind")),
                PectinClass.ofKey(row.get("pectin")),
                SolidFat.ofKey(row.get("solid_fat")),
                number(row, "softens_min", 0),
                number(row, "phosphate", 0));
    }

    private static double number(CSVRecord row, String column, double empty) {
        String text = row.get(column);
        return text.isEmpty() ? empty : Double.parseDouble(text);
    }

    private static List<String> list(String text) {
        return text.isEmpty()
                ? List.of()
                : Arrays.stream(text.split(";")).map(String::strip).toList();
    }

    /** {@code cup=220:0.1;piece=60} gives grams and, after a colon, the spread. */
    private static Map<String, FoodMeasure> measures(String text) {
        Map<String, FoodMeasure> measures = new HashMap<>();
        for (String part : list(text)) {
            int equals = part.indexOf('=');
            int colon = part.indexOf(':');
            double massG = Double.parseDouble(part.substring(equals + 1, colon < 0 ? part.length() : colon));
            double logSd = colon < 0 ? DEFAULT_MEASURE_LOG_SD : Double.parseDouble(part.substring(colon + 1));
            measures.put(part.substring(0, equals), new FoodMeasure(massG, logSd));
        }
        return measures;
    }

    private static Set<Trait> traits(String text) {
        Set<Trait> traits = EnumSet.noneOf(Trait.class);
        list(text).forEach(key -> traits.add(Trait.ofKey(key)));
        return traits;
    }

    private static Set<Allergen> allergens(String text) {
        Set<Allergen> allergens = EnumSet.noneOf(Allergen.class);
        for (String name : list(text)) {
            allergens.add(Allergen.valueOf(name.toUpperCase(Locale.ROOT)));
        }
        return allergens;
    }
}
