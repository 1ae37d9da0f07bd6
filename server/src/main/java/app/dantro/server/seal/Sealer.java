package app.dantro.server.seal;

import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;

/** Seals what the writing connection commits, before anybody is told that it is on record. */
final class Sealer {
    private final SealFile file;
    private final List<Row> writing = new ArrayList<>();
    private final List<Row> committed = new ArrayList<>();
    private Seals seals;

    private record Row(String table, long id) {}

    Sealer(SealFile file, Seals seals) {
        this.file = file;
        this.seals = seals;
    }

    /** A row was added in the transaction that is open. */
    synchronized void wrote(String table, long row) {
        if (Rows.sealed(table)) {
            writing.add(new Row(table, row));
        }
    }

    synchronized void rolledBack() {
        writing.clear();
    }

    /**
     * The transaction is on the disk: so is its seal, when this returns. What could not be sealed is sealed with the next.
     *
     * @throws SQLException if the seal cannot be written; the rows are on record, and sending them again does no harm
     */
    synchronized void committed(Connection connection) throws SQLException {
        committed.addAll(writing);
        writing.clear();
        if (committed.isEmpty()) {
            return;
        }
        Seals next = seals;
        for (Row row : committed) {
            Head[] head = {next.of(row.table())};
            Rows.only(connection, row.table(), row.id(), (id, content) -> head[0] = head[0].and(id, content));
            next = next.with(row.table(), head[0]);
        }
        try {
            file.write(next);
        } catch (IOException e) {
            throw new SQLException("The seal beside the database cannot be written: " + e.getMessage(), e);
        }
        seals = next;
        committed.clear();
    }
}
