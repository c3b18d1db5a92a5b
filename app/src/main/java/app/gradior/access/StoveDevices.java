package app.gradior.access;

import app.gradior.access.PeopleMapper.DeviceRow;
import app.gradior.finding.Refusal;
import app.gradior.kept.Utc;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
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
                    row.id(), row.kitchenId(), row.name(), Utc.instant(row.pairedAt()), Utc.instant(row.usedAt()));
        }
    }

    /** One more of a kitchen that is held. */
    String pair(long kitchenId, String name) {
        if (people.devices(kitchenId).size() >= MOST) {
            throw Refusal.unfit("devices", new PeopleFinding.Enough(MOST));
        }
        String secret = Hashes.secret();
        people.pair(kitchenId, name, Hashes.sha256(secret), Utc.now(clock));
        LOG.info("a device was paired with kitchen {}", kitchenId);
        return secret;
    }

    /** The device of that secret, which is used now. */
    public Optional<Device> find(String secret) {
        Optional<DeviceRow> found = people.deviceOf(Hashes.sha256(secret));
        found.filter(row -> row.usedAt().isBefore(Utc.now(clock).minus(USE_WRITTEN_EVERY)))
                .ifPresent(row -> people.deviceUsed(row.id(), Utc.now(clock)));
        return found.map(Device::of);
    }

    /** The device of a kitchen, as long as it is paired. */
    public Optional<Device> device(long kitchenId, long id) {
        return people.device(kitchenId, id).map(Device::of);
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
}
