package app.dantro.core.ending;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.fact.BothSides;
import app.dantro.core.fact.ChargingFacts;
import app.dantro.core.finding.Findings;
import app.dantro.core.limits.CrankingLimit;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
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
        return findings.doubts().isEmpty() && quietlyGood(concern);
    }

    /** The same, though a reading is doubted that nothing at hand would settle. */
    public boolean shownGoodBesides(Loop concern) {
        return quietlyGood(concern);
    }

    private boolean quietlyGood(Loop concern) {
        boolean quiet = record.lastRepair().isEmpty()
                && AgainstGood.parts(findings).isEmpty()
                && findings.facts().contradictions().isEmpty()
                && AgainstGood.figures(record).isEmpty();
        boolean turned = starting.isPresent() && !said.says(Topic.CRANKS, Answer.SLOWLY);
        boolean start = turned || !(concern == Loop.STARTING || bothAsked(concern));
        boolean charge = chargingGood() || !(concern == Loop.CHARGING || bothAsked(concern));
        return quiet && start && charge;
    }

    /** A mere check looks at both sides, where the circuit has both; so does a job whose other side shows something. */
    public boolean bothAsked(Loop concern) {
        boolean off = concern == Loop.STARTING ? chargesBadly() : startsBadly();
        return record.circuit().alternator().isPresent() && (mereCheck() || off);
    }

    private boolean mereCheck() {
        return said.says(Topic.SYMPTOM, Answer.CHECK) || said.says(Topic.CHARGING_SYMPTOM, Answer.CHECK);
    }

    private boolean chargesBadly() {
        return ChargingFacts.looksLow(record);
    }

    private boolean startsBadly() {
        double least = CrankingLimit.voltsAt(record.celsius(), record.circuit().blocks());
        return said.says(Topic.CRANKS, Answer.SLOWLY)
                || record.posts(Condition.CRANKING)
                        .filter(r -> Math.abs(r.volts()) < least)
                        .isPresent();
    }

    /**
     * True while a good side leaves a complaint without a reason and nobody looked at the other one: one reading of it is due
     * before the job ends.
     */
    public boolean otherSideUnseen(Loop concern) {
        boolean seen = concern == Loop.STARTING
                ? ChargingFacts.holds(record).isPresent()
                : record.posts(Condition.CRANKING).isPresent();
        boolean complained = said.about(concern == Loop.STARTING ? Topic.SYMPTOM : Topic.CHARGING_SYMPTOM)
                .isPresent();
        return record.circuit().alternator().isPresent() && complained && !mereCheck() && !seen;
    }

    /** True for a battery that has to be charged before the vehicle goes, whatever else was found. */
    public boolean low() {
        double least = lowVolts(record);
        return record.posts(Condition.REST)
                .filter(r -> Math.abs(r.volts()) < least)
                .isPresent();
    }

    /** Under this the batteries of a vehicle need a charge, whatever else was found; in V over all of them. */
    public static double lowVolts(CaseRecord record) {
        boolean lithium = record.statements().says(Topic.CHEMISTRY, Answer.LITHIUM);
        return (lithium ? Marks.LITHIUM_LOW_VOLTS : Marks.LOW_VOLTS)
                * record.circuit().blocks();
    }

    private boolean chargingGood() {
        boolean classic = said.says(Topic.STRATEGY, Answer.CLASSIC);
        double most = (classic ? Marks.MOST_CLASSIC_VOLTS : Marks.MOST_REGULATED_VOLTS)
                * record.circuit().blocks();
        return charging.isPresent()
                && EndsAs.regulated(record)
                        .filter(r -> Math.abs(r.volts()) <= most)
                        .isPresent();
    }

    /** What a job ends as whose concern was shown to be good. */
    public Ending good(Loop concern) {
        EndsAs as = new EndsAs(findings, starting, charging);
        return concern == Loop.CHARGING ? as.charging() : as.starting();
    }

    /** Both sides are good and it turns slowly all the same: that is for whoever looks at what is left. */
    public Optional<Ending> slow() {
        return starting.filter(s -> said.says(Topic.CRANKS, Answer.SLOWLY)).map(Ending::slow);
    }
}
