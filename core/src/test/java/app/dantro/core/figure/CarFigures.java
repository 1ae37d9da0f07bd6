package app.dantro.core.figure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** Figures typed on a car. */
abstract class CarFigures {
    static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();

    final List<Statement> said = new ArrayList<>();

    final List<RecordedReading> read = new ArrayList<>();

    void say(Topic topic, String value) {
        said.add(new Statement(new UUID(3, said.size()), topic, value, "", 1_000));
    }

    void read(String red, String black, Condition condition, String typed, Double amps) {
        Current current = amps == null ? Current.unknown() : Current.of(amps, Current.How.CLAMP);
        Reading reading = SampleReadings.of(red, black, condition, typed, current);
        read.add(RecordedReading.of(reading));
    }

    FigureVerdict verdict(String what) {
        CaseRecord evidence = CaseRecord.of(CAR, 25, read, List.of(), List.of()).with(Statements.of(said));
        return Figures.of(evidence).stream()
                .filter(v -> v.what().words().startsWith(what))
                .findFirst()
                .orElseThrow();
    }
}
