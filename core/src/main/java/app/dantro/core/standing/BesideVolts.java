package app.dantro.core.standing;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Starter;
import app.dantro.core.fact.BothSides;
import app.dantro.core.fact.MotorVolts;
import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.OutOfReach;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is heard and measured beside the volts and speaks against a part by itself: a starter that turns slowly on good
 * volts, a consumer that draws asleep, what was opened up.
 */
final class BesideVolts {
    private final Findings rules;
    private final Judgement judgement;
    private final Statements said;

    BesideVolts(Findings rules, Judgement judgement) {
        this.rules = rules;
        this.judgement = judgement;
        this.said = rules.evidence().statements();
    }

    /**
     * Moving it moved the volts; or what no probe gets to was opened up, and whoever looked saw that this one is bad: that
     * only of wiring that is suspected.
     */
    Optional<PartFinding> seenBad(PartFinding part) {
        Optional<PartFinding> moved = OutOfReach.movedBad(rules.evidence())
                .filter(part.part().value()::equals)
                .filter(seen -> judgement.isWiring(part.part()))
                .map(seen -> part.as(Standing.FAULTY, StandingReason.MOVED_BAD.with())
                        .missing(List.of()));
        return moved.or(() -> opened(part));
    }

    private Optional<PartFinding> opened(PartFinding part) {
        return OutOfReach.openedBad(rules.evidence())
                .filter(part.part().value()::equals)
                .filter(seen ->
                        judgement.isWiring(part.part()) && judgement.probability(part.part()) >= Marks.SEEN_BAD_FROM)
                .map(seen ->
                        part.as(Standing.FAULTY, StandingReason.SEEN_BAD.with()).missing(List.of()));
    }

    /** Both sides are good, the motor gets its volts and turns slowly: starter or engine, and a hand on the engine tells which. */
    Optional<PartFinding> slowStarter(PartFinding part) {
        boolean speaks = part.part().equals(rules.loop().starter().id())
                && rules.evidence().repaired().turned(Answer.SLOWLY);
        if (stalled(part)) {
            return Optional.of(stands(part));
        }
        if (!speaks) {
            return Optional.empty();
        }
        return BothSides.good(rules.facts())
                .filter(sides -> sides.motorVolts()
                        >= Marks.ENOUGH_FOR_MOTOR_VOLTS * rules.loop().blocks())
                .map(sides -> slow(part, sides));
    }

    /** Without its current a starter speaks by how it turns: nobody suspects one that nobody heard turning slowly. */
    boolean unheard(PartId part) {
        boolean turns = said.starts().orElse(true)
                && rules.facts().posts(Condition.CRANKING).newest().isPresent();
        return rules.loop().starter().id().equals(part)
                && turns
                && rules.facts().crankingAmps().isEmpty()
                && !rules.evidence().repaired().turned(Answer.SLOWLY);
    }

    /** The motor has its volts while the key is held, and nothing turns: that is the starter, or what it has to turn. */
    private boolean stalled(PartFinding part) {
        boolean complained = said.starts().filter(turns -> !turns).isPresent()
                && rules.evidence().lastRepair().isEmpty();
        boolean stands = complained || rules.evidence().repaired().turned(Answer.NOT_AT_ALL);
        return part.part().equals(rules.loop().starter().id()) && stands && motor().isPresent();
    }

    /** What the motor has while nothing turns, read at its stud or left by the posts and both sides. */
    private Optional<Quantity> motor() {
        Starter starter = rules.loop().starter();
        double least = Marks.STALLED_MOTOR_VOLTS * rules.loop().blocks();
        Optional<Reading> own = rules.evidence()
                .counted()
                .across(starter.motorStud(), starter.starterCase())
                .where(r -> r.condition().starterCalled())
                .newest();
        return own.isPresent()
                ? own.filter(r -> Math.abs(r.volts()) >= least)
                        .map(r -> Quantity.volts(Math.abs(r.volts()), r.resolutionVolts()))
                : MotorVolts.left(rules.facts())
                        .filter(left -> left.atTheStud() && left.volts() >= least)
                        .map(left -> Quantity.volts(left.volts(), Marks.SHOWN_VOLTS));
    }

    private PartFinding stands(PartFinding part) {
        return judged(part, StandingReason.STALLED_ON_GOOD_VOLTS.with(motor().orElseThrow()));
    }

    private PartFinding slow(PartFinding part, BothSides sides) {
        return judged(
                part, StandingReason.SLOW_ON_GOOD_VOLTS.with(Quantity.volts(sides.motorVolts(), Marks.SHOWN_VOLTS)));
    }

    /** A hand on the engine, then the starter off it, say which of the two it is. */
    private PartFinding judged(PartFinding part, Reason heard) {
        if (said.says(Topic.ENGINE_TURNS, Answer.HARD)) {
            return part.as(Standing.NOT_PROVEN, StandingReason.ENGINE_HARD.with())
                    .missing(StandingReason.READINGS_AFTER.with());
        }
        if (said.says(Topic.STARTER_BENCH, Answer.PASSES)) {
            return part.as(Standing.CLEARED, StandingReason.BENCH_PASSES.with());
        }
        if (said.says(Topic.STARTER_BENCH, Answer.FAILS)) {
            return part.as(Standing.FAULTY, heard, StandingReason.BENCH_FAILS.with())
                    .missing(List.of());
        }
        List<Reason> missing = new ArrayList<>(judgement.unseen(part.part(), said));
        missing.add(StandingReason.BENCH_TEST.with());
        return part.as(Standing.SUSPECT, heard).missing(missing);
    }

    /** What is drawn asleep goes through the consumers, or back through the alternator's diodes; lifting B+ tells which. */
    Optional<PartFinding> drain(PartFinding part) {
        boolean consumer = rules.evidence()
                .circuit()
                .device(part.part())
                .filter(Load.class::isInstance)
                .isPresent();
        boolean stops = said.says(Topic.DRAIN_LIFTED, Answer.STOPS);
        if (!(consumer && !stops || judgement.isAlternator(part.part()) && stops)) {
            return Optional.empty();
        }
        return Figures.drain(rules.evidence()).map(verdict -> drain(part, verdict));
    }

    private PartFinding drain(PartFinding part, FigureVerdict verdict) {
        Reason draws = StandingReason.DRAWS_ASLEEP.with(Quantity.named(verdict.shown()));
        List<Reason> because = new ArrayList<>(List.of(draws));
        if (said.says(Topic.DRAIN_FOUND, Answer.YES)) {
            because.add(verdict.because().get(0));
            PartFinding found = part.as(Standing.FAULTY, because).missing(List.of());
            return said.about(Topic.DRAIN_BRANCH)
                    .map(branch -> found.named("branch of the %s".formatted(branch.value()), Optional.empty()))
                    .orElse(found);
        }
        because.addAll(verdict.because());
        return part.as(Standing.SUSPECT, because).missing(StandingReason.WHICH_BRANCH.with());
    }
}
