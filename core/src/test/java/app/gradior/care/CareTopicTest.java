package app.gradior.care;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class CareTopicTest {
    /** A caution that nobody gave a place to is one whose reasons a cook cannot find; one in two places is told twice. */
    @Test
    void everyCautionHasOnePlace() {
        List<Class<? extends Caution>> placed = Arrays.stream(CareTopic.values())
                .flatMap(topic -> topic.cautions().stream())
                .toList();
        assertThat(placed).doesNotHaveDuplicates();
        assertThat(placed)
                .hasSameElementsAs(Arrays.stream(Caution.class.getPermittedSubclasses())
                        .<Class<? extends Caution>>map(type -> type.asSubclass(Caution.class))
                        .toList());
        assertThat(new Caution.Honey().topic()).isEqualTo(CareTopic.HONEY);
        assertThat(new Caution.CalmBurner(null, 1, 2).topic()).isEqualTo(CareTopic.SCORCHING);
    }

    @Test
    void whatHappensNowStandsFirst() {
        assertThat(CareTopic.of(CareTopic.Part.IT_HAPPENED))
                .containsExactly(CareTopic.BURNT_SKIN, CareTopic.FAT_FIRE, CareTopic.SPIRIT_FLAMES);
        assertThat(CareTopic.FAT_FIRE.part()).isEqualTo(CareTopic.Part.IT_HAPPENED);
        assertThat(CareTopic.FAT_FIRE.key()).isEqualTo("fat-fire");
    }
}
