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

    /** What is called after each row that was read, by a check that leaves room for others; it may throw to end the check. */
    public interface Pace {
        void row();
    }

    /** The same without a pause. */
    public static Found whole(Connection connection, Seals sealed) throws SQLException {
        return whole(connection, sealed, () -> {});
    }

    /**
     * Counts the rows, and reads only those behind the seal: says in a moment that none is missing, and nothing of whether one
     * was changed.
     */
    public static Found ends(Connection connection, Seals sealed) throws SQLException {
        return each(connection, sealed, (table, head) -> {
            Walked tail = new Walked(head, head, () -> {});
            Rows.after(connection, table, head.lastRow(), tail);
            return tail.with(Rows.count(connection, table));
        });
    }

    /**
     * Reads every row. Rows behind the seal are what was written last before the program was killed: on record, and not
     * acknowledged yet.
     */
    public static Found whole(Connection connection, Seals sealed, Pace pace) throws SQLException {
        return each(connection, sealed, (table, head) -> {
            Walked walked = new Walked(head, Head.NONE, pace);
            Rows.after(connection, table, 0, walked);
            return walked;
        });
    }

    /** How one table is looked at. */
    private interface Look {
        Walked at(String table, Head head) throws SQLException;
    }

    private static Found each(Connection connection, Seals sealed, Look look) throws SQLException {
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
            Walked walked = look.at(table, head);
            damage = damage.or(() -> walked.damage(table));
            now = now.with(table, walked.end);
        }
        return new Found(damage, now);
    }

    /** A chain as it is read, which must come by its seal. */
    private static final class Walked implements Rows.Taker {
        private final Head sealed;
        private final Pace pace;
        private Head end;
        private long rows;
        private boolean met;

        /** @param from where the reading begins: the seal itself, or before any row */
        Walked(Head sealed, Head from, Pace pace) {
            this.sealed = sealed;
            this.pace = pace;
            this.end = from;
            this.rows = from.count();
            this.met = from.equals(sealed);
        }

        @Override
        public void row(long id, byte[] content) {
            end = end.and(id, content);
            rows++;
            if (end.count() == sealed.count()) {
                met = end.equals(sealed);
            }
            pace.row();
        }

        /** @param counted rows of the table, whether read or not */
        Walked with(long counted) {
            met = counted == rows;
            rows = counted;
            return this;
        }

        Optional<String> damage(String table) {
            if (rows < end.count() || rows < sealed.count()) {
                return Optional.of(
                        "%d of %d rows (%s) are there".formatted(rows, Math.max(end.count(), sealed.count()), table));
            }
            return met ? Optional.empty() : Optional.of("a row (%s) is other than it was written".formatted(table));
        }
    }
}
