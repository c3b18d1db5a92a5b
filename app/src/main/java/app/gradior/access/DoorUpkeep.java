package app.gradior.access;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.concurrent.TimeUnit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Forgets, once an hour, tries and devices that count no more. */
@Component
class DoorUpkeep {
    private final AccessMapper mapper;
    private final Clock clock;

    DoorUpkeep(AccessMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    @Scheduled(initialDelay = 1, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    void forget() {
        LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        mapper.forgetBuckets(now.minus(Attempts.FULL_AGAIN));
        mapper.forgetDevices(now.minus(SignIn.DEVICE_KNOWN));
    }
}
