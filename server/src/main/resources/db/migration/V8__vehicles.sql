-- A vehicle is a thing of its own: what its plates, its maker and its owner say holds in every case of it.

PRAGMA user_version = 8;

CREATE TABLE vehicle (
    id          TEXT    NOT NULL PRIMARY KEY,
    name        TEXT    NOT NULL,
    added_by    TEXT    NOT NULL,
    added_at_ms INTEGER NOT NULL
) STRICT;

CREATE TABLE case_vehicle (
    case_id    TEXT NOT NULL PRIMARY KEY REFERENCES job_case (id),
    vehicle_id TEXT NOT NULL REFERENCES vehicle (id)
) STRICT, WITHOUT ROWID;

CREATE INDEX case_by_vehicle ON case_vehicle (vehicle_id);

-- Nothing on record says which of the older cases are of one vehicle: each gets its own.
INSERT INTO vehicle (id, name, added_by, added_at_ms)
SELECT id, vehicle, opened_by, opened_at_ms
  FROM job_case;

INSERT INTO case_vehicle (case_id, vehicle_id)
SELECT id, id
  FROM job_case;

-- What was stated in any case of a vehicle and is not struck; of each topic the newest row counts.
CREATE VIEW vehicle_statement AS
SELECT of_vehicle.vehicle_id, said.topic, said.value, said.said_by, said.said_at_ms, said.rowid AS position
  FROM statement AS said
  JOIN case_vehicle AS of_vehicle ON of_vehicle.case_id = said.case_id
 WHERE (SELECT restores
          FROM strike
         WHERE target_id = said.id
         ORDER BY struck_at_ms DESC, rowid DESC
         LIMIT 1) IS NOT 0;
