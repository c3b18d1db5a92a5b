package app.gradior.web.log;

import app.gradior.room.shelf.Shelf;
import app.gradior.web.form.TypedNumber;
import java.util.ArrayList;
import java.util.List;

/** What was filled, as typed: rows of a name, how many, how much in each; and for what, until when. */
record PackForm(
        List<String> name,
        List<String> count,
        List<String> ml,
        String what,
        String useBy,
        String reason,
        String tested) {
    private static final double MOST = 1e6;

    PackForm {
        name = name == null ? List.of() : List.copyOf(name);
        count = count == null ? List.of() : List.copyOf(count);
        ml = ml == null ? List.of() : List.copyOf(ml);
        what = what == null ? "" : what;
        useBy = useBy == null ? "" : useBy;
        reason = reason == null ? "" : reason;
        tested = tested == null ? "" : tested;
    }

    private record Row(String name, TypedNumber count, TypedNumber ml) {}

    private List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < Math.min(name.size(), Math.min(count.size(), ml.size())); i++) {
            if (!name.get(i).isBlank()) {
                rows.add(new Row(name.get(i), new TypedNumber(count.get(i)), new TypedNumber(ml.get(i))));
            }
        }
        return rows;
    }

    /** What was filled, where a number of them is said. */
    List<Shelf.Filled> filled() {
        return rows().stream()
                .filter(row -> !row.count().isBlank())
                .map(row -> new Shelf.Filled(
                        row.name(),
                        (int) Math.round(row.count().within("count", "finish-controller.how-many", 0, MOST, "")),
                        row.ml().within("ml", "finish-controller.how-much-in-each", 0, MOST, "mL")))
                .toList();
    }

    /** The form again, with all that was typed. */
    FinishController.Packing again() {
        return new FinishController.Packing(
                rows().stream()
                        .map(row -> new FinishView.JarRow(
                                row.name(), row.count().text(), row.ml().text(), ""))
                        .toList(),
                what,
                useBy,
                reason);
    }
}
