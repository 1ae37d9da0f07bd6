package app.dantro.acceptance.bench.chaos;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A technician writes while backups are made one after another, and the program is killed at a random moment of it. Every
 * backup that counts is put into an empty folder afterwards: all that was acknowledged before it was asked for has to be in
 * it.
 */
final class BackupKills {
    private static final int LEAST_MILLIS = 1500;
    private static final int LONGEST_MILLIS = 3000;

    private final Path work;
    private final Path folder;
    private final Random dice;
    /** When each reading was acknowledged, by its address. */
    private final Map<String, Long> acknowledged = new ConcurrentHashMap<>();
    /** When each backup was asked for, by its file; one made in the same second replaces it and holds more. */
    private final Map<Path, Long> asked = new TreeMap<>();

    private final Set<Path> looked = new HashSet<>();
    private volatile long askedLast;
    private int unusable;
    private int missing;
    private int leftBehind;

    BackupKills(Path work, long seed) {
        this.work = work;
        this.folder = work.resolve("data");
        this.dice = new Random(seed);
    }

    /**
     * What came of it.
     *
     * @param backups that counted, acknowledged or not when the program was killed
     * @param unusable of them
     * @param missing readings that were acknowledged before a backup was asked for and are not in it
     * @param lost readings that the shop itself lost
     * @param leftBehind half-made copies that were there after the next start
     */
    record Came(int kills, int acknowledged, int backups, int unusable, int missing, int lost, int leftBehind) {}

    Came run(int rounds) throws IOException, InterruptedException {
        String path = "";
        for (int round = 0; round < rounds; round++) {
            try (Killable program = Killable.start(folder).ready()) {
                leftBehind += files(".making").size();
                path = path.isEmpty() ? program.client().openCase("petrol-car") : path;
                backUpUntilKilled(program, path);
            }
            for (Path backup : files(".db")) {
                check(backup, path);
            }
        }
        try (Killable program = Killable.start(folder).ready()) {
            leftBehind += files(".making").size();
            int lost = missing(program.client(), path, Long.MAX_VALUE);
            return new Came(rounds, acknowledged.size(), asked.size(), unusable, missing, lost, leftBehind);
        }
    }

    private void check(Path backup, String path) throws IOException, InterruptedException {
        if (!looked.add(backup)) {
            return;
        }
        try (Killable restored = Killable.start(restored(backup)).ready()) {
            missing += missing(restored.client(), path, asked.get(backup));
        } catch (IOException refused) {
            unusable++;
        }
    }

    private void backUpUntilKilled(Killable program, String path) throws IOException, InterruptedException {
        Client client = program.client();
        List<Thread> both = List.of(new Thread(() -> write(client, path)), new Thread(() -> backUp(client)));
        both.forEach(Thread::start);
        Thread.sleep(LEAST_MILLIS + dice.nextInt(LONGEST_MILLIS));
        program.kill();
        for (Thread one : both) {
            one.join();
        }
        note();
    }

    private void write(Client client, String path) {
        try {
            for (int n = 0; ; n++) {
                String reading = path + "/readings/" + UUID.randomUUID();
                if (client.send("PUT", reading, Client.base("12.%03d".formatted(n % 1000), n + 1))
                                .status()
                        == 201) {
                    acknowledged.put(reading, System.nanoTime());
                }
            }
        } catch (IOException killed) {
            return;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private void backUp(Client client) {
        try {
            while (true) {
                askedLast = System.nanoTime();
                client.send("POST", "/api/backups", null);
                note();
            }
        } catch (IOException killed) {
            return;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** A backup that appeared since the last look was asked for by the last request. */
    private void note() {
        try {
            files(".db").forEach(file -> asked.putIfAbsent(file, askedLast));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private List<Path> files(String ending) throws IOException {
        Path backups = folder.resolve("backups");
        if (!Files.isDirectory(backups)) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(backups)) {
            return all.filter(f -> f.getFileName().toString().endsWith(ending)).toList();
        }
    }

    /** A backup in a folder of its own, put there by the program's own command. */
    private Path restored(Path backup) throws IOException, InterruptedException {
        Path into = work.resolve("restored-" + backup.getFileName());
        Killable.command("app.dantro.server.backup.Keeper", "restore", backup.toString(), "--data", into.toString());
        return into;
    }

    private int missing(Client client, String path, long before) throws IOException, InterruptedException {
        String view = client.get(path).body();
        Set<String> wanted = acknowledged.entrySet().stream()
                .filter(r -> r.getValue() < before)
                .map(r -> r.getKey().substring(r.getKey().lastIndexOf('/') + 1))
                .collect(Collectors.toSet());
        return (int) wanted.stream().filter(id -> !view.contains(id)).count();
    }
}
