package app.dantro.core.procedure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.ending.Endings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.StandingRule;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.procedure.Step.ToSee;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The same for a charging job: the few readings that show a good side, what draws asleep, and the end. */
final class ChargingEnds {
    private ChargingEnds() {}

    /** The same for the charging side, and what a check reads of the starting side after it. */
    static Optional<Step> survey(Work work, ChargingLooks looks) {
        if (!EndingSteps.quiet(work) || SafetyFirst.overcharging(work.record())) {
            return Optional.empty();
        }
        Optional<Step> own =
                looks.needed().or(() -> looks.onceMore(work.record())).map(look -> look.step(work.findings()));
        return own.or(() -> Endings.of(work.findings()).bothAsked(Loop.CHARGING)
                        ? EndingSteps.start(work).map(Placed::step)
                        : Optional.empty())
                .or(() -> looks.open().stream().findFirst().map(look -> look.step(work.findings())));
    }

    /** The same survey and end where one reading is doubted still. */
    static Optional<Step> besides(Work work, ChargingLooks looks) {
        Endings endings = Endings.of(work.findings());
        if (endings.shownGoodBesides(Loop.CHARGING)) {
            return Optional.of(end(work, endings));
        }
        boolean quiet = work.findings().parts().stream().noneMatch(PartFinding::alarmed);
        return quiet && endings.bothAsked(Loop.CHARGING) && looks.needed().isEmpty()
                ? EndingSteps.start(work).map(Placed::step)
                : Optional.empty();
    }

    /** More is drawn asleep than may be: B+ lifted tells alternator from consumers, the fuses tell the branch. */
    static Optional<Step> drain(Work work) {
        return work.findings().parts().stream()
                .filter(p -> p.by() == StandingRule.DRAIN_MEASURED && p.standing() == Standing.SUSPECT)
                .filter(p -> work.said().about(Topic.DRAIN_FOUND).isEmpty())
                .findFirst()
                .map(p -> Step.of(
                                Kind.PROVE,
                                ProcedureReason.FIND_THE_DRAIN.with(),
                                Stream.concat(
                                                p.because().stream(),
                                                Stream.of(
                                                        ProcedureReason.FUSES_STAY_IN.with(),
                                                        ProcedureReason.OUTPUT_IN_ORDER.with()))
                                        .toList(),
                                Cautions.charging())
                        .on(p.part())
                        .seeing(whereItFlows(work)));
    }

    /** Branch by branch, then B+; where it stops with B+ lifted the diodes are tested before the cable goes back. */
    private static List<ToSee> whereItFlows(Work work) {
        Stream<Topic> diodes = work.said().says(Topic.DRAIN_LIFTED, Answer.STOPS)
                ? Stream.of(Topic.DIODES_FORWARD, Topic.DIODES_REVERSE)
                : Stream.empty();
        return Stream.of(Stream.of(Topic.DRAIN_BRANCH, Topic.DRAIN_LIFTED), diodes, Stream.of(Topic.DRAIN_FOUND))
                .flatMap(topics -> topics)
                .map(topic -> stated(work, topic))
                .toList();
    }

    /** A battery that is flat in the morning: what does it give while the vehicle sleeps, and what after a repair? */
    static Optional<Step> asleep(Work work) {
        boolean read =
                work.record().statedSinceRepair().about(Topic.STANDING_CURRENT).isPresent();
        boolean due = work.said().says(Topic.CHARGING_SYMPTOM, Answer.FLAT_MORNING) && !read;
        return due
                ? Optional.of(Step.of(
                                Kind.PROVE,
                                ProcedureReason.SLEEPS_WELL.with(),
                                List.of(ProcedureReason.WHILE_IT_SLEEPS.with()),
                                Cautions.charging())
                        .seeing(List.of(ToSee.open(Topic.STANDING_CURRENT))))
                : Optional.empty();
    }

    private static ToSee stated(Work work, Topic topic) {
        return new ToSee(topic, work.said().about(topic).map(Statement::value), topic.title());
    }

    /** Charging was shown good: the end, once what it still needs was seen. */
    static Optional<Step> end(Work work) {
        Endings endings = Endings.of(work.findings());
        return work.judgement().isPresent() && endings.shownGood(Loop.CHARGING)
                ? Optional.of(end(work, endings))
                : Optional.empty();
    }

    /** A battery that is flat in the morning is asked what it gives asleep, a check how it turned, a low one is charged. */
    private static Step end(Work work, Endings endings) {
        Optional<Step> asleep = asleep(work);
        if (asleep.isPresent()) {
            return asleep.get();
        }
        Optional<Step> apart = SeveralBatteries.alike(work).map(Placed::step);
        if (apart.isPresent()) {
            return apart.get();
        }
        Optional<Step> crank = endings.otherSideUnseen(Loop.CHARGING)
                ? BatterySteps.underLoad(work).map(Placed::step)
                : Optional.empty();
        if (crank.isPresent()) {
            return crank.get();
        }
        Optional<Step> carries = PairCranking.secondCarries(work).map(Placed::step);
        if (carries.isPresent()) {
            return carries.get();
        }
        boolean cranked = work.record().posts(Condition.CRANKING).isPresent();
        if ((cranked || endings.bothAsked(Loop.CHARGING))
                && work.said().about(Topic.CRANKS).isEmpty()) {
            return EndingSteps.howItTurned();
        }
        List<ToSee> left =
                work.said().about(Topic.RIPPLE_LOADED).isEmpty() ? List.of(ToSee.open(Topic.RIPPLE_LOADED)) : List.of();
        return EndingSteps.chargedFirst(work, endings)
                .or(() -> Wiggle.due(work, Loop.CHARGING))
                .orElseGet(() -> Step.close(endings.good(Loop.CHARGING)).seeing(left));
    }
}
