package app.dantro.server.store;

import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Notes what is known of a vehicle beside its name. */
@Component
public class VehicleDetailStore {
    private static final String SAY = """
            INSERT INTO vehicle_detail (id, vehicle_id, field, value, said_by, said_at_ms)
            VALUES (:id, :vehicleId, :field, :value, :saidBy, :saidAtMs)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String SAID = """
            SELECT id, vehicle_id, field, value, said_by, said_at_ms
              FROM vehicle_detail
             WHERE id = :id
            """;
    private final JdbcClient writer;
    private final JdbcClient reader;

    VehicleDetailStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
    }

    /** Notes something of a vehicle; false if the id is taken. */
    public boolean say(VehicleDetail detail) {
        return writer.sql(SAY)
                        .param("id", detail.id().toString())
                        .param("vehicleId", detail.vehicleId().toString())
                        .param("field", detail.field().name())
                        .param("value", detail.value())
                        .param("saidBy", detail.saidBy())
                        .param("saidAtMs", detail.saidAtMs())
                        .update()
                == 1;
    }

    public Optional<VehicleDetail> said(UUID id) {
        return writer.sql(SAID)
                .param("id", id.toString())
                .query((row, n) -> new VehicleDetail(
                        id,
                        UUID.fromString(row.getString("vehicle_id")),
                        VehicleField.valueOf(row.getString("field")),
                        row.getString("value"),
                        row.getString("said_by"),
                        row.getLong("said_at_ms")))
                .optional();
    }
}
