package app.dantro.acceptance.bench.chaos;

import app.dantro.core.kit.ReadyMadeCircuits;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;

/**
 * Many technicians, each with an event line, a case of their own and a reading every five seconds, over sixteen circuits. A
 * page that hears of a change that is not its own entry fetches the case, as the real one does.
 */
final class Load {
    private static final int EACH_MILLIS = 5000;
    private static final List<String> CIRCUITS = Stream.concat(
                    ReadyMadeCircuits.titles().keySet().stream(), ReadyMadeCircuits.references().stream())
            .limit(16)
            .toList();
    private static final List<Integer> CELSIUS = List.of(20, 5, 30);
    private static final String NOT_JUDGED = "\"preparing\":true";

    private final Killable program;
    private final int technicians;
    private final int temperatures;
    private final Times acknowledged = new Times();
    private final Times judged = new Times();
    private final AtomicInteger refused = new AtomicInteger();
    private final AtomicInteger missing = new AtomicInteger();
    private final AtomicInteger overtaken = new AtomicInteger();

    /** @param temperatures 1 … 3, over which the cases are spread */
    Load(Killable program, int technicians, int temperatures) {
        this.program = program;
        this.technicians = technicians;
        this.temperatures = temperatures;
    }

    /** Lengths of time in ms, noted by several threads. */
    private static final class Times {
        private final List<Double> millis = Collections.synchronizedList(new ArrayList<>());

        String shown() {
            List<Double> sorted = millis.stream().sorted().toList();
            return "median %.0f, p95 %.0f, p99 %.0f ms".formatted(at(sorted, 0.5), at(sorted, 0.95), at(sorted, 0.99));
        }

        private static double at(List<Double> sorted, double share) {
            return sorted.isEmpty() ? Double.NaN : sorted.get((int) Math.min(sorted.size() - 1, share * sorted.size()));
        }
    }

    /** What came of it, in words; processor time is the program's alone. */
    String run(int seconds) throws IOException, InterruptedException {
        double before = program.processorTime().toMillis();
        List<Thread> all = new ArrayList<>();
        for (int t = 0; t < technicians; t++) {
            int number = t;
            Thread technician = new Thread(() -> work(number, seconds));
            technician.start();
            all.add(technician);
        }
        for (Thread technician : all) {
            technician.join();
        }
        double taken = program.processorTime().toMillis() - before;
        int saves = acknowledged.millis.size();
        return "%d saves, %d refused, %d missing; acknowledged %s; judged %s, %d overtaken by the next save; %.1f ms of processor a save"
                .formatted(
                        saves,
                        refused.get(),
                        missing.get(),
                        acknowledged.shown(),
                        judged.shown(),
                        overtaken.get(),
                        taken / Math.max(1, saves));
    }

    private void work(int number, int seconds) {
        Client client = program.client();
        try {
            String path = client.openCase(
                    CIRCUITS.get(number % CIRCUITS.size()), CELSIUS.get(number / CIRCUITS.size() % temperatures));
            Semaphore changes = new Semaphore(0);
            Set<String> mine = ConcurrentHashMap.newKeySet();
            client.follow(path, said -> {
                if (mine.stream().noneMatch(said::contains)) {
                    changes.release();
                }
            });
            Thread.sleep(new Random(number).nextInt(EACH_MILLIS));
            List<String> kept = new ArrayList<>();
            long end = System.nanoTime() + Duration.ofSeconds(seconds).toNanos();
            Walk walk = new Walk(CIRCUITS.get(number % CIRCUITS.size()), number);
            for (int n = 0; System.nanoTime() < end; n++) {
                String id = UUID.randomUUID().toString();
                mine.add(id);
                long from = System.nanoTime();
                Client.Reply saved = client.send("PUT", path + "/readings/" + id, walk.reading(n));
                if (saved.status() == 201) {
                    acknowledged.millis.add(saved.millis());
                    kept.add(id);
                } else {
                    refused.incrementAndGet();
                }
                look(client, path, changes, saved, from);
            }
            String view = client.get(path).body();
            missing.addAndGet(
                    (int) kept.stream().filter(id -> !view.contains(id)).count());
        } catch (IOException broken) {
            refused.incrementAndGet();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** Until the next reading: whenever the line says that something changed the case is fetched. */
    private void look(Client client, String path, Semaphore changes, Client.Reply saved, long from)
            throws IOException, InterruptedException {
        boolean waits = saved.body().contains(NOT_JUDGED);
        if (!waits) {
            judged.millis.add(saved.millis());
        }
        long next = from + TimeUnit.MILLISECONDS.toNanos(EACH_MILLIS);
        while (changes.tryAcquire(next - System.nanoTime(), TimeUnit.NANOSECONDS)) {
            changes.drainPermits();
            boolean answered = !client.get(path).body().contains(NOT_JUDGED);
            if (waits && answered) {
                judged.millis.add((System.nanoTime() - from) / 1e6);
                waits = false;
            }
        }
        if (waits) {
            overtaken.incrementAndGet();
        }
    }
}
