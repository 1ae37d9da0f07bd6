package app.dantro.acceptance.bench;

import app.dantro.acceptance.Workshop;
import app.dantro.acceptance.bench.Bench.Figure;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;

/** The budgets of the first slice: save a reading, start, first view. */
final class SliceBench implements Bench.Benchmark {
    private static final int WARM_UP = 25;
    private static final int CASES = 40;
    private static final List<String> READINGS = List.of(
            "post-plus post-minus REST 12.61",
            "post-plus post-minus CRANKING 11.02",
            "starter-case post-minus CRANKING 0.62",
            "block post-minus CRANKING 0.58",
            "ground-cable-battery post-minus CRANKING 0.02",
            "post-plus motor-stud CRANKING 0.39",
            "body post-minus CRANKING 0.06",
            "strap-body body CRANKING 0.49");
    private static final double BUDGET_ANSWER_MILLIS = 40;
    private static final int DEMO_CASES = 6;
    private static final double BUDGET_KILOBYTES = 150;

    @Override
    public List<Figure> run() throws Exception {
        Path root = Path.of(System.getProperty("dantro.root"));
        List<Figure> figures = new ArrayList<>();
        try (Workshop workshop = Workshop.open(Files.createTempDirectory("dantro-bench"))) {
            figures.add(saves(workshop.base()));
            figures.add(firstView(workshop));
        }
        figures.addAll(new StartTimes(root).run());
        return figures;
    }

    /**
     * From the request to the last byte of the answer, with standing and next probe in it, on cases that grow to eight
     * readings of a van with a bad strap end; the circuit is prepared before.
     */
    private static Figure saves(String base) throws Exception {
        HttpClient http = HttpClient.newHttpClient();
        List<Double> millis = new ArrayList<>();
        for (int i = 0; i < WARM_UP + CASES; i++) {
            String path = "/api/cases/" + UUID.randomUUID();
            put(http, base + path, """
                    {"vehicle":"Bench","complaint":"slow","circuit":"petrol-body-return","concern":"STARTING","celsius":20,"by":"b","openedAtMs":1}
                    """);
            for (int n = 0; n < READINGS.size(); n++) {
                String[] field = READINGS.get(n).split(" ");
                String amps = field[2].equals("REST") ? "" : "\"amps\":236,";
                long from = System.nanoTime();
                put(http, base + path + "/readings/" + UUID.randomUUID(), """
                        {"red":"%s","black":"%s","condition":"%s","typed":"%s",%s
                         "statistic":"SETTLED","source":"TYPED","by":"b","takenAtMs":%d}
                        """.formatted(
                                field[0], field[1], field[2], field[3], amps, n));
                if (i >= WARM_UP) {
                    millis.add((System.nanoTime() - from) / 1e6);
                }
            }
        }
        return Figure.of("reading saved, judged, next probe answered", "ms", millis, BUDGET_ANSWER_MILLIS);
    }

    private static void put(HttpClient http, String url, String body) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url))
                .header("Content-Type", "application/json")
                .header("Origin", url.replaceAll("/api.*", ""))
                .PUT(HttpRequest.BodyPublishers.ofString(body))
                .build();
        HttpResponse<String> response = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() != 201) {
            throw new IllegalStateException(response.body());
        }
    }

    /**
     * Bytes on the wire until the Bay stands with the demo's cases: page, program, styles, fonts and data, in a browser that
     * keeps nothing and has no worker. Counted by the browser's network, and against what the page itself says it fetched.
     */
    private static Figure firstView(Workshop workshop) {
        Page page = workshop.empty();
        AtomicLong bytes = new AtomicLong();
        CDPSession session = page.context().newCDPSession(page);
        session.send("Network.enable");
        com.google.gson.JsonObject off = new com.google.gson.JsonObject();
        off.addProperty("cacheDisabled", true);
        session.send("Network.setCacheDisabled", off);
        session.on(
                "Network.loadingFinished",
                event -> bytes.addAndGet(event.get("encodedDataLength").getAsLong()));
        // The demo's cases are there first: what the page fetches ahead once it is quiet is not its first view.
        page.waitForCondition(() -> {
            String all = page.request().get(workshop.base() + "/api/cases").text();
            return all.split("\"vehicle\"", -1).length > DEMO_CASES;
        });
        page.navigate(workshop.base());
        page.waitForSelector("a.tile");
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        long said = ((Number) page.evaluate("""
                () => performance.getEntriesByType('resource').concat(performance.getEntriesByType('navigation'))
                    .reduce((sum, e) => sum + e.encodedBodySize, 0)""")).longValue();
        if (bytes.get() < said) {
            throw new IllegalStateException(
                    "Counted %d bytes of the %d that the page fetched".formatted(bytes.get(), said));
        }
        return Figure.of("first view, transferred", "kB", List.of(bytes.get() / 1000.0), BUDGET_KILOBYTES);
    }
}
