package app.gradior.batch;

import app.gradior.finding.Finding;
import app.gradior.sauce.StageName;
import java.time.Instant;

/** Why an event does not fit a batch. */
public sealed interface AdmissionFinding extends Finding {
    /** It has not happened yet. */
    record InTheFuture(Instant at, Instant latest) implements AdmissionFinding {}

    /** The batch had not begun then. */
    record BeforeTheStart(Instant at, Instant startedAt) implements AdmissionFinding {}

    /** There are as many readings as are kept. */
    record TooManyReadings(int most) implements AdmissionFinding {}

    /** There are as many other entries as are kept. */
    record TooManyEntries(int most) implements AdmissionFinding {}

    /** It is set aside. */
    record SetAside() implements AdmissionFinding {}

    /** It is not set aside. */
    record NotSetAside() implements AdmissionFinding {}

    /** It is finished, and only a few things are added to it then. */
    record Finished() implements AdmissionFinding {}

    /** It is still on. */
    record StillOn() implements AdmissionFinding {}

    /** Pot and sauce weigh less than the pot, g. */
    record LighterThanThePot(String field, double value, double emptyG) implements AdmissionFinding {}

    /** Above the pot's rim, mm. */
    record AboveTheRim(String field, double value, double rimMm) implements AdmissionFinding {}

    /** That stage is over and another is on. */
    record StageIsOver(StageName ended, StageName now) implements AdmissionFinding {}

    /** That stage is over, as all are. */
    record LastStageIsOver(StageName ended) implements AdmissionFinding {}

    /** All stages are over. */
    record AllStagesAreOver() implements AdmissionFinding {}

    /** Another stage comes first. */
    record AnotherStageFirst(StageName now) implements AdmissionFinding {}

    /** No event that stands has that key. */
    record NoSuchEvent(String key) implements AdmissionFinding {}

    /** No addition that stands has that key. */
    record NoSuchAddition(String key) implements AdmissionFinding {}

    /** Grams or millilitres have to be given, one of them. */
    record MassOrVolume() implements AdmissionFinding {}

    /** Nobody knows what went in, in the cook's words. */
    record NotUnderstood(String words) implements AdmissionFinding {}
}
