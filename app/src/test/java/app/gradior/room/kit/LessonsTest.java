package app.gradior.room.kit;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.ApplicationTest;
import app.gradior.Foods;
import app.gradior.NewKitchen;
import app.gradior.batch.Origin;
import app.gradior.reading.ReadingKind;
import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchens;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.annotation.Transactional;

/** What was kept of a batch is what is read, column by column. */
@ApplicationTest
class LessonsTest {
    @Autowired
    Kitchens kitchens;

    @Autowired
    ApplicationTest.SetClock clock;

    @Autowired
    Batches batches;

    @Autowired
    LessonMapper mapper;

    @Test
    @Transactional
    void everyColumnComesBackInItsPlace() {
        long kitchen = NewKitchen.of(kitchens).id();
        long batch = batches.start(
                kitchens.kitchen(kitchen), "Damsons", Origin.NONE, Foods.glaze("Rondeau"), clock.instant());
        LocalDateTime at = LocalDateTime.parse("2026-11-27T12:00:00");
        KeptLesson lesson =
                new KeptLesson(batch, kitchen, null, null, null, at, 0.1, 0.2, 0.3, 0.4, 5.5, 6.5, 7.5, 8.5, 9.5, true);
        KeptHand hand = new KeptHand(batch, kitchen, ReadingKind.BRIX, 3, 0.25, 0.5, 0.75);
        mapper.keep(lesson);
        mapper.keepHand(hand);
        assertThat(mapper.latest(kitchen, 9)).containsExactly(lesson);
        assertThat(mapper.hands(kitchen, 9)).containsExactly(hand);

        mapper.keep(new KeptLesson(
                batch, kitchen, null, null, null, at, 1.1, 1.2, 1.3, 1.4, 5.5, null, null, null, null, true));
        assertThat(mapper.latest(kitchen, 9)).singleElement().satisfies(anew -> {
            assertThat(anew.pairLog()).isEqualTo(1.1);
            assertThat(anew.foretoldMin()).isNull();
        });
        assertThat(mapper.count(kitchen, batch, false)).isOne();
        assertThat(mapper.hands(kitchen, 9)).as("of what does not count").isEmpty();
    }
}
