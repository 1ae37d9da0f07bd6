package app.dantro.core.ending;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.fact.BothSides;
import app.dantro.core.fact.ChargingFacts;
import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether a job in which nothing was repaired has come to an end, and to which (docs/job.md, endings). */
public final class Endings {
    private final Findings findings;
    private final CaseRecord record;
    private final Statements said;
    private final Optional<BothSides> starting;
    private final Optional<Reason> charging;

    private Endings(Findings findings) {
        this.findings = findings;
        this.record = findings.evidence();
        this.said = record.statements();
        this.starting = BothSides.good(findings.facts());
        this.charging = ChargingFacts.good(record);
    }

    public static Endings of(Findings findings) {
        return new Endings(findings);
    }

    /** True if what the complaint is about was shown to be good, of a mere check both, and nothing speaks against a part. */
    public boolean shownGood(Loop concern) {
        boolean quiet = record.lastRepair().isEmpty()
                && findings.parts().stream().noneMatch(PartFinding::alarmed)
                && findings.doubts().isEmpty()
                && findings.facts().contradictions().isEmpty()
                && Figures.of(record).stream().noneMatch(f -> f.sign() == FigureVerdict.Sign.FAILS);
        boolean start = starting.isPresent() || !(concern == Loop.STARTING || bothAsked());
        boolean charge = chargingGood() || !(concern == Loop.CHARGING || bothAsked());
        return quiet && start && charge;
    }

    /** A mere check looks at both sides, where the circuit has both. */
    public boolean bothAsked() {
        return record.circuit().alternator().isPresent()
                && (said.says(Topic.SYMPTOM, Answer.CHECK) || said.says(Topic.CHARGING_SYMPTOM, Answer.CHECK));
    }

    /** True for a battery that has to be charged before the vehicle goes, whatever else was found. */
    public boolean low() {
        double least = Marks.LOW_VOLTS * record.circuit().blocks();
        return record.posts(Condition.REST)
                .filter(r -> Math.abs(r.volts()) < least)
                .isPresent();
    }

    private boolean chargingGood() {
        boolean classic = said.says(Topic.STRATEGY, Answer.CLASSIC);
        double most = (classic ? Marks.MOST_CLASSIC_VOLTS : Marks.MOST_REGULATED_VOLTS)
                * record.circuit().blocks();
        return charging.isPresent()
                && regulated().filter(r -> Math.abs(r.volts()) <= most).isPresent();
    }

    private Optional<Reading> regulated() {
        return record.posts(Condition.RAISED).or(() -> record.posts(Condition.IDLE));
    }

    /** What a job ends as whose concern was shown to be good. */
    public Ending good(Loop concern) {
        return concern == Loop.CHARGING ? chargingEnds() : startingEnds();
    }

    /** Both sides are good and it turns slowly all the same: that is for whoever looks at what is left. */
    public Optional<Ending> slow() {
        return starting.filter(s -> said.says(Topic.CRANKS, Answer.SLOWLY))
                .map(s -> new Ending(
                        Answer.HANDED_ON,
                        EndingReason.SLOW_ON_GOOD_SIDES.with(),
                        List.of(s.held(), s.lost(), EndingReason.TURNED_SLOWLY.with()),
                        List.of(EndingReason.WHAT_IS_LEFT.with()),
                        EndingReason.TELL_SLOW.with(),
                        SafeToDrive.NOT_JUDGED));
    }

    private Ending startingEnds() {
        BothSides side = starting.orElseThrow();
        List<Reason> shown = new ArrayList<>(List.of(EndingReason.USUAL_SPEED.with(), side.held(), side.lost()));
        List<Reason> open = new ArrayList<>();
        if (!side.currentKnown()) {
            open.add(EndingReason.CURRENT_UNKNOWN.with());
        }
        if (charging.isPresent()) {
            shown.add(charging.get());
        } else if (record.circuit().alternator().isPresent()) {
            open.add(EndingReason.CHARGING_UNREAD.with());
        }
        Reason good = (charging.isPresent() ? EndingReason.BOTH_GOOD : EndingReason.STARTING_GOOD).with();
        if (said.says(Topic.SYMPTOM, Answer.DIES)) {
            open.add(EndingReason.DIES_AFTER.with());
            return handedOn(EndingReason.DIES_ON_GOOD_START, shown, open, EndingReason.TELL_DIES);
        }
        boolean check = said.says(Topic.SYMPTOM, Answer.CHECK) || said.says(Topic.SYMPTOM, Answer.STARTS);
        return ended(good, check, shown, open);
    }

