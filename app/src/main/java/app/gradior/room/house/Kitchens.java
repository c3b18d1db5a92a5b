package app.gradior.room.house;

import app.gradior.access.Accounts;
import app.gradior.access.DoorWord;
import app.gradior.access.Members;
import app.gradior.access.Role;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.finding.Wrong;
import app.gradior.heat.BurnerKind;
import app.gradior.kept.Inserted;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.words.Language;
import app.gradior.room.words.Told;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.LongSupplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Setting up kitchens and finding them again. */
@Service
public class Kitchens {
    private final KitchenMapper kitchens;
    private final Furnishing furnishing;
    private final Accounts accounts;
    private final Members members;
    private final DoorWord word;
    private final GradiorProperties properties;

    Kitchens(
            KitchenMapper kitchens,
            Furnishing furnishing,
            Accounts accounts,
            Members members,
            DoorWord word,
            GradiorProperties properties) {
        this.kitchens = kitchens;
        this.furnishing = furnishing;
        this.accounts = accounts;
        this.members = members;
        this.word = word;
        this.properties = properties;
    }

    /** What a cook fills in on the first run. */
    public record SetUp(
            String login,
            String password,
            String name,
            MeasureSystem measures,
            boolean fahrenheit,
            double altitudeM,
            String timeZone,
            BurnerKind hob) {
        /** One that cooks on gas. */
        public SetUp(
                String login,
                String password,
                String name,
                MeasureSystem measures,
                boolean fahrenheit,
                double altitudeM,
                String timeZone) {
            this(login, password, name, measures, fahrenheit, altitudeM, timeZone, BurnerKind.GAS);
        }
    }

    /** Whether a word is asked of whoever sets up a kitchen: not of the first, and not where the house is open. */
    public boolean asksForWord() {
        return properties.signup() == GradiorProperties.SignUp.WORD && !isEmpty();
    }

    /**
     * A new kitchen of whoever may set one up, as {@link #setUp}.
     *
     * @param typed the word of this start; looked at only where one is asked for
     */
    @Transactional
    public long signUp(SetUp wanted, String typed) {
        return byWord(typed, () -> setUp(wanted, false));
    }

    private long byWord(String typed, LongSupplier make) {
        boolean asked = asksForWord();
        if (asked && !word.fits(typed)) {
            throw Refusal.unfit("word", Told.of("kitchens.this-needs-the-word-that-gradior"));
        }
        long id = make.getAsLong();
        if (asked && !word.use(typed)) {
            throw Refusal.unfit("word", Told.of("kitchens.this-word-was-just-used-ask"));
        }
        return id;
    }

    /**
     * One more kitchen of somebody who has an account, with measures and clock as another.
     *
     * @param like the kitchen it is like
     * @param typed as for {@link #signUp}
     * @return the kitchen's id
     * @throws Refusal when the name or the word is not taken
     */
    @Transactional
    public long another(long accountId, String name, Kitchen like, String typed) {
        String called = Refusal.text("name", name, 80);
        return byWord(
                typed,
                () -> insert(
                        accountId,
                        new KitchenRow(
                                0,
                                called,
                                like.measures().name(),
                                like.fahrenheit(),
                                like.ounces(),
                                like.altitudeM(),
                                like.zone().getId(),
                                false,
                                like.language().map(Language::tag).orElse(""),
                                1),
                        BurnerKind.GAS));
    }

    /** An account's own, furnished but for the demo's. */
    private long insert(long accountId, KitchenRow row, BurnerKind hob) {
        Inserted key = new Inserted();
        kitchens.insert(row, key);
        members.add(key.getId(), accountId, Role.OWNER);
        if (!row.demo()) {
            furnishing.furnish(key.getId(), hob);
        }
        return key.getId();
    }

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
        faults.addAll(accounts.faults(wanted.login(), wanted.password()));
        collect(faults, () -> Kitchen.altitude(wanted.altitudeM()));
        collect(faults, () -> Kitchen.zone(wanted.timeZone()));
        if (!faults.isEmpty()) {
            throw new Refusal(Refusal.Kind.UNFIT, faults);
        }
        return insert(
                accounts.make(wanted.login(), wanted.password()),
                new KitchenRow(
                        0,
                        wanted.name().strip(),
                        wanted.measures().name(),
                        wanted.fahrenheit(),
                        wanted.measures() == MeasureSystem.IMPERIAL,
                        wanted.altitudeM(),
                        wanted.timeZone().strip(),
                        demo,
                        "",
                        1),
                wanted.hob());
    }

    /**
     * Changes what a kitchen is called and which measures it thinks in; its amounts stay what they are.
     *
     * @throws Refusal with every field that is wrong
     */
    @Transactional
    public void change(Kitchen kitchen, Settings wanted) {
        List<Fault> faults = new ArrayList<>();
        collect(faults, () -> Refusal.text("name", wanted.name(), 80));
        collect(faults, () -> Kitchen.altitude(wanted.altitudeM()));
        collect(faults, () -> Kitchen.zone(wanted.timeZone()));
        if (!wanted.language().isEmpty() && Language.ofTag(wanted.language()).isEmpty()) {
            faults.add(new Fault("language", new Wrong.NotTaken()));
        }
        if (!faults.isEmpty()) {
            throw new Refusal(Refusal.Kind.UNFIT, faults);
        }
        int changed = kitchens.update(new KitchenRow(
                kitchen.id(),
                wanted.name().strip(),
                wanted.measures().name(),
                wanted.fahrenheit(),
                wanted.ounces(),
                wanted.altitudeM(),
                wanted.timeZone().strip(),
                kitchen.demo(),
                wanted.language(),
                wanted.revision()));
        if (changed == 0) {
            throw Refusal.conflict("revision", Told.of("kitchens.was-changed-on-another-device"));
        }
    }

    /**
     * What a cook can change of a kitchen.
     *
     * @param language a tag; empty for what each browser asks for
     * @param revision of the kitchen that was shown
     */
    public record Settings(
            String name,
            MeasureSystem measures,
            boolean fahrenheit,
            boolean ounces,
            double altitudeM,
            String timeZone,
            String language,
            int revision) {}

    private static void collect(List<Fault> faults, Runnable check) {
        try {
            check.run();
        } catch (Refusal refusal) {
            faults.addAll(refusal.faults());
        }
    }

    public Optional<Kitchen> find(long kitchenId) {
        return kitchens.find(kitchenId).map(Kitchen::of);
    }

    public Kitchen kitchen(long kitchenId) {
        return find(kitchenId).orElseThrow(() -> Refusal.missing(Thing.KITCHEN));
    }

    /** All kitchens, the oldest first. */
    public List<Long> ids() {
        return kitchens.all();
    }

    /**
     * Holds a kitchen until the transaction ends, so that no other goes on with it.
     *
     * @throws Refusal when it is gone
     */
    public void hold(long kitchenId) {
        if (kitchens.lock(kitchenId).isEmpty()) {
            throw Refusal.missing(Thing.KITCHEN);
        }
    }

    public Optional<Kitchen> demo() {
        return kitchens.findDemo().map(Kitchen::of);
    }

    /** Whether nobody has set up anything yet. */
    public boolean isEmpty() {
        return accounts.isEmpty();
    }
}
