package app.dantro.server.format;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.cfg.JsonNodeFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** One JSON object being read: every field is asked for by name, and what nobody asked for is refused at the end. */
final class JsonFields {
    static final ObjectMapper MAPPER = JsonMapper.builder()
            .enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .build();
    private static final String EXTENSIONS = "extensions";
    /** Names that are this near are taken for each other. */
    private static final LevenshteinDistance TYPED_WRONG = new LevenshteinDistance(2);

    private final JsonNode object;
    private final String path;
    private final Set<String> asked = new TreeSet<>(Set.of(EXTENSIONS));

    private JsonFields(JsonNode object, String path) {
        if (!object.isObject()) {
            throw new BadFile(path, "This must be an object, but is %s.".formatted(kind(object)));
        }
        this.object = object;
        this.path = path;
    }

    /** Reads a whole text. */
    static JsonNode tree(String json) {
        try {
            return MAPPER.readTree(json);
        } catch (JsonProcessingException e) {
            String where = e.getLocation() == null
                    ? "$"
                    : "line %s, column %s"
                            .formatted(
                                    e.getLocation().getLineNr(), e.getLocation().getColumnNr());
            throw new BadFile(where, "This is not JSON: %s.".formatted(e.getOriginalMessage()));
        }
    }

    static JsonFields of(JsonNode object, String path) {
        return new JsonFields(object, path);
    }

    /** Refuses at once every field but these, so that a misspelt one is named before a missing one is. */
    JsonFields knows(String... fields) {
        asked.addAll(List.of(fields));
        done();
        return this;
    }

    String path(String field) {
        return path + "." + field;
    }

    boolean has(String field) {
        asked.add(field);
        return object.hasNonNull(field);
    }

    Optional<JsonNode> node(String field) {
        return has(field) ? Optional.of(object.get(field)) : Optional.empty();
    }

    Optional<String> optionalText(String field) {
        return node(field).map(n -> {
            if (!n.isTextual()) {
                throw new BadFile(path(field), "This must be text in quotes, but is %s.".formatted(kind(n)));
            }
            return n.textValue();
        });
    }

    String text(String field) {
        return optionalText(field).orElseThrow(() -> missing(field, "text"));
    }

    Optional<Double> optionalNumber(String field) {
        return node(field).map(n -> number(n, path(field)));
    }

    double number(String field) {
        return optionalNumber(field).orElseThrow(() -> missing(field, "a number"));
    }

    boolean flag(String field) {
        return node(field)
                .map(n -> {
                    if (!n.isBoolean()) {
                        throw new BadFile(path(field), "This must be true or false, but is %s.".formatted(kind(n)));
                    }
                    return n.booleanValue();
                })
                .orElse(false);
    }

    Optional<JsonFields> optionalObject(String field) {
        return node(field).map(n -> new JsonFields(n, path(field)));
    }

    /** One of a closed list of words, or the usual one if the field is not there. */
    <E extends Enum<E>> E choice(String field, Class<E> type, E usual) {
        return optionalText(field).map(text -> choice(path(field), text, type)).orElse(usual);
    }

    /** One of a closed list of words. */
    static <E extends Enum<E>> E choice(String path, String text, Class<E> type) {
        List<E> all = List.of(type.getEnumConstants());
        return all.stream()
                .filter(e -> key(e).equals(text))
                .findFirst()
                .orElseThrow(() -> new BadFile(
                        path,
                        "There is no (%s) here. There are: %s."
                                .formatted(
                                        text, all.stream().map(JsonFields::key).collect(Collectors.joining(", ")))));
    }

    /** A closed choice as files write it. */
    static String key(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    /** The elements of a list, with their paths; none if the field is not there. */
    Map<String, JsonNode> list(String field) {
        Map<String, JsonNode> elements = new LinkedHashMap<>();
        node(field).ifPresent(n -> {
            if (!n.isArray()) {
                throw new BadFile(path(field), "This must be a list, but is %s.".formatted(kind(n)));
            }
            for (int i = 0; i < n.size(); i++) {
                elements.put("%s[%s]".formatted(path(field), i), n.get(i));
            }
        });
        return elements;
    }

    List<JsonFields> objects(String field) {
        List<JsonFields> objects = new ArrayList<>();
        list(field).forEach((at, node) -> objects.add(new JsonFields(node, at)));
        return objects;
    }

    /** Field names of this object that were not asked for yet, {@code extensions} left out. */
    List<String> names() {
        List<String> names = new ArrayList<>();
        object.fieldNames().forEachRemaining(names::add);
        names.removeAll(asked);
        return names;
    }

    ObjectNode copy() {
        return object.deepCopy();
    }

    /** Refuses fields that nobody asked for. */
    void done() {
        for (Iterator<String> names = object.fieldNames(); names.hasNext(); ) {
            String name = names.next();
            if (!asked.contains(name)) {
                throw new BadFile(
                        path(name),
                        "There is no field (%s) here.%s Data of your own belongs under \"extensions\"."
                                .formatted(name, suggestion(name)));
            }
        }
        optionalObject(EXTENSIONS);
    }

    /** Runs a constructor of the domain; its refusal gets this object's path. */
    <T> T checked(Supplier<T> make) {
        try {
            return make.get();
        } catch (IllegalArgumentException e) {
            throw new BadFile(path, e.getMessage());
        }
    }

    private String suggestion(String name) {
        return asked.stream()
                .filter(known -> !known.equals(EXTENSIONS))
                .filter(known -> TYPED_WRONG.apply(name, known) >= 0 || known.startsWith(name + "_"))
                .findFirst()
                .map(known -> " Maybe %s?".formatted(known))
                .orElse(" It knows: %s."
                        .formatted(String.join(
                                ", ",
                                asked.stream()
                                        .filter(k -> !k.equals(EXTENSIONS))
                                        .toList())));
    }

    private BadFile missing(String field, String what) {
        return new BadFile(path(field), "This field is missing; it must be %s.".formatted(what));
    }

    static double number(JsonNode node, String path) {
        if (!node.isNumber()) {
            throw new BadFile(path, "This must be a number, but is %s.".formatted(kind(node)));
        }
        double value = node.doubleValue();
        if (!Double.isFinite(value)) {
            throw new BadFile(path, "The number (%s) is too large.".formatted(node.asText()));
        }
        return value;
    }

    private static String kind(JsonNode node) {
        return switch (node.getNodeType()) {
            case OBJECT -> "an object";
            case ARRAY -> "a list";
            case STRING -> "the text (%s)".formatted(node.textValue());
            case NUMBER -> "the number (%s)".formatted(node.asText());
            case BOOLEAN -> node.asText();
            default -> "empty";
        };
    }
}
