package app.dantro.core.charging;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/** A car whose charging side is looked at. */
abstract class ChargingCase {
    static final Circuit CAR = ReadyMadeCircuits.named("reference-car").orElseThrow();

    static final Current NONE = Current.unknown();

    final List<Statement> said = new ArrayList<>();

    void say(Topic topic, String value, long atMillis) {
        said.add(new Statement(new UUID(9, said.size()), topic, value, "", atMillis));
    }

    CaseRecord evidence(Reading... readings) {
        return CaseRecord.of(
                        CAR, 20, Stream.of(readings).map(RecordedReading::of).toList(), List.of(), List.of())
                .with(Statements.of(said));
    }
}
