package app.gradior.care;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class KeepingTest {
    private static final Keeping FRIDGE = new Keeping(Storage.FRIDGE, LocalDate.of(2026, 11, 28));
    private static final Keeping FREEZER = new Keeping(Storage.FREEZER, LocalDate.of(2027, 1, 24));
    private static final Keeping PLANNED = new Keeping(Storage.JARS, LocalDate.of(2026, 12, 2));

    @Test
    void eachContainerHasALabelOfItsOwn() {
        assertThat(Keeping.ofLabels(List.of(FRIDGE, FREEZER), PLANNED, 0)).containsExactly(FRIDGE, FREEZER);
        assertThat(Keeping.ofLabels(List.of(FRIDGE, FREEZER), PLANNED, 1)).containsExactly(FRIDGE);
        assertThat(Keeping.ofLabels(List.of(FRIDGE, FREEZER), PLANNED, 4))
                .as("more labels than containers")
                .containsExactly(FRIDGE, FREEZER, FREEZER, FREEZER);
    }

    @Test
    void withoutContainersItIsAsPlanned() {
        assertThat(Keeping.ofLabels(List.of(), PLANNED, -1)).containsExactly(PLANNED);
        assertThat(Keeping.ofLabels(List.of(), PLANNED, 2)).containsExactly(PLANNED, PLANNED);
    }
}
