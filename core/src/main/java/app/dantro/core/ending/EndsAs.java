package app.dantro.core.ending;

import app.dantro.core.circuit.Condition;
import app.dantro.core.fact.BothSides;
import app.dantro.core.fact.ChargingFacts;
import app.dantro.core.finding.Findings;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What an ending says: what was shown, what was not, and what the customer is told. */
final class EndsAs {
    private final Findings findings;
    private final CaseRecord record;
    private final Optional<BothSides> bothSides;
    private final Optional<Reason> charges;

    /** @param charges that charging is good, in words, if it was shown */
    EndsAs(Findings findings, Optional<BothSides> bothSides, Optional<Reason> charges) {
        this.findings = findings;
        this.record = findings.evidence();
        this.bothSides = bothSides;
        this.charges = charges;
    }

    /** The posts with the loads off; where it is said to overcharge, or looks low under load, at the speed that would show it. */
    static Optional<Reading> regulated(CaseRecord record) {
        boolean raised = ChargingFacts.needsLoadsOff(record);
        return record.posts(Condition.RAISED).or(() -> raised ? Optional.empty() : record.posts(Condition.IDLE));
    }

    private boolean said(Topic topic, Answer answer) {
        return record.statements().says(topic, answer);
    }

    private List<Reason> doubted() {
        List<Reason> open = new ArrayList<>();
        if (!findings.doubts().isEmpty()) {
            open.add(EndingReason.ONE_DOES_NOT_FIT.with());
        }
        return open;
    }

    Ending starting() {
        BothSides side = bothSides.orElseThrow();
        List<Reason> shown = new ArrayList<>(List.of(EndingReason.USUAL_SPEED.with(), side.held(), side.lost()));
        List<Reason> open = doubted();
        if (!side.currentKnown()) {
            open.add(EndingReason.CURRENT_UNKNOWN.with());
        }
        if (charges.isPresent()) {
            shown.add(charges.get());
        } else if (record.circuit().alternator().isPresent()) {
            open.add(chargingUnread());
        }
        if (said(Topic.SYMPTOM, Answer.DIES)) {
            open.add(EndingReason.DIES_AFTER.with());
            return handedOn(EndingReason.DIES_ON_GOOD_START, shown, open, EndingReason.TELL_DIES);
        }
        boolean check = check() || said(Topic.SYMPTOM, Answer.STARTS);
        EndingReason good = charges.isPresent() ? EndingReason.BOTH_GOOD : EndingReason.STARTING_GOOD;
        return ended(good.with(), check, shown, open);
    }

    Ending charging() {
        List<Reason> shown = new ArrayList<>(List.of(charges.orElseThrow()));
        regulated(record)
                .map(r -> EndingReason.REGULATES.with(Quantity.volts(Math.abs(r.volts()), r.resolutionVolts())))
                .ifPresent(shown::add);
        List<Reason> open = doubted();
        if (record.statements().about(Topic.RIPPLE_LOADED).isEmpty()) {
            open.add(EndingReason.RIPPLE_UNREAD.with());
        }
        bothSides.map(BothSides::lost).ifPresentOrElse(shown::add, () -> open.add(EndingReason.STARTING_UNREAD.with()));
        Reason good = (bothSides.isPresent() ? EndingReason.BOTH_GOOD : EndingReason.CHARGING_GOOD).with();
        if (said(Topic.CHARGING_SYMPTOM, Answer.LAMP_ON) || said(Topic.CHARGING_SYMPTOM, Answer.LAMP_DIM)) {
            open.add(EndingReason.LAMP_CIRCUIT.with());
            return handedOn(EndingReason.LAMP_ON_GOOD_CHARGING, shown, open, EndingReason.TELL_LAMP);
        }
        if (said(Topic.CHARGING_SYMPTOM, Answer.FLAT_MORNING)) {
            record.statements()
                    .about(Topic.STANDING_CURRENT)
                    .ifPresentOrElse(
                            s -> shown.add(
                                    EndingReason.SLEEPS.with(Quantity.named(Topic.STANDING_CURRENT.words(s.value())))),
                            () -> open.add(EndingReason.DRAIN_UNREAD.with()));
        }
        return ended(good, check(), shown, open);
    }

