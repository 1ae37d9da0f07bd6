package app.dantro.server.format;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.inference.CertifiedParts;
import app.dantro.core.inference.Experience;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** What a shop's own repairs and certified parts said of a case, as it is kept with the case. */
public final class ExperienceFormat {
    private static final String ALIKE = "alike";
    private static final String OTHERS = "others";
    private static final String CERTIFIED = "certified";
    private static final String TOLD = "told";
    private static final String OFF = "off";
    private static final String SQUARES = "squares";

    private ExperienceFormat() {}

    public static String text(Experience experience) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        json.set(ALIKE, write(experience.alike()));
        json.set(OTHERS, write(experience.others()));
        if (!experience.certified().isEmpty()) {
            json.set(CERTIFIED, certified(experience.certified()));
        }
        return json.toString();
    }

    /** The same back. */
    public static Experience parse(String text) {
        JsonFields json = JsonFields.of(JsonFields.tree(text), "$");
        json.knows(ALIKE, OTHERS, CERTIFIED);
        Experience read = new Experience(repairs(json, ALIKE), repairs(json, OTHERS), certified(json));
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

    private static ObjectNode certified(Map<PartKind, CertifiedParts> certified) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        new TreeMap<>(certified)
                .forEach((kind, parts) -> json.putObject(kind.name().toLowerCase(Locale.ROOT))
                        .put(TOLD, parts.told())
                        .put(OFF, parts.sum())
                        .put(SQUARES, parts.squares()));
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

    private static Map<PartKind, CertifiedParts> certified(JsonFields all) {
        Map<PartKind, CertifiedParts> certified = new EnumMap<>(PartKind.class);
        all.optionalObject(CERTIFIED).ifPresent(json -> {
            for (String kind : json.names()) {
                JsonFields parts = json.optionalObject(kind).orElseThrow();
                certified.put(
                        JsonFields.choice("$." + CERTIFIED, kind, PartKind.class),
                        new CertifiedParts(parts.number(TOLD), parts.number(OFF), parts.number(SQUARES)));
            }
        });
        return certified;
    }
}
