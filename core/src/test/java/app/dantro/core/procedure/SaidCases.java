package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.UUID;

/** Cases in which something is said beside the readings. */
abstract class SaidCases {
    static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();

    static final PreparedCircuit PREPARED = PreparedCircuit.of(CAR, 20);

    static final PartId STARTER = PartId.of("starter");

    final OrderOfWork order = new OrderOfWork();

    /** An engine or a starter that drags: the motor gets its volts, draws far too much and turns slowly. */
    final List<Reading> dragging = List.of(
            base("12.59"),
            cranking("post-plus", "post-minus", "9.31", 540),
            cranking("motor-stud", "starter-case", "8.44", 540),
            cranking("motor-stud", "starter-case", "8.41", 540));

    Assessment assess(List<Reading> readings, Statement... statements) {
        return order.assess(Loop.STARTING, evidence(readings, statements), PREPARED);
    }

    Assessment rules(List<Reading> readings, Statement... statements) {
        return order.assess(Loop.STARTING, evidence(readings, statements));
    }

    static CaseRecord evidence(List<Reading> readings, Statement... statements) {
        return CaseRecord.of(CAR, 20, readings.stream().map(RecordedReading::of).toList(), List.of(), List.of())
                .with(Statements.of(List.of(statements)));
    }

    static Statement said(Topic topic, String value) {
        return new Statement(UUID.randomUUID(), topic, value, "", 0);
    }
}
