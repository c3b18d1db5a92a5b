package app.gradior.kitchen;

import app.gradior.measure.MeasureSystem;
import app.gradior.store.Inserted;
import app.gradior.store.KitchenMapper;
import app.gradior.store.Rows.AccountRow;
import app.gradior.store.Rows.KitchenRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Setting up kitchens and finding them again. */
@Service
public class Kitchens {
    private static final int SHORTEST_PASSWORD = 8;
    private static final int LONGEST_PASSWORD = 72;

    private final KitchenMapper kitchens;
    private final KitchenKit kit;
    private final PasswordEncoder passwords;

    Kitchens(KitchenMapper kitchens, KitchenKit kit, PasswordEncoder passwords) {
        this.kitchens = kitchens;
        this.kit = kit;
        this.passwords = passwords;
    }

    /** What a cook fills in on the first run. */
    public record SetUp(
            String login,
            String password,
            String name,
            MeasureSystem measures,
            boolean fahrenheit,
            double altitudeM,
            String timeZone) {}

    /**
     * A new kitchen with its first account and three common pots to begin with.
     *
     * @return the kitchen's id
     * @throws Refusal with every field that is wrong
     */
    @Transactional
    public long setUp(SetUp wanted, boolean demo) {
        List<Fault> faults = new ArrayList<>();
        collect(faults, () -> Refusal.text("name", wanted.name(), 80));
        collect(faults, () -> Refusal.text("login", wanted.login(), 80));
        collect(faults, () -> Kitchen.altitude(wanted.altitudeM()));
        collect(faults, () -> Kitchen.zone(wanted.timeZone()));
        int length = wanted.password().length();
        if (length < SHORTEST_PASSWORD || length > LONGEST_PASSWORD) {
            faults.add(new Fault("password", "Use " + SHORTEST_PASSWORD + " to " + LONGEST_PASSWORD + " characters."));
        }
        String login = wanted.login().strip().toLowerCase(Locale.ROOT);
        if (kitchens.findAccount(login).isPresent()) {
            faults.add(new Fault("login", "This name is taken: choose another."));
        }
        if (!faults.isEmpty()) {
            throw new Refusal(Refusal.Kind.UNFIT, faults);
        }
        Inserted key = new Inserted();
        kitchens.insert(
                new KitchenRow(
                        0,
                        wanted.name().strip(),
                        wanted.measures().name(),
                        wanted.fahrenheit(),
                        wanted.altitudeM(),
                        wanted.timeZone().strip(),
                        demo),
                key);
        kitchens.insertAccount(key.getId(), login, String.valueOf(passwords.encode(wanted.password())));
        if (!demo) {
            kit.addStarterKit(key.getId());
        }
        return key.getId();
    }

    /**
     * Changes what a kitchen is called and which measures it thinks in; its amounts stay what they are.
     *
     * @throws Refusal with every field that is wrong
     */
    @Transactional
    public void change(
            Kitchen kitchen,
            String name,
            MeasureSystem measures,
            boolean fahrenheit,
            double altitudeM,
            String timeZone) {
        List<Fault> faults = new ArrayList<>();
        collect(faults, () -> Refusal.text("name", name, 80));
        collect(faults, () -> Kitchen.altitude(altitudeM));
        collect(faults, () -> Kitchen.zone(timeZone));
        if (!faults.isEmpty()) {
            throw new Refusal(Refusal.Kind.UNFIT, faults);
        }
        kitchens.update(new KitchenRow(
                kitchen.id(), name.strip(), measures.name(), fahrenheit, altitudeM, timeZone.strip(), kitchen.demo()));
    }

    private static void collect(List<Fault> faults, Runnable check) {
        try {
            check.run();
        } catch (Refusal refusal) {
            faults.addAll(refusal.faults());
        }
    }

    public Kitchen kitchen(long kitchenId) {
        return kitchens.find(kitchenId).map(Kitchen::of).orElseThrow(() -> Refusal.missing("kitchen"));
    }

    public Optional<Kitchen> demo() {
        return kitchens.findDemo().map(Kitchen::of);
    }

    public Optional<AccountRow> account(String login) {
        return kitchens.findAccount(login.strip().toLowerCase(Locale.ROOT));
    }

    public Optional<AccountRow> accountOf(long kitchenId) {
        return kitchens.findAccountOf(kitchenId);
    }

    /** Whether nobody has set up anything yet. */
    public boolean isEmpty() {
        return kitchens.countAccounts() == 0;
    }
}
