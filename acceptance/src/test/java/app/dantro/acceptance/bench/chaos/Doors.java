package app.dantro.acceptance.bench.chaos;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The doors that the program publishes, each with a body that it takes. */
final class Doors {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int DEEPEST = 6;

    private final JsonNode schemas;
    private final List<Door> all = new ArrayList<>();

    /**
     * One of them.
     *
     * @param body a plain one; null where none is taken
     * @param queries the names behind the question mark
     */
    record Door(String method, String path, JsonNode body, List<String> queries) {}

    private Doors(JsonNode document) {
        this.schemas = document.at("/components/schemas");
        for (Map.Entry<String, JsonNode> path : document.get("paths").properties()) {
            for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
                all.add(door(path.getKey(), method.getKey(), method.getValue()));
            }
        }
    }

    static List<Door> of(String openApi) throws IOException {
        return new Doors(JSON.readTree(openApi)).all;
    }

    private Door door(String path, String method, JsonNode described) {
        List<String> queries = new ArrayList<>();
        for (JsonNode parameter : described.path("parameters")) {
            if (parameter.path("in").asText().equals("query")) {
                queries.add(parameter.path("name").asText());
            }
        }
        JsonNode schema = described.at("/requestBody/content/application~1json/schema");
        return new Door(method.toUpperCase(), path, schema.isMissingNode() ? null : example(schema, 0), queries);
    }

    /** A value that fits a schema, every field of an object filled. */
    private JsonNode example(JsonNode schema, int depth) {
        if (schema.has("$ref")) {
            String name = schema.get("$ref").asText();
            return example(schemas.get(name.substring(name.lastIndexOf('/') + 1)), depth);
        }
        if (schema.has("enum")) {
            return schema.get("enum").get(0);
        }
        return switch (schema.path("type").asText()) {
            case "object" -> object(schema, depth);
            case "array" -> array(schema, depth);
            case "integer", "number" ->
                JSON.getNodeFactory()
                        .numberNode(Math.max(1, schema.path("minimum").asInt(1)));
            case "boolean" -> JSON.getNodeFactory().booleanNode(true);
            default ->
                JSON.getNodeFactory()
                        .textNode(
                                schema.path("format").asText().equals("uuid")
                                        ? "00000000-0000-4000-8000-000000000001"
                                        : "12.6");
        };
    }

    private ArrayNode array(JsonNode schema, int depth) {
        ArrayNode array = JSON.createArrayNode();
        if (depth < DEEPEST) {
            array.add(example(schema.path("items"), depth + 1));
        }
        return array;
    }

    private ObjectNode object(JsonNode schema, int depth) {
        ObjectNode object = JSON.createObjectNode();
        if (depth < DEEPEST) {
            schema.path("properties")
                    .properties()
                    .forEach(p -> object.set(p.getKey(), example(p.getValue(), depth + 1)));
        }
        return object;
    }
}
