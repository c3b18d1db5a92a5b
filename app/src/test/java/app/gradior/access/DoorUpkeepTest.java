package app.gradior.access;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.ApplicationTest;
import app.gradior.ApplicationTest.SetClock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.scheduling.config.ScheduledTaskHolder;

@ApplicationTest
class DoorUpkeepTest {
    @Autowired
    private DoorUpkeep upkeep;

    @Autowired
    private AccessMapper mapper;

    @Autowired
    private SetClock clock;

    @Autowired
    private ScheduledTaskHolder scheduled;

    private LocalDateTime ago(Duration time) {
        return LocalDateTime.ofInstant(clock.instant().minus(time), ZoneOffset.UTC);
    }

    @Test
    void whatCountsNoMoreIsForgottenOnceAnHour() {
        mapper.insertBucket("old", new byte[] {1}, ago(Attempts.FULL_AGAIN.plusSeconds(1)));
        mapper.insertBucket("young", new byte[] {1}, ago(Attempts.FULL_AGAIN.minusSeconds(1)));
        upkeep.forget();
        assertThat(mapper.bucket("old")).isEmpty();
        assertThat(mapper.bucket("young")).isPresent();
        assertThat(scheduled.getScheduledTasks())
                .anyMatch(task -> task.toString().contains("DoorUpkeep.forget"));
    }
}
