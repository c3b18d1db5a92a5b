package app.gradior.access;

import app.gradior.kept.Utc;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.concurrent.TimeUnit;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Forgets, once an hour, tries, devices, invitations and challenges that count no more. */
@Component
class DoorUpkeep {
    private final AccessMapper mapper;
    private final PeopleMapper people;
    private final SecondMapper second;
    private final Clock clock;

    DoorUpkeep(AccessMapper mapper, PeopleMapper people, SecondMapper second, Clock clock) {
        this.mapper = mapper;
        this.people = people;
        this.second = second;
        this.clock = clock;
    }

    @Scheduled(initialDelay = 1, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    @SchedulerLock(name = "door-upkeep")
    public void forget() {
        LocalDateTime now = Utc.now(clock);
        mapper.forgetBuckets(now.minus(Attempts.FULL_AGAIN));
        mapper.forgetDevices(now.minus(SignIn.DEVICE_KNOWN));
        people.forgetInvitations(now);
        mapper.forgetChallenges(now);
        second.forgetHalves(now);
    }
}
