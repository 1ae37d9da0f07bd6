package app.dantro.server.backup;

import app.dantro.server.StartRefused;
import app.dantro.server.db.LinesAnew;
import app.dantro.server.db.Untouched;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** The batch door to the backups: {@code backup [--to FILE]}, {@code restore FILE} and {@code doctor}, each with {@code --data DIR}. */
public final class Keeper {
    private static final int REFUSED = 2;

    private Keeper() {}

    public static void main(String[] args) {
        System.exit(run(
                List.of(args),
                new PrintStream(System.out, true, StandardCharsets.UTF_8),
                new PrintStream(System.err, true, StandardCharsets.UTF_8)));
    }

    /** @return 0, or 2 with one sentence on the errors */
    static int run(List<String> args, PrintStream out, PrintStream err) {
        Path data = Path.of(option(args, "--data").orElse(System.getProperty("user.home") + "/.dantro"))
                .toAbsolutePath()
                .normalize();
        try {
            switch (args.get(0)) {
                case "backup" -> out.println(backup(data, option(args, "--to").map(Path::of)));
                case "restore" -> out.println(Restore.into(data, Path.of(args.get(1)), LocalDateTime.now()));
                case "doctor" -> {
                    return Doctor.of(data).tell(out) ? 0 : REFUSED;
                }
                case "rebuild" -> out.println(rebuild(data));
                default -> throw new IllegalArgumentException(args.get(0));
            }
            return 0;
        } catch (BackupFailed | StartRefused refused) {
            err.println(refused.getMessage());
            return REFUSED;
        }
    }

    private static String backup(Path data, Optional<Path> to) {
        Path file = to.map(p -> p.toAbsolutePath().normalize())
                .orElseGet(() -> new Kept(data.resolve("backups")).at(LocalDateTime.now()));
        lookFirst(data);
        Backup made = Backup.make(data.resolve("dantro.db"), file);
        return "%s: %d cases, %d kB, looked at and whole.".formatted(made.file(), made.cases(), made.bytes() >> 10);
    }

    private static String rebuild(Path data) {
        Path database = data.resolve("dantro.db");
        if (!Files.isRegularFile(database)) {
            throw new BackupFailed("There is no data in %s: give its folder with --data.".formatted(data), null);
        }
        lookFirst(data);
        try {
            return "%d lines of Bay and log are worked out anew, by the program that runs or at its next start."
                    .formatted(LinesAnew.in(database));
        } catch (IOException e) {
            throw new BackupFailed("The lines cannot be marked: " + e.getMessage(), e);
        }
    }

    /** Where no program runs that looked at it when it started. */
    private static void lookFirst(Path data) {
        try {
            if (!Untouched.isInUse(data)) {
                Untouched.look(data);
            }
        } catch (IOException e) {
            throw new BackupFailed("The data folder (%s) cannot be read: %s".formatted(data, e.getMessage()), e);
        }
    }

    private static Optional<String> option(List<String> args, String name) {
        int at = args.indexOf(name);
        return at < 0 || at + 1 >= args.size() ? Optional.empty() : Optional.of(args.get(at + 1));
    }
}
