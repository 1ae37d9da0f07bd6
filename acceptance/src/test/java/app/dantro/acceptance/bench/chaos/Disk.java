package app.dantro.acceptance.bench.chaos;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * Files as a disk holds them: what was written since the last sync of a file may be there or not, whole, in part, and in any
 * order, when the power goes.
 */
final class Disk {
    private static final int SECTOR = 512;

    private final Map<String, byte[]> synced = new HashMap<>();
    private final Map<String, List<Change>> pending = new HashMap<>();

    /** @param bytes what is written; empty where the file is cut at the place */
    private record Change(int at, byte[] bytes) {
        byte[] on(byte[] file) {
            if (bytes.length == 0) {
                return Arrays.copyOf(file, at);
            }
            byte[] longer = file.length < at + bytes.length ? Arrays.copyOf(file, at + bytes.length) : file;
            System.arraycopy(bytes, 0, longer, at, bytes.length);
            return longer;
        }
    }

    void write(String name, int at, byte[] bytes) {
        pending.computeIfAbsent(name, n -> new ArrayList<>()).add(new Change(at, bytes));
    }

    void cut(String name, int length) {
        write(name, length, new byte[0]);
    }

    /** Removals are synced with their folder before the next write. */
    void remove(String name) {
        synced.remove(name);
        pending.remove(name);
    }

    void sync(String name) {
        byte[] file = synced.getOrDefault(name, new byte[0]);
        for (Change change : pending.getOrDefault(name, List.of())) {
            file = change.on(file);
        }
        synced.put(name, file);
        pending.remove(name);
    }

    /** Leaves in a folder what may be left if the power goes now. */
    void leave(Path folder, Random dice) throws IOException {
        Files.createDirectories(folder);
        for (String name : synced.keySet()) {
            byte[] file = synced.get(name).clone();
            for (Change change : pending.getOrDefault(name, List.of())) {
                file = left(change, file, dice);
            }
            Files.write(folder.resolve(name), file);
        }
    }

    /** All of a change, nothing of it, or some of its sectors. */
    private static byte[] left(Change change, byte[] file, Random dice) {
        int fate = dice.nextInt(3);
        if (fate == 0) {
            return file;
        }
        if (fate == 1 || change.bytes.length <= SECTOR) {
            return change.on(file);
        }
        byte[] torn = file;
        for (int from = 0; from < change.bytes.length; from += SECTOR) {
            if (dice.nextBoolean()) {
                int to = Math.min(change.bytes.length, from + SECTOR);
                torn = new Change(change.at + from, Arrays.copyOfRange(change.bytes, from, to)).on(torn);
            }
        }
        return torn;
    }
}
