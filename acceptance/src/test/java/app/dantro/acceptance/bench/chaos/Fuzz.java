package app.dantro.acceptance.bench.chaos;

import app.dantro.acceptance.bench.chaos.Client.Reply;
import app.dantro.acceptance.bench.chaos.Doors.Door;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.net.URLEncoder;
import java.net.http.HttpTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;

/** Every published door with every field made hostile in turn: each answer is one that was meant. */
final class Fuzz {
    private static final int REQUESTS_A_CASE = 200;
    private static final String READABLE =
            "{\"red\":\"post-plus\",\"black\":\"clamp-plus\",\"condition\":\"CRANKING\",\"typed\":\"0.05\",\"statistic\":\"SETTLED\",\"source\":\"TYPED\",\"by\":\"x\",\"takenAtMs\":1}";

    /** Raw JSON, as somebody or something might send it. */
    private static final List<String> HOSTILE = List.of(
            "null",
            "true",
            "\"\"",
            "\" \"",
            "[]",
            "{}",
            "[null]",
            "{\"a\":{\"a\":{\"a\":null}}}",
            "0",
            "-1",
            "1e400",
            "-0.0",
            "1e-310",
            "9007199254740993",
            "-9223372036854775808",
            "9.9e99",
            "0.1e-99",
            "\"NaN\"",
            "\"Infinity\"",
            "NaN",
            "\"\\u0000\"",
            "\"\\ud800\"",
            "\"🔧⚡\"",
            "\"\\u202Eabc\"",
            "\"<script>alert(1)</script>\"",
            "\"'; DROP TABLE reading; --\"",
            "\"../../etc/passwd\"",
            "\"%s%n%x\"",
            "\"${jndi:ldap://127.0.0.1/a}\"",
            "\"00000000-0000-0000-0000-000000000000\"",
            "\"2026-13-45\"",
            "\"12,6\"",
            "\"1e5\"",
            "\"0x1F\"",
            "\"REST\"",
            "\"" + "a".repeat(9000) + "\"",
            "[" + "[".repeat(200) + "]".repeat(200) + "]");

    private final Client client;
    private final Random dice;
    private final List<Door> doors;
    private final List<String> troubles = new ArrayList<>();
    private String path;

    Fuzz(Client client, long seed) throws IOException, InterruptedException {
        this.client = client;
        this.dice = new Random(seed);
        this.doors = Doors.of(client.get("/api/openapi").body()).stream()
                .filter(d -> !d.path().endsWith("/events") && !d.path().endsWith("/orders"))
                .filter(d -> !(d.path().equals("/api/backups") && d.method().equals("POST")))
                .toList();
    }

    /**
     * What came of it.
     *
     * @param troubles the first answers of 500 and more, without an answer, or a refusal that is no problem document
     */
    record Came(int requests, int taken, int refused, int failed, int hung, int plain, List<String> troubles) {}

    Came run(int requests) throws IOException, InterruptedException {
        int[] counts = new int[5];
        for (int n = 0; n < requests; n++) {
            if (n % REQUESTS_A_CASE == 0) {
                path = client.openCase("petrol-car");
                client.send("PUT", path + "/readings/" + UUID.randomUUID(), READABLE);
            }
            Door door = doors.get(dice.nextInt(doors.size()));
            String to = address(door);
            String body = door.body() == null ? door.method().equals("GET") ? null : "{}" : body(door.body());
            try {
                Reply reply = client.send(door.method(), to, body);
                counts[reply.status() < 400 ? 0 : reply.status() < 500 ? 1 : 2]++;
                if (reply.status() >= 500 || !reply.problem()) {
                    counts[4] += reply.problem() ? 0 : 1;
                    trouble(door, to, body, reply.status() + " " + reply.type());
                }
            } catch (HttpTimeoutException hung) {
                counts[3]++;
                trouble(door, to, body, "no answer");
            }
        }
        return new Came(requests, counts[0], counts[1], counts[2], counts[3], counts[4], List.copyOf(troubles));
    }

    private void trouble(Door door, String to, String body, String what) {
        if (troubles.size() < 20) {
            troubles.add("%s: %s %s %s"
                    .formatted(
                            what,
                            door.method(),
                            to,
                            body == null ? "" : body.substring(0, Math.min(300, body.length()))));
        }
    }

    /** The door's own case most of the time; other ids are new, and what stands behind the question mark is hostile. */
    private String address(Door door) {
        String caseId = path.substring(path.lastIndexOf('/') + 1);
        String to = door.path().replace("{caseId}", dice.nextInt(10) > 0 ? caseId : hostileText());
        to = to.replace("{version}", Integer.toString(dice.nextInt(4))).replace("{screen}", "s" + dice.nextInt(5));
        while (to.contains("{")) {
            to = to.replaceFirst(
                    "\\{[^}]*}", dice.nextInt(10) > 0 ? UUID.randomUUID().toString() : hostileText());
        }
        List<String> queries = new ArrayList<>();
        for (String query : door.queries()) {
            queries.add(query + "=" + (dice.nextBoolean() ? "post-plus" : hostileText()));
        }
        return queries.isEmpty() ? to : to + "?" + String.join("&", queries);
    }

    private String hostileText() {
        String raw = HOSTILE.get(dice.nextInt(HOSTILE.size() - 2));
        return URLEncoder.encode(raw, StandardCharsets.UTF_8).replace("+", "%20");
    }

    /** A plain body with one field made hostile, twice there, unknown or cut off. */
    private String body(JsonNode plain) {
        String hostile = HOSTILE.get(dice.nextInt(HOSTILE.size()));
        if (!(plain instanceof ObjectNode object) || object.isEmpty()) {
            return hostile;
        }
        List<String> fields = new ArrayList<>();
        object.fieldNames().forEachRemaining(fields::add);
        String field = fields.get(dice.nextInt(fields.size()));
        List<String> parts = new ArrayList<>();
        for (String name : fields) {
            parts.add("\"%s\":%s".formatted(name, name.equals(field) ? hostile : object.get(name)));
        }
        return switch (dice.nextInt(12)) {
            case 0 -> hostile;
            case 1 -> "{" + String.join(",", parts) + ",\"" + field + "\":1}";
            case 2 -> "{" + String.join(",", parts) + ",\"unknown\":" + hostile + "}";
            case 3 -> "{" + String.join(",", parts).substring(0, 5);
            case 4 -> object.toString();
            case 5 -> "{" + String.join(",", parts) + ",\"x\":\"" + "y".repeat(70_000) + "\"}";
            default -> "{" + String.join(",", parts) + "}";
        };
    }
}
