package app.dantro.acceptance.bench.chaos;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;

/** Many technicians, each with a case of their own and a reading every five seconds. */
final class Load {
    private static final int EACH_MILLIS = 5000;
    private static final int SETTLES_SECONDS = 10;
    private static final List<String> CIRCUITS = List.of("petrol-car", "petrol-body-return", "motorcycle", "truck-24v");

    private final Killable program;
    private final int technicians;
    private final List<Double> millis = Collections.synchronizedList(new ArrayList<>());
    private final List<Double> settled = Collections.synchronizedList(new ArrayList<>());
    private final AtomicInteger refused = new AtomicInteger();
    private final AtomicInteger missing = new AtomicInteger();

    Load(Killable program, int technicians) {
        this.program = program;
        this.technicians = technicians;
    }

    /**
     * What came of it, times in ms.
     *
     * @param settledP99 without the first ten seconds, in which all cases are opened in a program just started
     * @param processorMillis of the program, for each save
     */
    record Came(
            int saves,
            int refused,
            int missing,
            double median,
            double p95,
            double p99,
            double settledP99,
            double processorMillis) {}

    Came run(int seconds) throws IOException, InterruptedException {
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
        List<Double> sorted = millis.stream().sorted().toList();
        return new Came(
                sorted.size(),
                refused.get(),
                missing.get(),
                at(sorted, 0.5),
                at(sorted, 0.95),
                at(sorted, 0.99),
                at(settled.stream().sorted().toList(), 0.99),
                taken / Math.max(1, sorted.size()));
    }

    private static double at(List<Double> sorted, double share) {
        return sorted.isEmpty() ? Double.NaN : sorted.get((int) Math.min(sorted.size() - 1, share * sorted.size()));
    }

    private void work(int number, int seconds) {
        Client client = program.client();
        try {
            String path = client.openCase(CIRCUITS.get(number % CIRCUITS.size()));
            Thread.sleep(new Random(number).nextInt(EACH_MILLIS));
            List<String> mine = new ArrayList<>();
            long end = System.currentTimeMillis() + seconds * 1000L;
            for (int n = 0; System.currentTimeMillis() < end; n++) {
                String id = UUID.randomUUID().toString();
                Client.Reply saved = client.send(
                        "PUT", path + "/readings/" + id, Client.base("12.%02d".formatted(40 + n % 40), n + 1));
                if (saved.status() == 201) {
                    millis.add(saved.millis());
                    if (System.currentTimeMillis() > end - (seconds - SETTLES_SECONDS) * 1000L) {
                        settled.add(saved.millis());
                    }
                    mine.add(id);
                } else {
                    refused.incrementAndGet();
                }
                Thread.sleep(EACH_MILLIS);
            }
            String view = client.get(path).body();
            missing.addAndGet(
                    (int) mine.stream().filter(id -> !view.contains(id)).count());
        } catch (IOException broken) {
            refused.incrementAndGet();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }
}
