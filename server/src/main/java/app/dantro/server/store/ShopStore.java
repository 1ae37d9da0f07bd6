package app.dantro.server.store;

import app.dantro.core.circuit.Loop;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.RowMapper;
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

    private static final String FIND = """
            SELECT id, loop, school, reason, chosen_by, chosen_at_ms
              FROM shop_school
             WHERE id = :id
            """;
    private static final RowMapper<ShopSchool> CHOSEN = (row, n) -> new ShopSchool(
            UUID.fromString(row.getString("id")),
            Loop.valueOf(row.getString("loop")),
            row.getString("school"),
            row.getString("reason"),
            row.getString("chosen_by"),
            row.getLong("chosen_at_ms"));

    private final JdbcClient writer;
    private final JdbcClient reader;

    ShopStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
    }

    /** Appends a choice; false if the id is taken. */
    public boolean add(ShopSchool chosen) {
        return writer.sql(INSERT)
                        .param("id", chosen.id().toString())
                        .param("loop", chosen.loop().name())
                        .param("school", chosen.school())
                        .param("reason", chosen.reason())
                        .param("chosenBy", chosen.chosenBy())
                        .param("chosenAtMs", chosen.chosenAtMs())
                        .update()
                == 1;
    }

    public Optional<ShopSchool> find(UUID id) {
        return writer.sql(FIND).param("id", id.toString()).query(CHOSEN).optional();
    }

    public List<ShopSchool> newest() {
        return reader.sql(NEWEST).query(CHOSEN).list();
    }
}
