package app.dantro.server.seal;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/**
 * The end of a table's chain: each row's digest goes into the next.
 *
 * @param count rows up to here
 * @param lastRow rowid of the last of them; 0 if there is none
 * @param digest SHA-256 over the digest before and the last row, in hex
 */
public record Head(long count, long lastRow, String digest) {
    private static final HexFormat HEX = HexFormat.of();

    /** Before any row. */
    static final Head NONE = new Head(0, 0, "0".repeat(64));

    /** The chain with one more row. */
    Head and(long row, byte[] content) {
        MessageDigest sha = sha256();
        sha.update(digest.getBytes(StandardCharsets.US_ASCII));
        return new Head(count + 1, row, HEX.formatHex(sha.digest(content)));
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
    }
}
