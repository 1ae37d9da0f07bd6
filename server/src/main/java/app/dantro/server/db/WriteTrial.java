package app.dantro.server.db;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/** Tries whether an entry could be written, and leaves nothing of the trial. */
@Component
public class WriteTrial {
    private static final int BYTES = 16 << 10;

    private final DataFolder folder;
    private final JdbcClient writer;
    private final TransactionTemplate transaction;

    WriteTrial(DataFolder folder, @Qualifier("writer") JdbcClient writer, TransactionTemplate transaction) {
        this.folder = folder;
        this.writer = writer;
        this.transaction = transaction;
    }

    /** True if the disk takes some bytes and the database a change, which is taken back. */
    public boolean canWrite() {
        try {
            disk();
            transaction.executeWithoutResult(state -> {
                state.setRollbackOnly();
                writer.sql("UPDATE database_identity SET id = id").update();
            });
            return true;
        } catch (IOException | DataAccessException | TransactionException refused) {
            return false;
        }
    }

    private void disk() throws IOException {
        Path file = folder.path().resolve("write-trial");
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
            channel.write(ByteBuffer.allocate(BYTES));
            channel.force(true);
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