    /** Nothing was complained of, whichever side was asked about first. */
    private boolean check() {
        boolean starting = said(Topic.SYMPTOM, Answer.CHECK);
        boolean charging = said(Topic.CHARGING_SYMPTOM, Answer.CHECK);
        boolean other = record.statements()
                .about(starting ? Topic.CHARGING_SYMPTOM : Topic.SYMPTOM)
                .isPresent();
        return starting && charging || (starting || charging) && !other;
    }

    private Reason chargingUnread() {
        return record.posts(Condition.RAISED_LOADED)
                .or(() -> record.posts(Condition.RAISED))
                .or(() -> record.posts(Condition.IDLE))
                .map(r -> EndingReason.CHARGING_IN_PART.with(
                        Quantity.volts(Math.abs(r.volts()), r.resolutionVolts()),
                        Quantity.named(r.condition().words())))
                .orElseGet(EndingReason.CHARGING_UNREAD::with);
    }

    private static Ending handedOn(EndingReason heading, List<Reason> shown, List<Reason> open, EndingReason customer) {
        return Ending.of(Answer.HANDED_ON, heading.with(), shown, open, customer.with(), SafeToDrive.NOT_JUDGED);
    }

    /** Good readings under a complaint are not a good vehicle; a battery that came in flat has its reason somewhere. */
    private Ending ended(Reason good, boolean check, List<Reason> shown, List<Reason> open) {
        Optional<Reading> flat = flat();
        if (flat.isPresent()) {
            Reading base = flat.get();
            shown.add(EndingReason.FLAT_ONCE.with(Quantity.volts(Math.abs(base.volts()), base.resolutionVolts())));
            open.add(EndingReason.WHY_FLAT.with());
            return Ending.of(
                    Answer.CHARGED,
                    EndingReason.CHARGED.with(),
                    shown,
                    open,
                    EndingReason.TELL_FLAT.with(),
                    SafeToDrive.NOT_JUDGED);
        }
        if (check) {
            return Ending.of(Answer.GOOD, good, shown, open, EndingReason.TELL_GOOD.with(), SafeToDrive.YES);
        }
        if (said(Topic.CLEANED, Answer.YES)) {
            shown.add(EndingReason.GOOD_SINCE_CLEANED.with());
            open.add(EndingReason.WHICH_WAS_CLEANED.with());
            return Ending.of(
                    Answer.GOOD,
                    EndingReason.CLEANED.with(),
                    shown,
                    open,
                    EndingReason.TELL_CLEANED.with(),
                    SafeToDrive.YES);
        }
        shown.add(EndingReason.STANDS.with());
        return Ending.of(
                Answer.NOT_REPRODUCED,
                EndingReason.NOT_REPRODUCED.with(),
                shown,
                open,
                EndingReason.TELL_NOT_REPRODUCED.with(),
                SafeToDrive.NOT_JUDGED);
    }

    /** The first base voltage of a battery that came in flat. */
    private Optional<Reading> flat() {
        boolean complained = said(Topic.CHARGING_SYMPTOM, Answer.FLAT_MORNING);
        double least = (complained ? Marks.LOW_VOLTS : Marks.FLAT_VOLTS)
                * record.circuit().blocks();
        return record.readings().stream()
                .filter(r -> !r.struck())
                .map(RecordedReading::effective)
                .filter(r -> r.condition() == Condition.REST)
                .filter(r ->
                        r.isAcross(record.circuit().plusPost(), record.circuit().minusPost()))
                .filter(r -> Math.abs(r.volts()) < least)
                .findFirst();
    }
}
