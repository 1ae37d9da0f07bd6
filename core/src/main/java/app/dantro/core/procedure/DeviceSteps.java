package app.dantro.core.procedure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.planning.Guide;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.procedure.Step.ToSee;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.OutOfReach;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.Judgement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Steps that both loops share: repair what is faulty, see what a suspect device still needs, put back what was undone. */
final class DeviceSteps {
    private DeviceSteps() {}

    static Step repair(Findings findings, PartId part) {
        PartFinding finding = findings.of(part);
        return Step.of(
                        Kind.REPAIR,
                        ProcedureReason.REPAIR.with(Quantity.named(finding.name())),
                        finding.because(),
                        Cautions.repair(findings.evidence().circuit()))
                .on(part);
    }

    /** A device that the readings speak against, but that they alone cannot prove faulty. */
    static Step suspect(Findings findings, PartId part, Judgement judgement) {
        PartFinding finding = findings.of(part);
        Statements said = findings.evidence().statements();
        List<Reason> because = new ArrayList<>(finding.because());
        because.add(ProcedureReason.ONCE_SEEN.with());
        return Step.of(
                        Kind.PROVE,
                        ProcedureReason.SUSPECT.with(Quantity.named(finding.name())),
                        because,
                        Cautions.repair(findings.evidence().circuit()))
                .on(part)
                .seeing(judgement.proof().looks(part).stream()
                        .filter(l -> l.optional()
                                || !l.seen(said)
                                || said.about(l.topic()).isPresent())
                        .map(l -> new ToSee(l.topic(), said.about(l.topic()).map(Statement::value), l.words()))
                        .toList());
    }

    /** The part the advice would repair is a suspect: see what it still needs. */
    static Optional<Step> advised(Work work) {
        return work.guide()
                .flatMap(g -> g.toRepair())
                .filter(part -> work.findings().standing(part) == Standing.SUSPECT)
                .map(part -> suspect(work.findings(), part, work.judgement().orElseThrow()));
    }

    /** Nothing is left to read, and the likeliest device still has something to be seen: that would decide. */
    static Optional<Placed> unseen(Work work) {
        return work.judgement()
                .flatMap(j -> j.leading()
                        .filter(part -> work.findings().standing(part) == Standing.SUSPECT)
                        .filter(part -> anyOpen(work, j, part))
                        .map(part -> new Placed(work.stage(Stage.REPAIR), suspect(work.findings(), part, j))));
    }

    /** One of several is bad and no probe gets between them: opened up, it can be seen. */
    static Optional<Step> openUp(Work work) {
        List<PartId> parts = work.guide().map(Guide::toOpen).orElse(List.of());
        Circuit circuit = work.record().circuit();
        if (parts.isEmpty() || OutOfReach.openedBad(work.record()).isPresent()) {
            return Optional.empty();
        }
        List<Step.Option> options = Stream.concat(
                        parts.stream()
                                .map(p -> new Step.Option(
                                        p.value(), circuit.nameOf(p).orElseThrow())),
                        Stream.of(new Step.Option(OutOfReach.NONE, "none of them")))
                .toList();
        String names = parts.stream().map(p -> circuit.nameOf(p).orElseThrow()).collect(Collectors.joining(" or the "));
        return Optional.of(Step.of(
                        Kind.PROVE,
                        ProcedureReason.OPEN_UP.with(Quantity.named(names)),
                        List.of(ProcedureReason.NO_PROBE_BETWEEN.with()),
                        Cautions.repair(circuit))
                .on(parts.get(0))
                .seeing(List.of(new ToSee(Topic.OPENED, Optional.empty(), Topic.OPENED.title(), options))));
    }

    static boolean anyOpen(Work work, Judgement judgement, PartId part) {
        return judgement.proof().looks(part).stream().anyMatch(l -> l.open(work.said()));
    }

    /** What was taken apart is put back before the complaint's own test. */
    static Step restore(List<Topic> open, Circuit circuit) {
        return Step.of(
                        Kind.RESTORE,
                        ProcedureReason.PUT_BACK.with(),
                        List.of(ProcedureReason.WHOLE_VEHICLE.with()),
                        Cautions.repair(circuit))
                .seeing(open.stream().map(ToSee::open).toList());
    }
}
