package app.gradior.access;

import app.gradior.access.PeopleMapper.DeviceRow;
import app.gradior.finding.Refusal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Tablets and the like that cook in a kitchen and are nobody: each has a secret of its own, and no password. */
@Service
public class StoveDevices {
    private static final Logger LOG = LoggerFactory.getLogger(StoveDevices.class);
    /** Of one kitchen. */
    public static final int MOST = 20;
    /** Its last use is kept to the minute or so. */
    private static final Duration USE_WRITTEN_EVERY = Duration.ofMinutes(1);

    private final PeopleMapper people;
    private final Clock clock;

    StoveDevices(PeopleMapper people, Clock clock) {
        this.people = people;
        this.clock = clock;
    }

    /** A paired device. */
    public record Device(long id, long kitchenId, String name, Instant pairedAt, Instant usedAt) {
        private static Device of(DeviceRow row) {
            return new Device(
                    row.id(),
                    row.kitchenId(),
                    row.name(),
                    row.pairedAt().toInstant(ZoneOffset.UTC),
                    row.usedAt().toInstant(ZoneOffset.UTC));
        }
    }

    /** One more of a kitchen that is held. */
    String pair(long kitchenId, String name) {
        if (people.devices(kitchenId).size() >= MOST) {
            throw Refusal.unfit("devices", new PeopleFinding.Enough(MOST));
        }
        String secret = Hashes.secret();
        people.pair(kitchenId, name, Hashes.sha256(secret), now());
        LOG.info("a device was paired with kitchen {}", kitchenId);
        return secret;
    }

    /** The device of that secret, which is used now. */
    public Optional<Device> find(String secret) {
        Optional<DeviceRow> found = people.deviceOf(Hashes.sha256(secret));
        found.filter(row -> row.usedAt().isBefore(now().minus(USE_WRITTEN_EVERY)))
                .ifPresent(row -> people.deviceUsed(row.id(), now()));
        return found.map(Device::of);
    }

    /** Whether it is still paired. */
    public boolean isPaired(long kitchenId, long id) {
        return people.hasDevice(kitchenId, id) > 0;
    }

    public List<Device> of(long kitchenId) {
        return people.devices(kitchenId).stream().map(Device::of).toList();
    }

    /** @throws Refusal when there is none such in this kitchen */
    public void end(long kitchenId, long id) {
        if (people.endDevice(kitchenId, id) == 0) {
            throw Members.nobody();
        }
        LOG.info("device {} of kitchen {} was ended", id, kitchenId);
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
