package app.dantro.server.store;

import app.dantro.core.circuit.Loop;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Reads and appends the shop's choices. */
@Component
public class ShopStore {
    private static final String INSERT = """
            INSERT INTO shop_school (id, loop, school, reason, chosen_by, chosen_at_ms)
            VALUES (:id, :loop, :school, :reason, :chosenBy, :chosenAtMs)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String NEWEST = """
            SELECT id, loop, school, reason, chosen_by, chosen_at_ms
              FROM shop_school
             WHERE rowid IN (SELECT MAX(rowid) FROM shop_school GROUP BY loop)
             ORDER BY loop
            """;

    private final JdbcClient writer;
    private final JdbcClient reader;

    ShopStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
    }

    /** Appends a choice; sent twice it is there once. */
    public void add(ShopSchool chosen) {
        writer.sql(INSERT)
                .param("id", chosen.id().toString())
                .param("loop", chosen.loop().name())
                .param("school", chosen.school())
                .param("reason", chosen.reason())
                .param("chosenBy", chosen.chosenBy())
                .param("chosenAtMs", chosen.chosenAtMs())
                .update();
    }

    public List<ShopSchool> newest() {
        return reader.sql(NEWEST)
                .query((row, n) -> new ShopSchool(
                        UUID.fromString(row.getString("id")),
                        Loop.valueOf(row.getString("loop")),
                        row.getString("school"),
                        row.getString("reason"),
                        row.getString("chosen_by"),
                        row.getLong("chosen_at_ms")))
                .list();
    }
}
