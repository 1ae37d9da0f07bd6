package app.dantro.server.format;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartId;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** The parts of a case file that tell of repairs, tests and statements (docs/formats/case-v1.md). */
final class HappenedFormat {
    /** What several batteries together are called. */
    private static final PartId BATTERIES = PartId.of("battery");

    private HappenedFormat() {}

    static Happened read(JsonFields file, Circuit circuit, EntryIds ids) {
        List<Repair> repairs = new ArrayList<>();
        for (JsonFields json : file.objects("repairs")) {
            repairs.add(repair(json, circuit, ids, repairs.size()));
        }
        List<ComplaintTest> tests = new ArrayList<>();
        for (JsonFields json : file.objects("tests")) {
            json.knows("id", "passed", "note", "done_at_ms");
            tests.add(new ComplaintTest(
                    ids.of(json, "test", tests.size()),
                    json.flag("passed"),
                    json.optionalText("note").orElse(""),
                    (long) json.number("done_at_ms")));
            json.done();
        }
        List<Statement> statements = new ArrayList<>();
        for (JsonFields json : file.objects("statements")) {
            json.knows("id", "topic", "value", "note", "said_at_ms");
            UUID id = ids.of(json, "statement", statements.size());
            Topic topic = json.choice("topic", Topic.class, null);
            statements.add(json.checked(() -> new Statement(
                    id,
                    topic,
                    json.text("value"),
                    json.optionalText("note").orElse(""),
                    json.optionalNumber("said_at_ms").orElse(0.0).longValue())));
            json.done();
        }
        return new Happened(repairs, tests, statements);
    }

    private static Repair repair(JsonFields json, Circuit circuit, EntryIds ids, int position) {
        json.knows("id", "part", "action", "note", "done_at_ms");
        PartId part = JsonIds.partId(json, "part");
        if (circuit.nameOf(part).isEmpty() && !part.equals(BATTERIES)) {
            throw new BadFile(json.path("part"), "The circuit has no part (%s).".formatted(part));
        }
        Repair repair = new Repair(
                ids.of(json, "repair", position),
                part,
                json.choice("action", Repair.Action.class, Repair.Action.REPLACED),
                json.optionalText("note").orElse(""),
                (long) json.number("done_at_ms"));
        json.done();
        return repair;
    }

    static void write(Happened happened, ObjectNode into) {
        ArrayNode repairs = into.putArray("repairs");
        for (Repair r : happened.repairs()) {
            repairs.addObject()
                    .put("id", r.id().toString())
                    .put("part", r.part().value())
                    .put("action", JsonFields.key(r.action()))
                    .put("note", r.note())
                    .put("done_at_ms", r.doneAtMillis());
        }
        ArrayNode tests = into.putArray("tests");
        for (ComplaintTest t : happened.tests()) {
            tests.addObject()
                    .put("id", t.id().toString())
                    .put("passed", t.passed())
                    .put("note", t.note())
                    .put("done_at_ms", t.doneAtMillis());
        }
        ArrayNode statements = into.putArray("statements");
        for (Statement s : happened.statements()) {
            statements
                    .addObject()
                    .put("id", s.id().toString())
                    .put("topic", JsonFields.key(s.topic()))
                    .put("value", s.value())
                    .put("note", s.note())
                    .put("said_at_ms", s.saidAtMillis());
        }
    }
}
