package app.gradior.room.book;

import app.gradior.kept.Inserted;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** A kitchen's sauces as they are kept, for its file: with all their versions, out and in. */
@Service
public class SaucesAsKept {
    private final SauceMapper sauces;

    SaucesAsKept(SauceMapper sauces) {
        this.sauces = sauces;
    }

    /** A version of a sauce, with its lines. */
    public record Version(SauceVersion version, List<SauceLine> lines) {}

    /** The sauces' ids, the oldest first. */
    public List<Long> ids(long kitchenId) {
        return sauces.sauces(kitchenId).stream().map(SauceVersion::id).sorted().toList();
    }

    /** A sauce's versions, the first first. */
    public List<Version> versions(long kitchenId, long sauceId) {
        List<Version> versions = new ArrayList<>();
        for (SauceVersion v : sauces.versions(kitchenId, sauceId)) {
            versions.add(new Version(v, sauces.lines(kitchenId, sauceId, v.version())));
        }
        Collections.reverse(versions);
        return versions;
    }

    /**
     * A new sauce of the kitchen.
     *
     * @param versions numbered from 1
     * @return its id
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public long put(long kitchenId, List<Version> versions) {
        Inserted key = new Inserted();
        sauces.insert(kitchenId, key);
        int expected = 1;
        for (Version v : versions) {
            sauces.insertVersion(v.version().of(key.getId(), kitchenId));
            for (SauceLine l : v.lines()) {
                sauces.insertLine(l.of(key.getId(), expected));
            }
            if (expected > 1) {
                sauces.advance(kitchenId, key.getId(), expected);
            }
            expected++;
        }
        return key.getId();
    }
}
