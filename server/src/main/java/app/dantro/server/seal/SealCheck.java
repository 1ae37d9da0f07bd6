package app.dantro.server.seal;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/** Holds a database against its seal: all that was acknowledged must be there, as it was. */
public final class SealCheck {
    private SealCheck() {}

    /**
     * What a check found.
     *
     * @param damage in words, what is missing or other than it was; empty if all is there
     * @param now the ends of the chains as they are, rows behind the seal included
     */
    public record Found(Optional<String> damage, Seals now) {}

    /** Seals a database as it is. */
    public static Seals all(Connection connection, int schema) throws SQLException {
        return whole(connection, Seals.none(schema)).now();
    }

    /**
     * Reads every row. Rows behind the seal are what was written last before the program was killed: on record, and not
     * acknowledged yet.
     */
    public static Found whole(Connection connection, Seals sealed) throws SQLException {
        Optional<String> damage = Optional.empty();
        Seals now = Seals.none(sealed.schema());
        List<String> there = Rows.tables(connection);
        TreeSet<String> tables = new TreeSet<>(there);
        tables.addAll(sealed.heads().keySet());
        for (String table : tables) {
            Head head = sealed.of(table);
            if (!there.contains(table)) {
                damage = damage.or(() -> Optional.of("the table (%s) is missing".formatted(table)));
                continue;
            }
            Walked walked = new Walked(head);
            Rows.after(connection, table, 0, walked);
            damage = damage.or(() -> walked.damage(table));
            now = now.with(table, walked.end);
        }
        return new Found(damage, now);
    }

    /** A chain as it is read, which must come by its seal. */
    private static final class Walked implements Rows.Taker {
        private final Head sealed;
        private Head end = Head.NONE;
        private boolean met;

        Walked(Head sealed) {
            this.sealed = sealed;
            this.met = sealed.count() == 0;
        }

        @Override
        public void row(long id, byte[] content) {
            end = end.and(id, content);
            if (end.count() == sealed.count()) {
                met = end.equals(sealed);
            }
        }

        Optional<String> damage(String table) {
            if (end.count() < sealed.count()) {
                return Optional.of("%d of %d rows (%s) are there".formatted(end.count(), sealed.count(), table));
            }
            return met ? Optional.empty() : Optional.of("a row (%s) is other than it was written".formatted(table));
        }
    }
}
