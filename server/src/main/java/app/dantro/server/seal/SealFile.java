package app.dantro.server.seal;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The small second file beside a database: two places of one size that are written in turn, each with its own sum, so that a
 * write which is cut off leaves the one before it whole. What was written is on the disk when {@link #write} returns.
 */
public final class SealFile implements AutoCloseable {
    private static final int PLACE_BYTES = 8192;
    private static final String FIRST = "dantro-seal 1 ";

    private final FileChannel channel;
    private long sequence;

    private record Written(long sequence, Seals seals) {}

    private SealFile(FileChannel channel, long sequence) {
        this.channel = channel;
        this.sequence = sequence;
    }

    /** Where a database's seal lies. */
    public static Path beside(Path database) {
        return database.resolveSibling("dantro.seal");
    }

    /**
     * The newest whole seal in a file; empty if there is no file.
     *
     * @throws IOException if the file cannot be read, or neither place in it is whole
     */
    public static Optional<Seals> read(Path file) throws IOException {
        if (!Files.exists(file) || Files.size(file) == 0) {
            return Optional.empty();
        }
        return Optional.of(newest(Files.readAllBytes(file))
                .orElseThrow(() -> new IOException("Neither place of the seal (%s) is whole.".formatted(file)))
                .seals());
    }

    /** Opens a seal to write on; it goes on behind the newest one in it. */
    public static SealFile open(Path file) throws IOException {
        long before = Files.exists(file)
                ? newest(Files.readAllBytes(file)).map(Written::sequence).orElse(0L)
                : 0;
        return new SealFile(
                FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE),
                before);
    }

    /** Leaves a seal in a file of its own, in place of any that is there. */
    public static void leave(Path file, Seals seals) throws IOException {
        Files.deleteIfExists(file);
        try (SealFile fresh = open(file)) {
            fresh.write(seals);
        }
    }

    /** Writes a seal in the older of the two places, and returns once the disk has it. */
    void write(Seals seals) throws IOException {
        long next = sequence + 1;
        String text = FIRST + next + "\n" + seals.lines();
        byte[] bytes = (text + "sum " + sum(text) + "\n").getBytes(StandardCharsets.US_ASCII);
        if (bytes.length > PLACE_BYTES) {
            throw new IOException("A seal of %d bytes is larger than its place.".formatted(bytes.length));
        }
        ByteBuffer place = ByteBuffer.allocate(PLACE_BYTES).put(bytes).rewind();
        long at = next % 2 * PLACE_BYTES;
        while (place.hasRemaining()) {
            channel.write(place, at + place.position());
        }
        channel.force(false);
        sequence = next;
    }

    private static Optional<Written> newest(byte[] file) {
        return Stream.of(0, PLACE_BYTES)
                .filter(at -> at < file.length)
                .map(at -> new String(file, at, Math.min(PLACE_BYTES, file.length - at), StandardCharsets.US_ASCII))
                .flatMap(place -> whole(place).stream())
                .max(Comparator.comparingLong(Written::sequence));
    }

    /** What a place says, if its sum is right. */
    private static Optional<Written> whole(String place) {
        int sum = place.lastIndexOf("sum ");
        if (!place.startsWith(FIRST) || sum < 0 || place.length() < sum + 4 + 64) {
            return Optional.empty();
        }
        String text = place.substring(0, sum);
        if (!place.substring(sum + 4, sum + 4 + 64).equals(sum(text))) {
            return Optional.empty();
        }
        List<String> lines = text.lines().toList();
        long sequence = Long.parseLong(lines.get(0).substring(FIRST.length()));
        return Optional.of(new Written(sequence, Seals.parse(text.substring(text.indexOf('\n') + 1))));
    }

    private static String sum(String text) {
        return HexFormat.of().formatHex(Head.sha256().digest(text.getBytes(StandardCharsets.US_ASCII)));
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
