package app.dantro.acceptance.bench.chaos;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a tracer noted of a writer's files, line by line: the disk as it then is, and what was said to be on record. */
final class Trace {
    private static final Pattern CALL =
            Pattern.compile("^(\\d+) +(pwrite64|write|fsync|fdatasync|ftruncate)\\(\\d+<([^>]*)>(.*)$");
    private static final Pattern GONE = Pattern.compile("^\\d+ +unlink\\(\"([^\"]*)\"\\) = 0$");
    private static final Pattern RESUMED = Pattern.compile("^(\\d+) +<\\.\\.\\. (fsync|fdatasync) resumed>.*$");
    private static final Pattern WRITTEN = Pattern.compile("^, \"([^\"]*)\", \\d+(?:, (\\d+))?.*$");
    private static final Pattern CUT = Pattern.compile("^, (\\d+).*$");

    private final Disk disk = new Disk();
    private final Set<String> acknowledged = new HashSet<>();
    /** Syncs that were begun, by their thread, and not heard to end. */
    private final Map<String, String> syncing = new HashMap<>();

    Disk disk() {
        return disk;
    }

    Set<String> acknowledged() {
        return acknowledged;
    }

    void take(String line) {
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
