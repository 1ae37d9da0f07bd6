package app.dantro.server.format;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A circuit in a case file: a ready-made one with changes, or all of it spelled out. */
public final class CircuitFormat {

    private CircuitFormat() {}

    /**
     * Reads the circuit object of a case file, as text.
     *
     * @throws BadFile with the path of what is wrong
     */
    public static Circuit parse(String json) {
        return parse(JsonFields.of(JsonFields.tree(json), "$"));
    }

    static Circuit parse(JsonFields json) {
        return json.has("ready_made") ? changed(json) : CircuitReader.spelledOut(json);
    }

    /** The circuit object that names a ready-made circuit as it is. */
    public static String readyMade(String id) {
        return JsonFields.MAPPER.createObjectNode().put("ready_made", id).toString();
    }

    private static Circuit changed(JsonFields json) {
        String id = json.text("ready_made");
        Circuit base = ReadyMadeCircuits.named(id)
                .orElseThrow(() -> new BadFile(
                        json.path("ready_made"),
                        "There is no ready-made circuit (%s). There are: %s."
                                .formatted(id, String.join(", ", names()))));
        String title = json.optionalText("title").orElse(base.title());
        Optional<JsonFields> changes = json.optionalObject("changes");
        json.done();
        return changes.map(c -> CircuitChanges.apply(base, title, c))
                .orElseGet(() -> new Circuit(
                        base.id(),
                        title,
                        base.systemVolts(),
                        base.plusPost(),
                        base.minusPost(),
                        base.points(),
                        base.parts(),
                        base.devices()));
    }

    private static List<String> names() {
        List<String> names = new ArrayList<>(ReadyMadeCircuits.titles().keySet());
        names.addAll(ReadyMadeCircuits.references());
        return names;
    }

    /** The whole circuit, spelled out. */
    static ObjectNode write(Circuit circuit) {
        return CircuitWriter.write(circuit);
    }

    /**
     * The circuit object of a case after an edit: the ready-made circuit it began with, and every difference from it.
     *
     * @param before the circuit object as it was, with its extensions
     */
    public static String withChanges(String before, Circuit edited) {
        return CircuitChanges.withChanges(before, edited);
    }
}
