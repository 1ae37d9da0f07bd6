package app.dantro.server;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.context.ConfigurableApplicationContext;

/** A real server on a free port with a folder of its own, spoken to over real HTTP. */
public final class RunningServer implements AutoCloseable {
    private static final ObjectMapper JSON = new ObjectMapper();
    /** How long a save waits for its judgement; in tests as long as the machine takes. */
    public static final String WAIT = "--dantro.judgement.wait-ms=";

    private static long clock = 1_780_000_000_000L;
    private final HttpClient http = HttpClient.newHttpClient();
    private final ConfigurableApplicationContext context;

    private RunningServer(ConfigurableApplicationContext context) {
        this.context = context;
    }

    public static RunningServer on(Path folder, String... more) {
        List<String> args = new ArrayList<>(List.of("--dantro.data=" + folder, "--server.port=0"));
        args.addAll(List.of(more));
        args.add("--dantro.lines.wait-ms=60000");
        if (args.stream().noneMatch(arg -> arg.startsWith(WAIT))) args.add(WAIT + "60000");
        return new RunningServer(DantroServer.start(args.toArray(String[]::new)));
    }

    public int port() {
        return DantroServer.port(context);
    }

    public String base() {
        return "http://127.0.0.1:" + port();
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    /** Status and body of an answer. */
    public record Answer(int status, JsonNode body, HttpResponse<String> raw) {
        public String text(String field) {
            return body.path(field).asText();
        }
    }

    public Answer get(String path) throws IOException, InterruptedException {
        return send(HttpRequest.newBuilder(URI.create(base() + path)).build());
    }

    public Answer put(String path, Object body) throws IOException, InterruptedException {
        return putRaw(path, JSON.writeValueAsString(body), "application/json", base());
    }

    public Answer putRaw(String path, String body, String type, String origin)
            throws IOException, InterruptedException {
        return send(
                writing(path, type, origin).PUT(BodyPublishers.ofString(body)).build());
    }

    /** As the device whose cookie this is. */
    public Answer putAs(String token, String path, Object body) throws IOException, InterruptedException {
        return send(writing(path, "application/json", base())
                .header("Cookie", "dantro_device=" + token)
                .PUT(BodyPublishers.ofString(JSON.writeValueAsString(body)))
                .build());
    }

    public Answer post(String path, Object body) throws IOException, InterruptedException {
        return send(writing(path, "application/json", base())
                .POST(BodyPublishers.ofString(JSON.writeValueAsString(body)))
                .build());
    }

    private HttpRequest.Builder writing(String path, String type, String origin) {
        return HttpRequest.newBuilder(URI.create(base() + path))
                .header("Content-Type", type)
                .header("Origin", origin);
    }

    private Answer send(HttpRequest request) throws IOException, InterruptedException {
        HttpResponse<String> response = http.send(request, BodyHandlers.ofString());
        boolean json = response.headers().firstValue("Content-Type").orElse("").contains("json");
        return new Answer(response.statusCode(), json ? JSON.readTree(response.body()) : JSON.nullNode(), response);
    }

    /** Opens a case and gives its address. */
    public String openCase() throws IOException, InterruptedException {
        String path = "/api/cases/" + UUID.randomUUID();
        put(path, newCase());
        return path;
    }

    public static Map<String, Object> newCase() {
        Map<String, Object> body = new HashMap<>(Map.of("vehicle", "Test van", "complaint", "cranks slowly"));
        body.putAll(Map.of("circuit", "petrol-body-return", "concern", "STARTING", "celsius", 20));
        body.putAll(Map.of("by", "test", "openedAtMs", 1_779_000_000_000L));
        return body;
    }

    public static Map<String, Object> cranking(String red, String black, String typed, double amps) {
        Map<String, Object> body = reading(red, black, "CRANKING", typed);
        body.put("amps", amps);
        return body;
    }

    public static Map<String, Object> reading(String red, String black, String condition, String typed) {
        return new HashMap<>(Map.of(
                "red",
                red,
                "black",
                black,
                "condition",
                condition,
                "typed",
                typed,
                "statistic",
                "SETTLED",
                "source",
                "TYPED",
                "by",
                "test",
                "takenAtMs",
                clock++));
    }

    public static String fresh(String collection) {
        return "/" + collection + "/" + UUID.randomUUID();
    }

    @Override
    public void close() {
        context.close();
    }
}
