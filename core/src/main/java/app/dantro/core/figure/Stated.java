package app.dantro.core.figure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/** What every figure asks of a record: numbers that were stated since the last repair, and readings beside them. */
record Stated(CaseRecord record, Statements said) {
    static Stated of(CaseRecord record) {
        return new Stated(record, record.statedSinceRepair());
    }

    Circuit circuit() {
        return record.circuit();
    }

    int blocks() {
        return circuit().blocks();
    }

    /** A stated number in its topic's unit. */
    Optional<Double> figure(Topic topic) {
        OptionalDouble value = said.figure(topic);
        return value.isPresent() ? Optional.of(value.getAsDouble()) : Optional.empty();
    }

    /** A stated number with its unit, as it was typed. */
    String shown(Topic topic) {
        return topic.words(said.about(topic).orElseThrow().value());
    }

    /** Those of some topics that were stated, with their units. */
    String shown(List<Topic> topics, String separator) {
        return topics.stream()
                .flatMap(t -> said.about(t).map(s -> t.words(s.value())).stream())
                .collect(Collectors.joining(separator));
    }

    Optional<Reading> posts(Condition condition) {
        return record.posts(condition);
    }

    /** The newest current measured in any of some conditions, in amperes. */
    Optional<Double> newestAmps(List<Condition> conditions) {
        return record.counted().stream()
                .filter(r -> conditions.contains(r.condition()))
                .flatMap(r -> r.amps().stream())
                .reduce(Newest::of);
    }

    static Quantity volts(Reading reading) {
        return Quantity.volts(Math.abs(reading.volts()), reading.resolutionVolts());
    }
}