    private Ending chargingEnds() {
        List<Reason> shown = new ArrayList<>(List.of(charging.orElseThrow()));
        regulated()
                .map(r -> EndingReason.REGULATES.with(Quantity.volts(Math.abs(r.volts()), r.resolutionVolts())))
                .ifPresent(shown::add);
        List<Reason> open = new ArrayList<>();
        if (said.about(Topic.RIPPLE_LOADED).isEmpty()) {
            open.add(EndingReason.RIPPLE_UNREAD.with());
        }
        starting.map(BothSides::lost).ifPresentOrElse(shown::add, () -> open.add(EndingReason.STARTING_UNREAD.with()));
        Reason good = (starting.isPresent() ? EndingReason.BOTH_GOOD : EndingReason.CHARGING_GOOD).with();
        boolean lamp =
                said.says(Topic.CHARGING_SYMPTOM, Answer.LAMP_ON) || said.says(Topic.CHARGING_SYMPTOM, Answer.LAMP_DIM);
        if (lamp) {
            open.add(EndingReason.LAMP_CIRCUIT.with());
            return handedOn(EndingReason.LAMP_ON_GOOD_CHARGING, shown, open, EndingReason.TELL_LAMP);
        }
        if (said.says(Topic.CHARGING_SYMPTOM, Answer.FLAT_MORNING)) {
            said.about(Topic.STANDING_CURRENT)
                    .ifPresentOrElse(
                            s -> shown.add(
                                    EndingReason.SLEEPS.with(Quantity.named(Topic.STANDING_CURRENT.words(s.value())))),
                            () -> open.add(EndingReason.DRAIN_UNREAD.with()));
        }
        return ended(good, said.says(Topic.CHARGING_SYMPTOM, Answer.CHECK), shown, open);
    }

    private static Ending handedOn(EndingReason heading, List<Reason> shown, List<Reason> open, EndingReason customer) {
        return new Ending(Answer.HANDED_ON, heading.with(), shown, open, customer.with(), SafeToDrive.NOT_JUDGED);
    }

    /** Good readings under a complaint are not a good vehicle; a battery that came in flat has its reason somewhere. */
    private Ending ended(Reason good, boolean check, List<Reason> shown, List<Reason> open) {
        Optional<Reading> flat = flat();
        if (flat.isPresent()) {
            Reading base = flat.get();
            shown.add(EndingReason.FLAT_ONCE.with(Quantity.volts(Math.abs(base.volts()), base.resolutionVolts())));
            open.add(EndingReason.WHY_FLAT.with());
            return new Ending(
                    Answer.CHARGED,
                    EndingReason.CHARGED.with(),
                    shown,
                    open,
                    EndingReason.TELL_FLAT.with(),
                    SafeToDrive.NOT_JUDGED);
        }
        if (check) {
            return new Ending(Answer.GOOD, good, shown, open, EndingReason.TELL_GOOD.with(), SafeToDrive.YES);
        }
        shown.add(EndingReason.STANDS.with());
        return new Ending(
                Answer.NOT_REPRODUCED,
                EndingReason.NOT_REPRODUCED.with(),
                shown,
                open,
                EndingReason.TELL_NOT_REPRODUCED.with(),
                SafeToDrive.NOT_JUDGED);
    }

    /** The first base voltage of a battery that came in flat. */
    private Optional<Reading> flat() {
        boolean complained = said.says(Topic.CHARGING_SYMPTOM, Answer.FLAT_MORNING);
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
