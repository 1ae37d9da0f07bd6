package app.dantro.acceptance.bench;

import app.dantro.acceptance.bench.Bench.Figure;
import app.dantro.server.DantroServer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Bay, log, vehicle page, due list and figures over a made-up workshop: {@code --vehicles N} with fifty cases each, or the one
 * that {@code --data DIR} holds already.
 */
record LogBench(String... args) implements Bench.Benchmark {
    private static final int TIMES = 15;
    private static final double MEGABYTE = 1 << 20;
    private static final ObjectMapper JSON = new ObjectMapper();

    @Override
    public List<Figure> run() throws Exception {
        List<Figure> figures = new ArrayList<>();
        Path folder = Path.of(option("--data", ""));
        if (folder.toString().isEmpty()) {
            folder = Files.createTempDirectory("dantro-log").resolve("data");
            double seconds = seconds(generated(folder));
            figures.add(Figure.of("generated", "s", List.of(seconds), Double.NaN));
        }
        figures.addAll(over(folder));
        return figures;
    }

    private Running generated(Path folder) {
        return () -> DantroServer.start(
                        "--dantro.data=" + folder,
                        "--server.port=0",
                        "--dantro.generate.vehicles=" + option("--vehicles", "40"))
                .close();
    }

    private static Running started(Path folder) {
        return () ->
                DantroServer.start("--dantro.data=" + folder, "--server.port=0").close();
    }

    private static List<Figure> over(Path folder) throws Exception {
        List<Figure> figures = new ArrayList<>();
        Path empty = Files.createTempDirectory("dantro-empty").resolve("data");
        figures.add(Figure.of("start, nothing in it", "s", List.of(seconds(started(empty))), Double.NaN));
        long began = System.nanoTime();
        try (ConfigurableApplicationContext context =
                DantroServer.start("--dantro.data=" + folder, "--server.port=0")) {
            figures.add(Figure.of("start", "s", List.of(since(began)), 5));
            Door door = new Door("http://127.0.0.1:" + DantroServer.port(context));
            figures.add(Figure.of("lines made", "s", List.of(seconds(door::settled)), Double.NaN));
            figures.add(Figure.of("all rows read, beside it", "s", List.of(seconds(door::quiet)), Double.NaN));
            figures.add(door.asked("Bay", "/api/cases", 50));
            figures.add(door.asked("log, first page", "/api/log", Double.NaN));
            figures.add(door.asked("log, a word", "/api/log?words=flatbed", Double.NaN));
            figures.add(door.asked("log, two words and a year", "/api/log?words=van%20clamp%202024", Double.NaN));
            figures.add(door.asked("log, a piece of a plate", "/api/log?words=x%201", Double.NaN));
            figures.add(door.asked("log, verified ones", "/api/log?state=VERIFIED", Double.NaN));
            figures.add(door.asked("log, what was found", "/api/log?found=joint&sort=TRUCK", Double.NaN));
            figures.add(door.asked("vehicle page", "/api/vehicles/" + door.vehicle(), 200));
            figures.add(door.asked("vehicles while typing", "/api/vehicles?name=mill", Double.NaN));
            figures.add(door.asked("due", "/api/due", Double.NaN));
            figures.add(door.asked("shop figures", "/api/figures?simulated=true", Double.NaN));
        }
        figures.add(Figure.of("size", "MB", List.of(Files.size(folder.resolve("dantro.db")) / MEGABYTE), Double.NaN));
        return figures;
    }

    /** Something that is timed. */
    private interface Running {
        void run() throws Exception;
    }

    private static double seconds(Running what) throws Exception {
        long began = System.nanoTime();
        what.run();
        return since(began);
    }

    private static double since(long began) {
        return (System.nanoTime() - began) / 1e9;
    }

    private String option(String name, String otherwise) {
        List<String> all = Arrays.asList(args);
        int at = all.indexOf(name);
        return at < 0 || at + 1 >= all.size() ? otherwise : all.get(at + 1);
    }

    /** The program as a browser asks it. */
    private record Door(String base, HttpClient client) {
        Door(String base) {
            this(base, HttpClient.newHttpClient());
        }

        private String get(String path) throws Exception {
            HttpResponse<String> answer = client.send(
                    HttpRequest.newBuilder(URI.create(base + path)).build(), HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(path + ": " + answer.statusCode() + " " + answer.body());
            }
            return answer.body();
        }

        /** Waits until every line is made. */
        void settled() throws Exception {
            while (JSON.readTree(get("/api/log")).path("settling").asBoolean()) {
                Thread.sleep(500);
            }
        }

        /** Waits until nothing is worked out or read beside the work any more. */
        void quiet() throws Exception {
            JsonNode health = JSON.readTree(get("/api/health"));
            while (health.at("/database/reading").asBoolean()
                    || health.at("/judgement/waiting").asInt() > 0) {
                Thread.sleep(500);
                health = JSON.readTree(get("/api/health"));
            }
        }

        String vehicle() throws Exception {
            JsonNode first = JSON.readTree(get("/api/log")).at("/cases/0");
            return first.path("vehicleId").asText();
        }

        Figure asked(String name, String path, double budget) throws Exception {
            List<Double> millis = new ArrayList<>();
            get(path);
            for (int i = 0; i < TIMES; i++) {
                long began = System.nanoTime();
                get(path);
                millis.add(since(began) * 1e3);
            }
            return Figure.of(name, "ms", millis, budget);
        }
    }
}
