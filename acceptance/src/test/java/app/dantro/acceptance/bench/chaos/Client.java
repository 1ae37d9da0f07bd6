package app.dantro.acceptance.bench.chaos;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;

/** Speaks to a program on this machine as its own page does. */
final class Client {
    private static final Duration HUNG = Duration.ofSeconds(20);

    private final HttpClient http = HttpClient.newHttpClient();
    private final String base;

    Client(int port) {
        this.base = "http://127.0.0.1:" + port;
    }

    /** An answer, with the time it took in ms. */
    record Reply(int status, String type, String body, double millis) {
        boolean problem() {
            return status < 400 || type.startsWith("application/problem+json");
        }
    }

    /** @throws java.net.http.HttpTimeoutException if nothing comes within twenty seconds */
    Reply send(String method, String path, String body) throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                .timeout(HUNG)
                .header("Content-Type", "application/json")
                .header("Origin", base)
                .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
        long from = System.nanoTime();
        HttpResponse<String> got = http.send(request.build(), BodyHandlers.ofString());
        return new Reply(
                got.statusCode(),
                got.headers().firstValue("Content-Type").orElse(""),
                got.body(),
                (System.nanoTime() - from) / 1e6);
    }

    /** @param changed is told what the line says of each change: by which entry, if it was one */
    void follow(String path, Consumer<String> changed) {
        HttpRequest request =
                HttpRequest.newBuilder(URI.create(base + path + "/events")).build();
        AtomicBoolean next = new AtomicBoolean();
        http.sendAsync(request, BodyHandlers.ofLines())
                .thenAccept(line -> line.body().forEach(l -> {
                    if (l.startsWith("data:") && next.getAndSet(false)) {
                        changed.accept(l);
                    }
                    next.set(next.get() || l.equals("event:changed"));
                }));
    }

    Reply get(String path) throws IOException, InterruptedException {
        return send("GET", path, null);
    }

    /** Opens a case at 20 °C and gives its address. */
    String openCase(String circuit) throws IOException, InterruptedException {
        return openCase(circuit, 20);
    }

    /** Opens a case and gives its address. */
    String openCase(String circuit, int celsius) throws IOException, InterruptedException {
        String path = "/api/cases/" + UUID.randomUUID();
        Reply opened = send(
                "PUT",
                path,
                "{\"vehicle\":\"Trial\",\"complaint\":\"cranks slowly\",\"circuit\":\"%s\",\"concern\":\"STARTING\",\"celsius\":%d,\"by\":\"trial\",\"openedAtMs\":1}"
                        .formatted(circuit, celsius));
        if (opened.status() >= 300) {
            throw new IOException("No case could be opened: " + opened.body());
        }
        return path;
    }

    /** A base voltage, as it is typed. */
    static String base(String typed, long atMillis) {
        return reading("post-plus", "post-minus", "REST", typed, atMillis);
    }

    /** A reading, as it is typed. */
    static String reading(String red, String black, String condition, String typed, long atMillis) {
        return "{\"red\":\"%s\",\"black\":\"%s\",\"condition\":\"%s\",\"typed\":\"%s\",\"statistic\":\"SETTLED\",\"source\":\"TYPED\",\"by\":\"trial\",\"takenAtMs\":%d}"
                .formatted(red, black, condition, typed, atMillis);
    }
}
