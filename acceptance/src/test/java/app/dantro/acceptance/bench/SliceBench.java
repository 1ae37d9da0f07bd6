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
    private static final int WARM_UP = 200;
    private static final int SAVES = 600;
    private static final int READINGS_A_CASE = 15;
    private static final double BUDGET_SAVE_MILLIS = 15;
    private static final double BUDGET_KILOBYTES = 350;

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

    /** From the request to the last byte of the new findings, on cases that grow to fifteen readings. */
    private static Figure saves(String base) throws Exception {
        HttpClient http = HttpClient.newHttpClient();
        List<Double> millis = new ArrayList<>();
        String path = "";
        for (int i = 0; i < WARM_UP + SAVES; i++) {
            if (i % READINGS_A_CASE == 0) {
                path = "/api/cases/" + UUID.randomUUID();
                put(http, base + path, """
                        {"vehicle":"Bench","complaint":"slow","circuit":"petrol-body-return","concern":"STARTING","celsius":20,"by":"b","openedAtMs":1}
                        """);
            }
            long from = System.nanoTime();
            put(http, base + path + "/readings/" + UUID.randomUUID(), """
                    {"red":"starter-case","black":"post-minus","condition":"CRANKING","typed":"2.75","amps":131,
                     "ampsKnownBy":"CLAMP","statistic":"SETTLED","source":"TYPED","by":"b","takenAtMs":%d}
                    """.formatted(i));
            if (i >= WARM_UP) {
                millis.add((System.nanoTime() - from) / 1e6);
            }
        }
        return Figure.of("save a reading to new findings", "ms", millis, BUDGET_SAVE_MILLIS);
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

    /** Bytes on the wire until the Bay stands, fonts and data included. */
    private static Figure firstView(Workshop workshop) {
        Page page = workshop.desk();
        page.navigate("about:blank");
        AtomicLong bytes = new AtomicLong();
        CDPSession session = page.context().newCDPSession(page);
        session.send("Network.enable");
        com.google.gson.JsonObject off = new com.google.gson.JsonObject();
        off.addProperty("cacheDisabled", true);
        session.send("Network.setCacheDisabled", off);
        session.on(
                "Network.loadingFinished",
                event -> bytes.addAndGet(event.get("encodedDataLength").getAsLong()));
        page.navigate(workshop.base());
        page.waitForSelector("a.tile");
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        return Figure.of("first view, transferred", "kB", List.of(bytes.get() / 1000.0), BUDGET_KILOBYTES);
    }
}
