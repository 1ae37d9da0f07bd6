package app.dantro.server.backup;

import app.dantro.server.StartRefused;
import app.dantro.server.db.DataFolder;
import app.dantro.server.db.Untouched;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Looks a data folder over and says what to do; changes nothing. */
record Doctor(List<Line> lines) {

    /** One thing that was looked at. */
    record Line(boolean well, String says) {}

    static Doctor of(Path data) {
        List<Line> lines = new ArrayList<>();
        if (!Files.isDirectory(data)) {
            return new Doctor(List.of(
                    new Line(false, "There is no folder (%s): give the right one with --data DIR.".formatted(data))));
        }
        lines.add(database(data));
        lines.add(backups(data));
        lines.add(space(data));
        return new Doctor(lines);
    }

    /** With a program on it, it is looked at as a backup would be; else on a copy, so that nothing is cut. */
    private static Line database(Path data) {
        Path database = data.resolve("dantro.db");
        try {
            if (!Untouched.isInUse(data)) {
                Untouched.look(data);
            } else {
                Path copy = Files.createTempDirectory("dantro-doctor").resolve("copy.db");
                try {
                    Backup.make(database, copy);
                } finally {
                    Files.deleteIfExists(copy);
                    Files.deleteIfExists(Backup.sealOf(copy));
                    Files.deleteIfExists(copy.getParent());
                }
            }
            return new Line(true, "The database (%s) is whole, with all that was acknowledged.".formatted(database));
        } catch (StartRefused | BackupFailed refused) {
            return new Line(false, refused.getMessage());
        } catch (IOException e) {
            return new Line(false, "The database (%s) cannot be read: %s".formatted(database, e.getMessage()));
        }
    }

    private static Line backups(Path data) {
        Path folder = data.resolve("backups");
        try {
            List<Kept.Dated> all = new Kept(folder).all();
            if (all.isEmpty()) {
                return new Line(false, "There is no backup in %s: make one with './dantro backup'.".formatted(folder));
            }
            Backup newest = Backup.look(all.get(0).file());
            return new Line(
                    true,
                    "%d backups; the newest (%s) is whole and holds %d cases."
                            .formatted(all.size(), newest.file().getFileName(), newest.cases()));
        } catch (BackupFailed failed) {
            return new Line(false, failed.getMessage() + " Make a new one with './dantro backup'.");
        } catch (IOException e) {
            return new Line(false, "The backups (%s) cannot be read: look at their permissions.".formatted(folder));
        }
    }

    private static Line space(Path data) {
        try {
            long free = Files.getFileStore(data).getUsableSpace();
            return new Line(
                    free >= DataFolder.LITTLE_BYTES,
                    "%d MB are free on its disk%s"
                            .formatted(free >> 20, free < DataFolder.LITTLE_BYTES ? ": make room." : "."));
        } catch (IOException e) {
            return new Line(false, "The free space of %s cannot be read.".formatted(data));
        }
    }

    /** @return true if all is well */
    boolean tell(PrintStream out) {
        lines.forEach(l -> out.println((l.well() ? "ok   " : "LOOK ") + l.says()));
        return lines.stream().allMatch(Line::well);
    }
}
