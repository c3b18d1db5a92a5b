package app.gradior.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.scheduling.config.ScheduledTaskHolder;

class DoorUpkeepTest extends DoorCalls {
    @Autowired
    private DoorUpkeep upkeep;

    @Autowired
    private AccessMapper mapper;

    @Autowired
    private PeopleMapper people;

    @Autowired
    private SecondMapper second;

    @Autowired
    private ScheduledTaskHolder scheduled;

    private LocalDateTime at(Duration ago) {
        return LocalDateTime.ofInstant(clock.instant().minus(ago), ZoneOffset.UTC);
    }

    /** One of each, from that long ago. */
    private void leave(String mark, Duration over) {
        mapper.insertBucket(owner + mark, new byte[] {1}, at(Attempts.FULL_AGAIN.plus(over)));
        mapper.know(ownerId, owner + mark, at(SignIn.DEVICE_KNOWN.plus(over)));
        people.invite(kitchen, "COOK", mark, Hashes.sha256(owner + mark), owner, at(over));
        mapper.insertChallenge(Hashes.sha256(owner + mark), at(over));
        second.insertHalf(ownerId, Hashes.sha256(owner + mark), at(over));
    }

    private List<Integer> left(String mark) {
        String hash = " = '" + Hashes.sha256(owner + mark) + "'";
        return List.of(
                rows("attempt_bucket where id = '" + owner + mark + "'"),
                mapper.knows(ownerId, owner + mark),
                rows("invitation where word_hash" + hash),
                rows("passkey_challenge where hash" + hash),
                rows("half_in where hash" + hash));
    }

    @Test
    void whatCountsNoMoreIsForgottenOnceAnHour() {
        leave("old", Duration.ofSeconds(1));
        leave("young", Duration.ofSeconds(-1));
        upkeep.forget();
        assertThat(left("old")).containsOnly(0);
        assertThat(left("young")).containsOnly(1);
        assertThat(scheduled.getScheduledTasks())
                .anyMatch(task -> task.toString().contains("DoorUpkeep.forget"));
    }
}
