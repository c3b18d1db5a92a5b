package app.gradior.web.form;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.room.words.Told;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A number as a cook typed it, kept as typed whatever it says.
 *
 * @param text stripped; empty when nothing was typed
 */
public record TypedNumber(String text) {
    public static final TypedNumber BLANK = new TypedNumber("");

    public TypedNumber {
        text = text.strip();
    }

    /** One that a form did not send is blank. */
    public static TypedNumber of(@Nullable TypedNumber sent) {
        return sent == null ? BLANK : sent;
    }

    public boolean isBlank() {
        return text.isEmpty();
    }

    /** Its value; NaN when it is none. */
    public double value() {
        return Numbers.parse(text).orElse(Double.NaN);
    }

    /** Its value, if one was typed. */
    public Optional<Double> given() {
        return isBlank() ? Optional.empty() : Optional.of(value());
    }

    /**
     * Its value within a range.
     *
     * @param label key of what the form calls the field
     * @throws Refusal naming the field as the form does
     */
    public double within(String field, String label, double least, double most, String unit) {
        Optional<Fault> fault = fault(field, label, least, most, unit);
        if (fault.isPresent()) {
            throw new Refusal(Refusal.Kind.UNFIT, List.of(fault.get()));
        }
        return value();
    }

    /** What is wrong with it as a field of that range, if anything is. */
    public Optional<Fault> fault(String field, String label, double least, double most, String unit) {
        double value = value();
        return value >= least && value <= most
                ? Optional.empty()
                : Optional.of(new Fault(field, why(label, Numbers.plain(least, 2), Numbers.plain(most, 2), unit)));
    }

    private Told why(String label, String least, String most, String unit) {
        return Told.of("form.not-within", Told.of(label), text, least, most, unit.isBlank() ? "" : " " + unit.strip());
    }

    /** What is wrong with a field that is not between two figures as a kitchen writes them. */
    public Refusal outside(String field, String label, String least, String most) {
        return Refusal.unfit(field, why(label, least, most, ""));
    }

    @Override
    public String toString() {
        return text;
    }
}
