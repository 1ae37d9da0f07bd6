package app.dantro.core.procedure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.Judgement;
import app.dantro.core.standing.RepairForecast;
import java.util.List;
import java.util.Optional;

/**
 * The one thing to do next.
 *
 * @param toSee what the technician has to have seen or tried before the part is worked on
 */
public record Step(
        Kind kind,
        String title,
        String why,
        Optional<ProbePlan> probe,
        Optional<PartId> part,
        Optional<RepairForecast> forecast,
        List<String> cautions,
        List<ToSee> toSee) {
    public Step {
        toSee = List.copyOf(toSee);
        cautions = List.copyOf(cautions);
    }

    /** A step without anything to see first. */
    public Step(
            Kind kind,
            String title,
            String why,
            Optional<ProbePlan> probe,
            Optional<PartId> part,
            Optional<RepairForecast> forecast,
            List<String> cautions) {
        this(kind, title, why, probe, part, forecast, cautions, List.of());
    }

    /** A device that the readings speak against, but that they alone cannot prove faulty. */
    static Step suspectDevice(Findings findings, PartId part, Judgement judgement) {
        PartFinding finding = findings.of(part);
        Statements said = findings.evidence().statements();
        return new Step(
                Kind.PROVE,
                "Suspect: the " + finding.name(),
                finding.says() + " It is called faulty only once these are seen too.",
                Optional.empty(),
                Optional.of(finding.part()),
                Optional.empty(),
                Cautions.repair(findings.evidence().circuit()),
                judgement.proof().looks(part).stream()
                        .map(l -> new ToSee(l.topic(), said.about(l.topic()).map(Statement::value), l.words()))
                        .toList());
    }

    /** A battery that is flat shows what a bad one shows: only charging tells them apart. */
    static Step chargeApart(Findings findings, PartId battery) {
        return new Step(
                Kind.PROVE,
                "Charge the batteries, each on its own",
                "By all readings it is the %s: flat, or worn out. Charged, rested and read again they tell which."
                        .formatted(findings.of(battery).name()),
                Optional.empty(),
                Optional.of(battery),
                Optional.empty(),
                Cautions.charging(),
                List.of(new ToSee(Topic.CHARGED_APART, Optional.empty(), Topic.CHARGED_APART.title())));
    }

    /** The same reading, after something that is timed from when it was begun. */
    Step after(Topic timed, String words) {
        return new Step(
                kind, title, why, probe, part, forecast, cautions, List.of(new ToSee(timed, Optional.empty(), words)));
    }

    /** What a new machine has to show beside its volts. */
    static Step fitted(List<Topic> unseen) {
        return new Step(
                Kind.PROVE,
                "See what was fitted at work",
                "The volts are back. Belt, lamp and ripple show what volts alone do not.",
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Cautions.running(),
                unseen.stream()
                        .map(topic -> new ToSee(topic, Optional.empty(), topic.title()))
                        .toList());
    }

    /** What was taken apart is put back before the complaint's own test. */
    static Step restore(List<Topic> open, Circuit circuit) {
        return new Step(
                Kind.RESTORE,
                "Put back what was undone",
                "The complaint is tested on a whole vehicle.",
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Cautions.repair(circuit),
                open.stream()
                        .map(topic -> new ToSee(topic, Optional.empty(), topic.title()))
                        .toList());
    }

    /**
     * Something to see, try or put back.
     *
     * @param stated what was said about it already
     */
    public record ToSee(Topic topic, Optional<String> stated, String words) {}

    /** What the step asks for. */
    public enum Kind {
        /** Put two leads somewhere and read. */
        MEASURE,
        /** Charge the battery, then read its base voltage. */
        CHARGE,
        /** See or try what readings cannot show before a device is called faulty. */
        PROVE,
        /** Put back what was undone for measuring. */
        RESTORE,
        /** Repair a part and record it. */
        REPAIR,
        /** Try what the customer complained of. */
        COMPLAINT_TEST,
        /** The wiring is proven good and the complaint stays. */
        LOOK_ELSEWHERE,
        /** Nothing: the case is verified. */
        DONE
    }

    static Step measure(ProbePlan plan) {
        return new Step(
                Kind.MEASURE,
                plan.title(),
                plan.why(),
                Optional.of(plan),
                Optional.empty(),
                Optional.empty(),
                Cautions.reading(plan.condition()));
    }

    static Step of(Kind kind, String title, String why, List<String> cautions) {
        return new Step(kind, title, why, Optional.empty(), Optional.empty(), Optional.empty(), cautions);
    }
}
