package app.dantro.server.store;

import app.dantro.server.store.DueItem.Kind;
import app.dantro.server.store.DueItem.OfVehicle;
import app.dantro.server.store.DueItem.Open;
import app.dantro.server.store.DueItem.Settled;
import app.dantro.server.store.DueItem.Settling;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Keeps what is due when. */
@Component
public class DueStore {
    private static final String SAY = """
            INSERT INTO due (id, vehicle_id, kind, words, day, odometer, said_by, said_at_ms)
            VALUES (:id, :vehicleId, :kind, :words, :day, :odometer, :saidBy, :saidAtMs)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String SAID = """
            SELECT id, vehicle_id, kind, words, day, odometer, said_by, said_at_ms
              FROM due
             WHERE id = :id
            """;
    private static final String SETTLE = """
            INSERT INTO due_settled (id, due_id, how, said_by, said_at_ms)
            VALUES (:id, :dueId, :how, :saidBy, :saidAtMs)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String SETTLED = """
            SELECT id, due_id, how, said_by, said_at_ms
              FROM due_settled
             WHERE id = :id
            """;
    private static final String OF_VEHICLE = """
            SELECT known.id AS known_id, known.name,
                   (SELECT value
                      FROM vehicle_detail
                      JOIN vehicle_same AS one ON one.vehicle_id = vehicle_detail.vehicle_id
                     WHERE one.known_as = known.id AND field = 'PLATE'
                     ORDER BY said_at_ms DESC, vehicle_detail.rowid DESC
                     LIMIT 1) AS plate,
                   (SELECT value
                      FROM vehicle_statement
                     WHERE vehicle_statement.vehicle_id = known.id AND topic = 'ODOMETER'
                     ORDER BY said_at_ms DESC, position DESC
                     LIMIT 1) AS stands
            """;
    private static final String OPEN = OF_VEHICLE.stripTrailing() + """
            ,
                   due.id, due.vehicle_id, due.kind, due.words, due.day, due.odometer, due.said_by, due.said_at_ms
              FROM due
              LEFT JOIN vehicle_same ON vehicle_same.vehicle_id = due.vehicle_id
              LEFT JOIN vehicle AS known ON known.id = vehicle_same.known_as
             WHERE COALESCE((SELECT how
                               FROM due_settled
                              WHERE due_id = due.id
                              ORDER BY due_settled.rowid DESC
                              LIMIT 1), 'AGAIN') = 'AGAIN'
             ORDER BY due.day, due.rowid
            """;
    private static final String VEHICLE = OF_VEHICLE + """
              FROM vehicle AS known
             WHERE known.id = :id
            """;

    /** Vehicles with a battery that was fitted on a known day, and is not known to be newer. */
    private static final String BATTERIES = """
            SELECT vehicle_same.known_as, vehicle_detail.value
              FROM vehicle_detail
              JOIN vehicle_same ON vehicle_same.vehicle_id = vehicle_detail.vehicle_id
             WHERE vehicle_detail.rowid IN (SELECT MAX(detail.rowid)
                                              FROM vehicle_detail AS detail
                                              JOIN vehicle_same AS same ON same.vehicle_id = detail.vehicle_id
                                             WHERE detail.field = 'FITTED'
                                             GROUP BY same.known_as)
               AND vehicle_detail.value <> ''
            """;

    /** Batteries that were replaced at a job, by the names that the circuits give them. */
    private static final String REPLACED = """
            SELECT vehicle_same.known_as, repair.part, MAX(repair.done_at_ms) AS replaced_at_ms
              FROM repair
              JOIN case_line ON case_line.case_id = repair.case_id
              JOIN case_vehicle ON case_vehicle.case_id = repair.case_id
              JOIN vehicle_same ON vehicle_same.vehicle_id = case_vehicle.vehicle_id
             WHERE repair.part IN ('battery', 'battery-a', 'battery-b')
               AND repair.action = 'REPLACED'
               AND case_line.set_aside = 0
               AND repair.case_id NOT IN (SELECT case_id FROM simulation)
               AND COALESCE((SELECT restores
                               FROM strike
                              WHERE strike.case_id = repair.case_id AND target_id = repair.id
                              ORDER BY struck_at_ms DESC, id DESC
                              LIMIT 1), 1) = 1
             GROUP BY vehicle_same.known_as, repair.part
            """;

