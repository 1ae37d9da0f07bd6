-- Every row that is acknowledged is sealed by its rowid (docs/decisions/0027): tables without one get it.

PRAGMA user_version = 9;

CREATE TABLE closing_kept AS SELECT case_id, position, entries, said, closed_at_ms FROM closing ORDER BY closed_at_ms, case_id, position;

DROP TABLE closing;

CREATE TABLE case_basis_kept (
    case_id  TEXT    NOT NULL REFERENCES job_case (id),
    position INTEGER NOT NULL,
    basis_id INTEGER NOT NULL REFERENCES basis (id),
    why      TEXT    NOT NULL,
    since_ms INTEGER NOT NULL,
    PRIMARY KEY (case_id, position)
) STRICT;

INSERT INTO case_basis_kept (case_id, position, basis_id, why, since_ms)
SELECT case_id, position, basis_id, why, since_ms
  FROM case_basis
 ORDER BY since_ms, case_id, position;

DROP TABLE case_basis;
ALTER TABLE case_basis_kept RENAME TO case_basis;

CREATE TABLE closing (
    case_id      TEXT    NOT NULL,
    position     INTEGER NOT NULL,
    entries      INTEGER NOT NULL,
    said         TEXT    NOT NULL,
    closed_at_ms INTEGER NOT NULL,
    PRIMARY KEY (case_id, position),
    FOREIGN KEY (case_id, position) REFERENCES case_basis (case_id, position)
) STRICT;

INSERT INTO closing (case_id, position, entries, said, closed_at_ms)
SELECT case_id, position, entries, said, closed_at_ms
  FROM closing_kept
 ORDER BY rowid;

DROP TABLE closing_kept;

DROP VIEW vehicle_statement;

CREATE TABLE case_vehicle_kept (
    case_id    TEXT NOT NULL PRIMARY KEY REFERENCES job_case (id),
    vehicle_id TEXT NOT NULL REFERENCES vehicle (id)
) STRICT;

INSERT INTO case_vehicle_kept (case_id, vehicle_id)
SELECT case_id, vehicle_id
  FROM case_vehicle
 ORDER BY case_id;

DROP TABLE case_vehicle;
ALTER TABLE case_vehicle_kept RENAME TO case_vehicle;

CREATE INDEX case_by_vehicle ON case_vehicle (vehicle_id);

CREATE VIEW vehicle_statement AS
SELECT of_vehicle.vehicle_id, said.topic, said.value, said.said_by, said.said_at_ms, said.rowid AS position
  FROM statement AS said
  JOIN case_vehicle AS of_vehicle ON of_vehicle.case_id = said.case_id
 WHERE (SELECT restores
          FROM strike
         WHERE target_id = said.id
         ORDER BY struck_at_ms DESC, rowid DESC
         LIMIT 1) IS NOT 0;

-- Where a second copy of every backup goes, such as a mounted disk; the newest row counts, an empty folder is none.
CREATE TABLE backup_place (
    id           TEXT    NOT NULL PRIMARY KEY,
    folder       TEXT    NOT NULL,
    chosen_by    TEXT    NOT NULL,
    chosen_at_ms INTEGER NOT NULL
) STRICT;
