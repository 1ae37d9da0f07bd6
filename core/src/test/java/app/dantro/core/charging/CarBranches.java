package app.dantro.core.charging;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.starting.StartingRules;
import java.util.List;
import java.util.stream.Stream;

/** A car, and currents in single cables. */
abstract class CarBranches {
    static final Circuit CAR = ReadyMadeCircuits.named("reference-car").orElseThrow();

    static final PreparedCircuit PREPARED = PreparedCircuit.of(CAR, 20);

    final Reading rest = base("12.58");

    final Reading posts = cranking("post-plus", "post-minus", "11.52", 160);

    DropVerdict verdict(Reading reading) {
        return StartingRules.of(evidence(reading)).verdicts().stream()
                .filter(v -> v.reading().id().equals(reading.id()))
                .findFirst()
                .orElseThrow();
    }

    CaseRecord evidence(Reading... more) {
        return CaseRecord.of(
                CAR,
                20,
                Stream.concat(Stream.of(rest, posts), Stream.of(more))
                        .map(RecordedReading::of)
                        .toList(),
                List.of(),
                List.of());
    }
}