    private final JdbcClient writer;
    private final JdbcClient reader;

    DueStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
    }

    /** Puts something on the list; false if the id is taken. */
    public boolean say(DueItem item) {
        return writer.sql(SAY)
                        .param("id", item.id().toString())
                        .param("vehicleId", item.vehicle().map(UUID::toString).orElse(null))
                        .param("kind", item.kind().name())
                        .param("words", item.words())
                        .param("day", item.day().toString())
                        .param(
                                "odometer",
                                item.odometer().isPresent() ? item.odometer().getAsInt() : null)
                        .param("saidBy", item.saidBy())
                        .param("saidAtMs", item.saidAtMs())
                        .update()
                == 1;
    }

    public Optional<DueItem> said(UUID id) {
        return reader.sql(SAID)
                .param("id", id.toString())
                .query((row, n) -> item(row))
                .optional();
    }

    /** Settles something; false if the id is taken. */
    public boolean settle(Settling settling) {
        return writer.sql(SETTLE)
                        .param("id", settling.id().toString())
                        .param("dueId", settling.due().toString())
                        .param("how", settling.how().name())
                        .param("saidBy", settling.saidBy())
                        .param("saidAtMs", settling.saidAtMs())
                        .update()
                == 1;
    }

    public Optional<Settling> settled(UUID id) {
        return reader.sql(SETTLED)
                .param("id", id.toString())
                .query((row, n) -> new Settling(
                        id,
                        UUID.fromString(row.getString("due_id")),
                        Settled.valueOf(row.getString("how")),
                        row.getString("said_by"),
                        row.getLong("said_at_ms")))
                .optional();
    }

    /** What was neither done nor let go, the first due first. */
    public List<Open> open() {
        return reader.sql(OPEN)
                .query((row, n) -> new Open(item(row), Optional.ofNullable(ofVehicle(row))))
                .list();
    }

    /** A vehicle with its plate and where its odometer stood last. */
    public Optional<OfVehicle> vehicle(UUID id) {
        return reader.sql(VEHICLE)
                .param("id", id.toString())
                .query((row, n) -> ofVehicle(row))
                .optional();
    }

    /** A battery by the day it was fitted: a year, or a year and a month. */
    public record Battery(UUID vehicle, String fitted) {}

    public List<Battery> batteries() {
        return reader.sql(BATTERIES)
                .query((row, n) -> new Battery(UUID.fromString(row.getString("known_as")), row.getString("value")))
                .list();
    }

    /** @param part which of the vehicle's batteries */
    public record ReplacedBattery(UUID vehicle, String part, long atMs) {}

    /** Each battery that was replaced, when it last was. */
    public List<ReplacedBattery> replacedBatteries() {
        return reader.sql(REPLACED)
                .query((row, n) -> new ReplacedBattery(
                        UUID.fromString(row.getString("known_as")),
                        row.getString("part"),
                        row.getLong("replaced_at_ms")))
                .list();
    }

    private static DueItem item(ResultSet row) throws SQLException {
        String vehicle = row.getString("vehicle_id");
        int odometer = row.getInt("odometer");
        return new DueItem(
                UUID.fromString(row.getString("id")),
                Optional.ofNullable(vehicle).map(UUID::fromString),
                Kind.valueOf(row.getString("kind")),
                row.getString("words"),
                LocalDate.parse(row.getString("day")),
                odometer > 0 ? OptionalInt.of(odometer) : OptionalInt.empty(),
                row.getString("said_by"),
                row.getLong("said_at_ms"));
    }

    private static OfVehicle ofVehicle(ResultSet row) throws SQLException {
        String id = row.getString("known_id");
        return id == null
                ? null
                : new OfVehicle(UUID.fromString(id), row.getString("name"), plain(row, "plate"), plain(row, "stands"));
    }

    private static String plain(ResultSet row, String column) throws SQLException {
        String value = row.getString(column);
        return value == null ? "" : value;
    }
}
