package app.dantro.core.procedure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.Part;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.record.Answer;
import app.dantro.core.record.OutOfReach;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What comes and goes shows in no single reading: before such a job ends as not reproduced somebody moves every joint while
 * watching the meter. A joint that a probe cures, or a strap that opens as the engine rocks, shows here.
 */
final class Wiggle {
    private Wiggle() {}

    static Optional<Step> due(Work work, Loop concern) {
        Statements said = work.said();
        boolean comesAndGoes = concern == Loop.STARTING
                ? said.says(Topic.SYMPTOM, Answer.INTERMITTENT)
                : said.says(Topic.CHARGING_SYMPTOM, Answer.UNSTEADY);
        return comesAndGoes && OutOfReach.movedBad(work.record()).isEmpty()
                ? Optional.of(step(work.record().circuit(), concern))
                : Optional.empty();
    }

    private static Step step(Circuit circuit, Loop concern) {
        List<Part> way = concern == Loop.STARTING
                ? Stream.concat(circuit.startingSupply().stream(), circuit.startingReturn().stream())
                        .toList()
                : Stream.concat(circuit.chargingSupply().stream(), circuit.chargingReturn().stream())
                        .toList();
        List<Step.Option> options = Stream.concat(
                        Stream.of(new Step.Option(OutOfReach.NONE, "nothing")),
                        way.stream().map(p -> new Step.Option(p.id().value(), p.name())))
                .toList();
        return Step.of(
                        Kind.PROVE,
                        ProcedureReason.WIGGLE.with(),
                        List.of(ProcedureReason.COMES_AND_GOES.with()),
                        concern == Loop.STARTING
                                ? Cautions.reading(Condition.CRANKING)
                                : Cautions.reading(Condition.IDLE))
                .seeing(List.of(new Step.ToSee(Topic.MOVED, Optional.empty(), Topic.MOVED.title(), options)));
    }
}
