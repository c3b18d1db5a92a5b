package app.gradior.room.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.care.Caution;
import app.gradior.finding.Finding;
import app.gradior.larder.Catalogue;
import app.gradior.larder.StarchKind;
import app.gradior.plan.CannotReach;
import app.gradior.plan.PotFinding;
import app.gradior.plan.WishFinding;
import app.gradior.reading.ReadingKind;
import app.gradior.room.house.Tokens;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageName;
import app.gradior.texture.Stair;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.i18n.LocaleContextHolder;

class WordsTest {
    private static final JavaClasses OURS = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.gradior");

    @AfterEach
    void nobodyAsks() {
        LocaleContextHolder.resetLocaleContext();
    }

    /** Every finding has its text, and that asks for no figure that it does not have; cautions have what to do as well. */
    @Test
    void everyFindingCanBeSaid() {
        List<Class<?>> findings = OURS.stream()
                .filter(c -> c.isAssignableTo(Finding.class) && c.isRecord() && !c.isEquivalentTo(Told.class))
                .<Class<?>>map(JavaClass::reflect)
                .toList();
        assertThat(findings).hasSizeGreaterThan(120);
        for (Class<?> finding : findings) {
            List<String> figures = Arrays.stream(finding.getRecordComponents())
                    .map(RecordComponent::getName)
                    .toList();
            String key = Finding.codeOf(finding);
            List<String> keys = Caution.class.isAssignableFrom(finding) ? List.of(key, key + ".advice") : List.of(key);
            for (String one : keys) {
                for (Language language : Language.values()) {
                    assertThat(Words.keys(language)).contains(one);
                    assertThat(figures).as(one).containsAll(Words.asks(language, one));
                }
            }
        }
    }

    /** A constant of which one has a name is one of a kind that all have: none is forgotten, and no two are called the same. */
    @Test
    void everyNamedConstantHasAName() {
        Set<String> keys = Words.keys(Language.ENGLISH);
        int named = 0;
        for (JavaClass type : OURS) {
            if (type.isEnum() && type.reflect().getEnumConstants() != null) {
                String code = Finding.codeOf(type.reflect());
                List<String> names = Arrays.stream(type.reflect().getEnumConstants())
                        .map(c -> code + "." + ((Enum<?>) c).name())
                        .toList();
                if (names.stream().anyMatch(keys::contains)) {
                    named++;
                    assertThat(keys).containsAll(names);
                    assertThat(names.stream().map(Words::text)).as(code).doesNotHaveDuplicates();
                }
            }
        }
        assertThat(named).isGreaterThan(20);
    }

    private static final Pattern ASKED_IN_JAVA =
            Pattern.compile("(?:Words\\.text|Told\\.of|byKey)\\(\\s*\"([^\"]+)\"\\s*[,)]");
    private static final Pattern LABELS = Pattern.compile(
            "(?:\\b(?:number|celsius|within|volume|choice|optional)\\(\\s*\"\\w+\",\\s*|label = |String (?:HEAT|HOW_MANY) = )\"([\\w.-]+)\"");
    private static final Pattern ASKED_IN_PAGES = Pattern.compile("#\\{([\\w.-]+)");
    private static final Pattern CHOSEN =
            Pattern.compile("Words\\.text\\(\\s*[^\"()]*\\?\\s*\"([^\"]+)\"\\s*:\\s*\"([^\"]+)\"");

    private static Set<String> asked() throws IOException {
        Set<String> asked = new TreeSet<>();
        try (Stream<Path> all = Files.walk(Path.of("src/main"))) {
            for (Path file : all.filter(Files::isRegularFile).toList()) {
                String name = file.toString();
                if (name.endsWith(".java") || name.endsWith(".html")) {
                    String text = Files.readString(file);
                    List<Pattern> patterns =
                            name.endsWith(".html") ? List.of(ASKED_IN_PAGES) : List.of(ASKED_IN_JAVA, LABELS, CHOSEN);
                    for (Pattern pattern : patterns) {
                        Matcher matcher = pattern.matcher(text);
                        while (matcher.find()) {
                            for (int i = 1; i <= matcher.groupCount(); i++) {
                                asked.add(matcher.group(i));
                            }
                        }
                    }
                }
            }
        }
        return asked;
    }

    /** Whatever text is asked for by its key is there. */
    @Test
    void everyKeyThatIsAskedForIsThere() throws IOException {
        assertThat(Words.keys(Language.ENGLISH)).containsAll(asked());
    }

    /** Every kind of reading that is recorded has its line in the log. */
    @Test
    void everyReadingHasItsLine() {
        for (ReadingKind kind : ReadingKind.values()) {
            assertThat(Words.keys(Language.ENGLISH).contains("ReadingKind." + kind.name() + ".log"))
                    .as(kind.name())
                    .isEqualTo(kind.isRecorded());
        }
    }

