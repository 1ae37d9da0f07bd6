package app.dantro.server.db;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/** Opens SQLite connections and refuses any that is not durable: WAL, full synchronisation, foreign keys. */
final class PragmaCheckedDataSource extends SQLiteDataSource {
    /** Every connection must answer so; 2 is FULL. */
    static final Map<String, String> REQUIRED = Map.of("synchronous", "2", "journal_mode", "wal", "foreign_keys", "1");

    private static final int BUSY_MILLIS = 5000;

    private final boolean readOnly;

    PragmaCheckedDataSource(Path file, boolean readOnly) {
        super(config());
        this.readOnly = readOnly;
        setUrl("jdbc:sqlite:" + file);
    }

    private static SQLiteConfig config() {
        SQLiteConfig config = new SQLiteConfig();
        config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(BUSY_MILLIS);
        config.setTransactionMode(SQLiteConfig.TransactionMode.IMMEDIATE);
        return config;
    }

    @Override
    public Connection getConnection() throws SQLException {
        Connection connection = checked(super.getConnection());
        // What the log lets go again and again leaves no words behind (docs/decisions/0036, 0038).
        String pragma = readOnly ? "query_only = 1" : "secure_delete = ON";
        try (Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA " + pragma);
        }
        return connection;
    }

    private static Connection checked(Connection connection) throws SQLException {
        for (Map.Entry<String, String> pragma : REQUIRED.entrySet()) {
            try (Statement statement = connection.createStatement();
                    ResultSet row = statement.executeQuery("PRAGMA " + pragma.getKey())) {
                String is = row.getString(1);
                if (!pragma.getValue().equals(is)) {
                    connection.close();
                    throw new SQLException(
                            "The pragma (%s) is (%s) but must be (%s) for readings to survive a power cut."
                                    .formatted(pragma.getKey(), is, pragma.getValue()));
                }
            }
        }
        return connection;
    }
}
