package app.gradior.web.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.care.Storage;
import app.gradior.finding.Fault;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.book.StagePlan;
import app.gradior.room.house.Kitchen;
import app.gradior.room.plan.PlanDraft;
import app.gradior.sauce.Portions;
import app.gradior.sauce.Use;
import app.gradior.web.frame.Figures;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PlanFormTest {
    private static final PlanDraft FULL = new PlanDraft(
            7,
            3,
            PlanDraft.ScaleBy.YIELD,
            1500,
            2,
            Use.DIP,
            4,
            5,
            Map.of(1, new StagePlan.Heating(Look.GENTLE, LidState.AJAR)),
            12,
            6.5,
            60,
            900.0,
            StarchKind.TAPIOCA,
            1.25,
            1.8,
            LocalDateTime.parse("2026-12-19T19:30"),
            Storage.FREEZER,
            true,
            15,
            Map.of(2, "200 g dry cider"),
            6,
            1,
            null,
            null,
            null,
            null);

    private static Figures figures(MeasureSystem measures, boolean fahrenheit) {
        return new Figures(new Kitchen(
                1,
                "Test",
                measures,
                fahrenheit,
                measures == MeasureSystem.IMPERIAL,
                0,
                ZoneId.of("UTC"),
                false,
                Optional.empty(),
                1));
    }

    private static PlanForm form(Map<String, String> asked) {
        return new PlanForm(asked, FULL, figures(MeasureSystem.METRIC, false));
    }

    @Test
    void aPlanComesBackFromItsFieldsAsItWent() {
        Figures metric = figures(MeasureSystem.METRIC, false);
        PlanForm form = new PlanForm(PlanForm.fields(FULL, metric), FULL, metric);
        assertThat(form.draft()).isEqualTo(FULL);
        assertThat(form.faults()).isEmpty();
    }

    @Test
    void guestsTakeALotOrALittleAndSomethingIsLeftOnPurpose() {
        PlanForm form = form(Map.of("by", "GUESTS", "amount", "8", "appetite", "BIG", "left", "300"));
        PlanDraft draft = form.draft();
        assertThat(form.faults()).isEmpty();
        assertThat(draft.portioned()).isEqualTo(new Portions(Portions.Appetite.BIG, 300));
        assertThat(draft.portioned().wantedMl(8, Use.DIP)).isCloseTo(8 * 1.5 * 45 + 300, within(1e-9));
        PlanForm again = new PlanForm(
                PlanForm.fields(draft, figures(MeasureSystem.METRIC, false)),
                FULL,
                figures(MeasureSystem.METRIC, false));
        assertThat(again.draft()).isEqualTo(draft);
        assertThat(form(Map.of("by", "GUESTS", "amount", "8", "left", "0"))
                        .draft()
                        .portions())
                .as("the usual is not kept")
                .isNull();
        PlanForm wrong = form(Map.of("by", "GUESTS", "amount", "8", "left", "plenty"));
        wrong.draft();
        assertThat(wrong.faults()).extracting(fault -> fault.field()).containsExactly("left");
        assertThat(Portions.USUAL.wantedMl(4, Use.PASTA)).isEqualTo(360);
    }

    @ParameterizedTest
    @EnumSource(MeasureSystem.class)
    void inEveryKitchensMeasuresToWithinWhatIsShown(MeasureSystem measures) {
        Figures figures = figures(measures, measures == MeasureSystem.US);
        PlanForm form = new PlanForm(PlanForm.fields(FULL, figures), FULL, figures);
        PlanDraft draft = form.draft();
        assertThat(form.faults()).isEmpty();
        assertThat(draft.amount()).isCloseTo(1500, within(0.3));
        assertThat(draft.wishMl()).isCloseTo(900, within(0.3));
        assertThat(draft.servedC()).isCloseTo(60, within(0.3));
    }

    @Test
    void whatIsSentWinsAndABoxNotTickedIsOff() {
        PlanForm form = form(Map.of("step", "5½", "wish", "", "starch", "none", "boxes", "1", "serve", ""));
        PlanDraft draft = form.draft();
        assertThat(draft.targetStep()).isEqualTo(5.5);
        assertThat(draft.wishMl()).isNull();
        assertThat(draft.starch()).isNull();
        assertThat(draft.nextDay()).isFalse();
        assertThat(draft.serveAt()).isNull();
        assertThat(draft.potId()).as("not sent: as the plan has it").isEqualTo(4);
        assertThat(form(Map.of()).draft().nextDay()).isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "amount|lots|amount",
                "amount|-3|amount",
                "step|9.5|step",
                "step|NaN|step",
                "served|120|served",
                "altitude|9000|altitude",
                "wish|a cup|wish",
                "ratio|3|ratio",
                "salt|0|salt",
                "serve|tomorrow|serve",
                "serve|0026-12-01T10:00|serve",
                "storage|ATTIC|storage",
                "starch|flubber|starch",
                "use|BATH|use",
                "by|WEIGHT|by",
                "look-1|hot|look-1",
                "moved|99999|moved"
            })
    void everyFieldThatIsWrongIsNamedWithWhatWasTyped(String field, String typed, String named) {
        PlanForm form = form(Map.of(field, typed));
        form.draft();
        assertThat(form.faults()).extracting(Fault::field).containsExactly(named);
        assertThat(form.fields()).containsEntry(field, typed);
    }

    @Test
    void allThatIsWrongIsSaidAtOnceAndStrangeFieldsAreLeftOut() {
        PlanForm form =
                form(Map.of("step", "x", "amount", "y", "serve", "z", "<script>", "1", "notes", "n".repeat(400)));
        form.draft();
        assertThat(form.faults()).hasSize(3);
        assertThat(form.fields()).doesNotContainKeys("<script>", "notes");
    }
}