    /** The American variant changes texts and adds none, but for names of foods, and asks for the same figures. */
    @Test
    void theVariantChangesTexts() {
        for (String key : Words.keys(Language.AMERICAN)) {
            if (!key.startsWith("food.")) {
                assertThat(Words.keys(Language.ENGLISH)).contains(key);
                assertThat(new TreeSet<>(Words.asks(Language.AMERICAN, key)))
                        .as(key)
                        .isEqualTo(new TreeSet<>(Words.asks(Language.ENGLISH, key)));
            } else {
                assertThat(Catalogue.standard().food(key.substring("food.".length())))
                        .as(key)
                        .isPresent();
            }
        }
    }

    @Test
    void figuresAreWrittenAsCooksReadThem() {
        assertThat(Words.say(new CannotReach.Overfull(2345, 1620)))
                .isEqualTo("The sauce starts at 2.35 L hot and this pot holds 1.62 L to the brim: take a larger pot, or"
                        + " cook it in two.");
        assertThat(Words.say(new PotFinding.TooFull(0.713))).isEqualTo("71 % full: over two thirds it boils over");
        assertThat(Words.say(new WishFinding.TakesLonger(135, 45)))
                .isEqualTo("Reducing takes 2 h 15 min and there are 45 min");
        assertThat(Words.say(new WishFinding.AllowStarch(8.25, StarchKind.MAIZE)))
                .isEqualTo("allow 8.3 g of cornflour");
        assertThat(Words.say(new WishFinding.MakeTimes(1.5))).isEqualTo("make 1½ times as much");
    }

    @Test
    void whatMayBeLeftOutIs() {
        CannotReach.TooLate plain = new CannotReach.TooLate(1200, 60, 30, 30, Optional.empty(), Optional.empty());
        assertThat(Words.say(plain)).isEqualTo("1,200 mL takes 60 min and there are 30: start 30 min earlier.");
        CannotReach.TooLate all = new CannotReach.TooLate(
                1200,
                60,
                30,
                30,
                Optional.of(new CannotReach.WiderPan(34)),
                Optional.of(new CannotReach.InTime(1100, 18, StarchKind.POTATO)));
        assertThat(Words.say(all))
                .endsWith("30 min earlier, take a pan of 34 cm, or take 1,100 mL with 18 g of potato starch.");
    }

    /** A reader in cups and degrees Fahrenheit reads a finding so, where the text leaves it open. */
    @Test
    void unitsAreTheReaders() {
        Units cups = new Units() {
            @Override
            public String volume(double ml) {
                return ml / 250 + " cups";
            }

            @Override
            public String temp(double tempC) {
                return tempC * 9 / 5 + 32 + " °F";
            }
        };
        assertThat(Words.say(new WishFinding.GivesMore(500, 250), cups))
                .isEqualTo("Reduced all the way it still gives 2.0 cups, not 1.0 cups");
        assertThat(Words.say(new Caution.CoolQuickly(60, 21, 2, 5, 4), "advice", cups))
                .isEqualTo(
                        "From 140.0 °F to 69.8 °F within two hours, to 41.0 °F within four hours more: shallow trays or"
                                + " an ice bath.");
    }

    @Test
    void aFindingWithinAFindingAndTheCooksOwnWords() {
        assertThat(Words.say(new StageName.OfKind(StageKind.MILL))).isEqualTo("Mill");
        assertThat(Words.say(new StageName.Titled("Grandmother's {way}"))).isEqualTo("Grandmother's {way}");
        assertThat(Words.say(Told.of("stage.stuck", 1, Tokens.Scope.ALL)))
                .as("a constant that has no name is told as programs write it")
                .isEqualTo("Stage 1: ALL");
        assertThat(Words.say(Stair.Tread.CLING, "spoon")).isEqualTo("coats; a line holds");
        assertThat(Words.say(Told.of("stage.stuck", 2, new CannotReach.NoWater())))
                .isEqualTo("Stage 2: There is no water in this pot: nothing can boil off. Add a liquid.");
    }

    @Test
    void theLanguageIsThatOfTheRequest() {
        assertThat(Words.say(StarchKind.MAIZE))
                .as("no request, whatever the machine speaks")
                .isEqualTo("cornflour");
        LocaleContextHolder.setLocale(Locale.US);
        assertThat(Words.say(StarchKind.MAIZE)).isEqualTo("cornstarch");
        assertThat(Words.say(new WishFinding.AllowStarch(12, StarchKind.MAIZE))).isEqualTo("allow 12 g of cornstarch");
        LocaleContextHolder.setLocale(Locale.GERMANY);
        assertThat(Words.say(StarchKind.MAIZE)).isEqualTo("cornflour");
        assertThat(new ArrayList<>(List.of(Language.of(Locale.UK), Language.of(Locale.CANADA))))
                .containsOnly(Language.ENGLISH);
    }
}
