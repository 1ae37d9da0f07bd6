package app.dantro.server.store;

import app.dantro.core.record.Topic;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Reads and adds vehicles; what is known of one is what its cases say. */
@Component
public class VehicleStore {
    private static final String INSERT = """
            INSERT INTO vehicle (id, name, added_by, added_at_ms)
            VALUES (:id, :name, :addedBy, :addedAtMs)
            """;
    private static final String LINK = """
            INSERT INTO case_vehicle (case_id, vehicle_id)
            VALUES (:caseId, :vehicleId)
            """;
    private static final String KNOWS = """
            SELECT id
              FROM vehicle
             WHERE id = :id
            """;
    private static final String FIGURES = """
            SELECT topic, value
              FROM vehicle_statement
             WHERE vehicle_id = :id
             ORDER BY said_at_ms, position
            """;
    private static final String NAMED = """
            SELECT vehicle.id, vehicle.name,
                   (SELECT job_case.id
                      FROM job_case
                      JOIN case_vehicle ON case_vehicle.case_id = job_case.id
                      JOIN vehicle_same ON vehicle_same.vehicle_id = case_vehicle.vehicle_id
                     WHERE vehicle_same.known_as = vehicle.id
                     ORDER BY opened_at_ms DESC, job_case.id
                     LIMIT 1) AS last_case,
                   (SELECT value
                      FROM vehicle_detail
                      JOIN vehicle_same ON vehicle_same.vehicle_id = vehicle_detail.vehicle_id
                     WHERE vehicle_same.known_as = vehicle.id AND field = 'PLATE'
                     ORDER BY said_at_ms DESC, vehicle_detail.rowid DESC
                     LIMIT 1) AS plate
              FROM vehicle
              JOIN vehicle_same AS itself ON itself.vehicle_id = vehicle.id AND itself.known_as = vehicle.id
              JOIN job_case AS last ON last.id = last_case
             WHERE EXISTS (SELECT 1
                             FROM vehicle_same
                             JOIN vehicle AS one ON one.id = vehicle_same.vehicle_id
                            WHERE vehicle_same.known_as = vehicle.id AND one.name LIKE :like ESCAPE '!')
                OR :plate <> '' AND REPLACE(REPLACE(plate, ' ', ''), '-', '') LIKE '%' || :plate || '%'
             ORDER BY last.opened_at_ms DESC, vehicle.id
             LIMIT :most
            """;

    /** Asked for at the last visit; what an earlier one asked for was read then, or let go. */
    private static final String ASKED_LAST_TIME = """
            SELECT value
              FROM vehicle_statement
             WHERE vehicle_id = :id
               AND topic = 'NEXT_VISIT'
               AND said_at_ms >= (SELECT MAX(job_case.opened_at_ms)
                                    FROM job_case
                                    JOIN case_vehicle ON case_vehicle.case_id = job_case.id
                                    JOIN vehicle_same ON vehicle_same.vehicle_id = case_vehicle.vehicle_id
                                   WHERE vehicle_same.known_as = :id)
             ORDER BY said_at_ms DESC, position DESC
             LIMIT 1
            """;

    private static final String OF_CASE = """
            SELECT known_as
              FROM case_vehicle
              JOIN vehicle_same ON vehicle_same.vehicle_id = case_vehicle.vehicle_id
             WHERE case_id = :caseId
            """;
    private static final String PLAIN = """
            SELECT vehicle.id, vehicle.name, vehicle_detail.field, vehicle_detail.value
              FROM vehicle_same AS asked
              JOIN vehicle ON vehicle.id = asked.known_as
              JOIN vehicle_same ON vehicle_same.known_as = vehicle.id
              LEFT JOIN vehicle_detail ON vehicle_detail.vehicle_id = vehicle_same.vehicle_id
             WHERE asked.vehicle_id = :id
             ORDER BY vehicle_detail.said_at_ms, vehicle_detail.rowid
            """;

    private static final int MOST_ALIKE = 50;

    private final JdbcClient writer;
    private final JdbcClient reader;

    VehicleStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
    }

    /** A case on a vehicle that nobody knew yet; the vehicle has the id of its first case. */
    void addWith(CaseHead first) {
        writer.sql(INSERT)
                .param("id", first.id().toString())
                .param("name", first.vehicle())
                .param("addedBy", first.openedBy())
                .param("addedAtMs", first.openedAtMs())
                .update();
        link(first.id(), first.id());
    }

    /** A case on a vehicle that is known. */
    void link(UUID caseId, UUID vehicle) {
        writer.sql(LINK)
                .param("caseId", caseId.toString())
                .param("vehicleId", vehicle.toString())
                .update();
    }

    public boolean knows(UUID vehicle) {
        return reader.sql(KNOWS)
                .param("id", vehicle.toString())
                .query(String.class)
                .optional()
                .isPresent();
    }

    /** Those with a piece of name in theirs, the one that was here last first. */
    public List<KnownVehicle> named(String piece, int most) {
        String like = piece.strip().replaceAll("[!%_]", "!$0");
        return reader
                .sql(NAMED)
                .param("like", "%" + like + "%")
                .param("plate", bare(piece))
                .param("most", most)
                .query((row, n) -> new KnownVehicle(
                        UUID.fromString(row.getString("id")),
                        row.getString("name"),
                        row.getString("plate") == null ? "" : row.getString("plate"),
                        UUID.fromString(row.getString("last_case")),
                        List.of()))
                .list()
                .stream()
                .map(v -> new KnownVehicle(v.id(), v.name(), v.plate(), v.lastCase(), figures(v.id())))
                .toList();
    }

    /** Those with just this plate, spaces and hyphens aside. */
    public List<KnownVehicle> withPlate(String plate) {
        String bare = bare(plate);
        return bare.isEmpty()
                ? List.of()
                : named(plate, MOST_ALIKE).stream()
                        .filter(v -> bare(v.plate()).equals(bare))
                        .toList();
    }

    private static String bare(String plate) {
        return plate.replaceAll("[^\\p{L}\\p{N}]", "").toUpperCase(Locale.ROOT);
    }

    /**
     * What was stated of a vehicle itself in any of its cases, and what its last one wants read this time; nothing of one that
     * is not known.
     */
    public List<KnownVehicle.Stated> figures(UUID vehicle) {
        Map<Topic, String> newest = new EnumMap<>(Topic.class);
        reader
                .sql(FIGURES)
                .param("id", vehicle.toString())
                .query((row, n) ->
                        new KnownVehicle.Stated(Topic.valueOf(row.getString("topic")), row.getString("value")))
                .list()
                .stream()
                .filter(stated -> stated.topic().ofVehicle())
                .forEach(stated -> newest.put(stated.topic(), stated.value()));
        reader.sql(ASKED_LAST_TIME)
                .param("id", vehicle.toString())
                .query(String.class)
                .optional()
                .ifPresent(asked -> newest.put(Topic.LAST_TIME, asked));
        return newest.entrySet().stream()
                .map(e -> new KnownVehicle.Stated(e.getKey(), e.getValue()))
                .toList();
    }

    /** The vehicle that a case is on; none if there is no such case. */
    public Optional<KnownVehicle.Plain> ofCase(UUID caseId) {
        return reader.sql(OF_CASE)
                .param("caseId", caseId.toString())
                .query(String.class)
                .optional()
                .map(UUID::fromString)
                .flatMap(this::plain);
    }

    /** A vehicle by itself, if it is known; one that was joined to another is that other. */
    public Optional<KnownVehicle.Plain> plain(UUID id) {
        Map<VehicleField, String> details = new EnumMap<>(VehicleField.class);
        List<KnownVehicle.Plain> found = reader.sql(PLAIN)
                .param("id", id.toString())
                .query((row, n) -> {
                    if (row.getString("field") != null) {
                        details.put(VehicleField.valueOf(row.getString("field")), row.getString("value"));
                    }
                    return new KnownVehicle.Plain(
                            UUID.fromString(row.getString("id")), row.getString("name"), Map.of());
                })
                .list();
        return found.stream().findFirst().map(v -> new KnownVehicle.Plain(v.id(), v.name(), details));
    }
}
