package app.dantro.acceptance.bench.chaos;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;

/** The program is killed at random moments while three technicians write; what it acknowledged has to be there afterwards. */
final class Kills {
    private static final int WRITERS = 3;
    private static final int LONGEST_MILLIS = 1500;
    private static final ObjectMapper JSON = new ObjectMapper();

    private final Path folder;
    private final Random dice;
    private final Map<String, String> cases = new HashMap<>();
    /** What was acknowledged: the text by the reading's address. */
    private final Map<String, String> acknowledged = new ConcurrentHashMap<>();

    Kills(Path folder, long seed) {
        this.folder = folder;
        this.dice = new Random(seed);
    }

    /** What came of it. */
    record Came(int kills, int acknowledged, int lost, int changed, int refusedStarts) {}

    Came run(int rounds) throws IOException, InterruptedException {
        int refused = 0;
        for (int round = 0; round < rounds; round++) {
            try (Killable program = Killable.start(folder).ready()) {
                writeUntilKilled(program);
            } catch (IOException notStarted) {
                refused++;
            }
        }
        try (Killable program = Killable.start(folder).ready()) {
            Map<String, String> there = there(program.client());
            int lost = (int) acknowledged.keySet().stream()
                    .filter(r -> !there.containsKey(r))
                    .count();
            int changed = (int) acknowledged.entrySet().stream()
                    .filter(r -> there.containsKey(r.getKey())
                            && !there.get(r.getKey()).equals(r.getValue()))
                    .count();
            return new Came(rounds - refused, acknowledged.size(), lost, changed, refused);
        }
    }

    private void writeUntilKilled(Killable program) throws IOException, InterruptedException {
        Client client = program.client();
        String path = client.openCase("petrol-car");
        cases.put(path, path);
        List<Thread> writers = new ArrayList<>();
        for (int w = 0; w < WRITERS; w++) {
            int number = w;
            Thread writer = new Thread(() -> write(client, path, number));
            writer.start();
            writers.add(writer);
        }
        Thread.sleep(dice.nextInt(LONGEST_MILLIS));
        program.kill();
        for (Thread writer : writers) {
            writer.join();
        }
    }

    private void write(Client client, String path, int writer) {
        try {
            for (int n = 0; ; n++) {
                String reading = path + "/readings/" + UUID.randomUUID();
                String typed = "12.%d%02d".formatted(writer + 3, n % 100);
                if (client.send("PUT", reading, Client.base(typed, n + 1)).status() == 201) {
                    acknowledged.put(reading, typed);
                }
            }
        } catch (IOException killed) {
            return;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private Map<String, String> there(Client client) throws IOException, InterruptedException {
        Map<String, String> all = new HashMap<>();
        for (String path : cases.keySet()) {
            JsonNode view = JSON.readTree(client.get(path).body());
            for (JsonNode reading : view.path("readings")) {
                all.put(
                        path + "/readings/" + reading.path("id").asText(),
                        reading.path("typed").asText());
            }
        }
        return all;
    }
}
