package app.dantro.server.format;

import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Experience;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;

/** What a shop's own repairs said of a case, as it is kept with the case. */
public final class ExperienceFormat {
    private static final String ALIKE = "alike";
    private static final String OTHERS = "others";

    private ExperienceFormat() {}

    public static String text(Experience experience) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        json.set(ALIKE, write(experience.alike()));
        json.set(OTHERS, write(experience.others()));
        return json.toString();
    }

    /** The same back. */
    public static Experience parse(String text) {
        JsonFields json = JsonFields.of(JsonFields.tree(text), "$");
        json.knows(ALIKE, OTHERS);
        Experience read = new Experience(repairs(json, ALIKE), repairs(json, OTHERS));
        json.done();
        return read;
    }

    private static ObjectNode write(Map<PartId, Integer> repairs) {
        Map<String, Integer> sorted = new TreeMap<>();
        repairs.forEach((part, count) -> sorted.put(part.value(), count));
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        sorted.forEach(json::put);
        return json;
    }

    private static Map<PartId, Integer> repairs(JsonFields all, String field) {
        Map<PartId, Integer> repairs = new HashMap<>();
        all.optionalObject(field).ifPresent(json -> {
            for (String part : json.names()) {
                repairs.put(PartId.of(part), (int) json.number(part));
            }
        });
        return repairs;
    }
}
