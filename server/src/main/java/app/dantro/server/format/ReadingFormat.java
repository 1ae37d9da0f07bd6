package app.dantro.server.format;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.MeterRange;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.record.RecordedReading;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** Readings out of a case file and back. */
final class ReadingFormat {
    private ReadingFormat() {}

    private static final String[] READING_FIELDS = {
        "id",
        "red",
        "black",
        "condition",
        "typed",
        "statistic",
        "amps",
        "amps_known_by",
        "amps_in",
        "range",
        "called",
        "taken_at_ms",
        "question"
    };

    static List<RecordedReading> read(JsonFields file, Circuit circuit, EntryIds ids) {
        List<RecordedReading> readings = new ArrayList<>();
        Set<UUID> seen = new HashSet<>();
        for (JsonFields json : file.objects("readings")) {
            Reading reading = reading(json, circuit, ids, readings.size());
            if (!seen.add(reading.id())) {
                throw new BadFile(json.path("id"), "Two readings have the id (%s).".formatted(reading.id()));
            }
            readings.add(json.optionalObject("question")
                    .map(QuestionFormat::read)
                    .map(q -> new RecordedReading(reading, Optional.of(q.slip()), q.answer(), false))
                    .orElseGet(() -> RecordedReading.of(reading)));
        }
        return readings;
    }

    private static Reading reading(JsonFields json, Circuit circuit, EntryIds ids, int position) {
        json.knows(READING_FIELDS);
        UUID id = ids.of(json, "reading", position);
        PointId red = point(json, "red", circuit);
        PointId black = point(json, "black", circuit);
        String conditionKey = json.text("condition");
        Condition condition = Arrays.stream(Condition.values())
                .filter(c -> c.key().equals(conditionKey))
                .findFirst()
                .orElseThrow(() ->
                        new BadFile(json.path("condition"), "There is no condition (%s).".formatted(conditionKey)));
        Current current = json.optionalNumber("amps")
                .map(a -> json.checked(() -> (Current) new Current.Measured(
                        a, json.choice("amps_known_by", Current.How.class, Current.How.CLAMP), ampsIn(json, circuit))))
                .orElseGet(Current::unknown);
        Optional<MeterRange> range =
                json.has("range") ? Optional.of(json.choice("range", MeterRange.class, null)) : Optional.empty();
        Reading reading = json.checked(() -> new Reading(
                id,
                red,
                black,
                condition,
                TypedVolts.parse(json.text("typed")),
                json.choice("statistic", Statistic.class, Statistic.SETTLED),
                current,
                range,
                json.flag("called"),
                json.optionalNumber("taken_at_ms").orElse((double) position).longValue()));
        json.done();
        return reading;
    }

    private static Optional<PartId> ampsIn(JsonFields json, Circuit circuit) {
        if (!json.has("amps_in")) {
            return Optional.empty();
        }
        PartId id = JsonIds.partId(json, "amps_in");
        if (circuit.part(id).filter(Ammeter::fits).isEmpty()) {
            throw new BadFile(json.path("amps_in"), "The circuit has no cable or strap (%s).".formatted(id));
        }
        return Optional.of(id);
    }

    static ObjectNode write(RecordedReading recorded) {
        ObjectNode json = write(recorded.reading());
        recorded.slip().ifPresent(slip -> json.set("question", QuestionFormat.write(slip, recorded.answer())));
        return json;
    }

    private static ObjectNode write(Reading reading) {
        ObjectNode json = JsonFields.MAPPER
                .createObjectNode()
                .put("id", reading.id().toString())
                .put("red", reading.red().value())
                .put("black", reading.black().value())
                .put("condition", reading.condition().key())
                .put("typed", reading.typed().text())
                .put("statistic", JsonFields.key(reading.statistic()));
        if (reading.current() instanceof Current.Measured measured) {
            json.put("amps", measured.amps()).put("amps_known_by", JsonFields.key(measured.how()));
            measured.in().ifPresent(part -> json.put("amps_in", part.value()));
        }
        reading.range().ifPresent(r -> json.put("range", JsonFields.key(r)));
        if (reading.called()) {
            json.put("called", true);
        }
        return json.put("taken_at_ms", reading.takenAtMillis());
    }

    private static PointId point(JsonFields json, String field, Circuit circuit) {
        PointId id = JsonIds.pointId(json, field);
        if (circuit.point(id).isEmpty()) {
            throw new BadFile(json.path(field), "The circuit has no probe point (%s).".formatted(id));
        }
        return id;
    }
}
