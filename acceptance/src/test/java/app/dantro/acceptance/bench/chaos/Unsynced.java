package app.dantro.acceptance.bench.chaos;

import app.dantro.server.StartRefused;
import app.dantro.server.db.DataFolder;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * The power goes while the stores write. One writer runs under a tracer that notes every write and sync; from that the files
 * are built up again as a disk may hold them at a random moment, opened, and asked for all that was said to be on record.
 */
final class Unsynced {
    private static final Pattern CALL =
            Pattern.compile("^(\\d+) +(pwrite64|write|fsync|fdatasync|ftruncate)\\(\\d+<([^>]*)>(.*)$");
    private static final Pattern GONE = Pattern.compile("^\\d+ +unlink\\(\"([^\"]*)\"\\) = 0$");
    private static final Pattern RESUMED = Pattern.compile("^(\\d+) +<\\.\\.\\. (fsync|fdatasync) resumed>.*$");
    private static final Pattern WRITTEN = Pattern.compile("^, \"([^\"]*)\", \\d+(?:, (\\d+))?.*$");
    private static final Pattern CUT = Pattern.compile("^, (\\d+).*$");

    private final Path work;
    private final int entries;
    private final Random dice;
    private final Disk disk = new Disk();
    private final Set<String> acknowledged = new HashSet<>();
    private final Map<String, String> syncing = new HashMap<>();

    /** @param entries how many the writer writes; the files are brought up to date every two hundred or so */
    Unsynced(Path work, int entries, long seed) {
        this.work = work;
        this.entries = entries;
        this.dice = new Random(seed);
    }

    /**
     * What came of it.
     *
     * @param refused folders that would not open
     */
    record Came(int rounds, int acknowledged, int lost, int refused) {}

    Came run(int rounds) throws IOException, InterruptedException, SQLException {
        Path trace = traced();
        long lines;
        try (Stream<String> all = Files.lines(trace, StandardCharsets.US_ASCII)) {
            lines = all.count();
        }
        int lost = 0;
        int refused = 0;
        int done = 0;
        TreeSet<Long> moments = new TreeSet<>();
        while (moments.size() < rounds) {
            moments.add(dice.nextLong(lines));
        }
        try (BufferedReader in = Files.newBufferedReader(trace, StandardCharsets.US_ASCII)) {
            long number = 0;
            for (String line = in.readLine(); line != null; line = in.readLine(), number++) {
                take(line);
                if (!moments.contains(number) || acknowledged.isEmpty()) {
                    continue;
                }
                done++;
                Path folder = work.resolve("power" + number);
                disk.leave(folder, dice);
                try {
                    DataFolder.open(folder).close();
                    Set<String> there = OnRecord.in(folder);
                    lost += (int) acknowledged.stream()
                            .filter(id -> !there.contains(id))
                            .count();
                } catch (StartRefused damaged) {
                    refused++;
                }
            }
        }
        return new Came(done, acknowledged.size(), lost, refused);
    }

    /** Runs the writer on a new folder, and notes what it does to its files. */
    private Path traced() throws IOException, InterruptedException {
        Path trace = work.resolve("trace");
        Path data = work.resolve("data");
        List<String> command = Stream.concat(
                        Stream.of(
                                "strace",
                                "-f",
                                "-y",
                                "-xx",
                                "-s",
                                "70000",
                                "-e",
                                "trace=pwrite64,write,fsync,fdatasync,ftruncate,unlink",
                                "-o",
                                trace.toString()),
                        OnRecord.writer(data, entries).stream())
                .toList();
        Process writer = new ProcessBuilder(command)
                .redirectOutput(work.resolve("said").toFile())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        if (writer.waitFor() != 0) {
            throw new IOException("The traced writer ended with %d.".formatted(writer.exitValue()));
        }
        return trace;
    }

    private void take(String line) {
        Matcher resumed = RESUMED.matcher(line);
        if (resumed.matches()) {
            disk.sync(syncing.remove(resumed.group(1)));
            return;
        }
        Matcher gone = GONE.matcher(line);
        if (gone.matches()) {
            disk.remove(name(gone.group(1)));
            return;
        }
        Matcher call = CALL.matcher(line);
        if (!call.matches()) {
            return;
        }
        String name = name(call.group(3));
        String rest = call.group(4);
        switch (call.group(2)) {
            case "fsync", "fdatasync" -> {
                if (rest.contains("unfinished")) {
                    syncing.put(call.group(1), name);
                } else {
                    disk.sync(name);
                }
            }
            case "ftruncate" -> cut(name, rest);
            default -> written(name, rest);
        }
    }

    private void cut(String name, String rest) {
        Matcher cut = CUT.matcher(rest);
        if (cut.matches() && name.startsWith("dantro")) {
            disk.cut(name, Integer.parseInt(cut.group(1)));
        }
    }

    private void written(String name, String rest) {
        Matcher written = WRITTEN.matcher(rest);
        if (!written.matches()) {
            return;
        }
        if (name.startsWith("dantro.") && written.group(2) != null) {
            disk.write(name, Integer.parseInt(written.group(2)), bytes(written.group(1)));
        } else if (name.equals("said")) {
            text(written.group(1))
                    .lines()
                    .filter(l -> l.startsWith(StoreWriter.ON_RECORD))
                    .forEach(l -> acknowledged.add(l.substring(StoreWriter.ON_RECORD.length())));
        }
    }

    private static String name(String path) {
        return Path.of(text(path)).getFileName().toString();
    }

    private static String text(String hex) {
        return new String(bytes(hex), StandardCharsets.UTF_8);
    }

    private static byte[] bytes(String escaped) {
        return HexFormat.of().parseHex(escaped.replace("\\x", ""));
    }
}
