-- Vehicles that were entered twice, what is due when, and what the shop's figures are made of.

PRAGMA user_version = 13;

-- That two vehicles are one: rows are added, of each vehicle the newest counts; a row into itself takes them apart again.
CREATE TABLE vehicle_join (
    id         TEXT    NOT NULL PRIMARY KEY,
    vehicle_id TEXT    NOT NULL REFERENCES vehicle (id),
    into_id    TEXT    NOT NULL REFERENCES vehicle (id),
    said_by    TEXT    NOT NULL,
    said_at_ms INTEGER NOT NULL
) STRICT;

-- As what a vehicle is known by now: itself, or the one that it was joined to. It follows from the rows above.
CREATE TABLE vehicle_same (
    vehicle_id TEXT NOT NULL PRIMARY KEY REFERENCES vehicle (id),
    known_as   TEXT NOT NULL REFERENCES vehicle (id)
) STRICT, WITHOUT ROWID;

CREATE INDEX same_by_known ON vehicle_same (known_as);

INSERT INTO vehicle_same (vehicle_id, known_as)
SELECT id, id
  FROM vehicle;

CREATE TRIGGER same_of_vehicle AFTER INSERT ON vehicle BEGIN
    INSERT INTO vehicle_same (vehicle_id, known_as) VALUES (NEW.id, NEW.id);
END;

CREATE TRIGGER line_of_join AFTER INSERT ON vehicle_join BEGIN
    UPDATE case_line
       SET changed = changed + 1
     WHERE case_id IN (SELECT case_vehicle.case_id
                         FROM case_vehicle
                         JOIN vehicle_same ON vehicle_same.vehicle_id = case_vehicle.vehicle_id
                        WHERE vehicle_same.known_as IN (NEW.vehicle_id, NEW.into_id));
END;

DROP VIEW vehicle_statement;

-- What was stated in any case of a vehicle and is not struck; of each topic the newest row counts.
CREATE VIEW vehicle_statement AS
SELECT vehicle_same.known_as AS vehicle_id, said.topic, said.value, said.said_by, said.said_at_ms, said.case_id,
       said.rowid AS position
  FROM statement AS said
  JOIN case_vehicle AS of_vehicle ON of_vehicle.case_id = said.case_id
  JOIN vehicle_same ON vehicle_same.vehicle_id = of_vehicle.vehicle_id
 WHERE (SELECT restores
          FROM strike
         WHERE target_id = said.id
         ORDER BY struck_at_ms DESC, rowid DESC
         LIMIT 1) IS NOT 0;

-- What is to be done on a day, on a vehicle or without one.
CREATE TABLE due (
    id         TEXT    NOT NULL PRIMARY KEY,
    vehicle_id TEXT             REFERENCES vehicle (id),
    kind       TEXT    NOT NULL,
    words      TEXT    NOT NULL,
    day        TEXT    NOT NULL,
    odometer   INTEGER,
    said_by    TEXT    NOT NULL,
    said_at_ms INTEGER NOT NULL
) STRICT;

CREATE INDEX due_by_vehicle ON due (vehicle_id);

CREATE TRIGGER due_personal AFTER INSERT ON due BEGIN
    INSERT INTO personal (of_table, of_row, salt) VALUES ('due', NEW.rowid, randomblob(16));
END;

-- That it was done or let go, or is to be done after all; the newest counts.
CREATE TABLE due_settled (
    id         TEXT    NOT NULL PRIMARY KEY,
    due_id     TEXT    NOT NULL REFERENCES due (id),
    how        TEXT    NOT NULL,
    said_by    TEXT    NOT NULL,
    said_at_ms INTEGER NOT NULL
) STRICT;

CREATE INDEX settled_by_due ON due_settled (due_id);

-- What the readings of a case told of a joint or cable, with the lines of the case.
CREATE TABLE joint_line (
    case_id    TEXT    NOT NULL REFERENCES job_case (id),
    part       TEXT    NOT NULL,
    name       TEXT    NOT NULL,
    at_ms      INTEGER NOT NULL,
    ohms       REAL    NOT NULL,
    low_ohms   REAL    NOT NULL,
    high_ohms  REAL    NOT NULL,
    most_ohms  REAL    NOT NULL,
    measured   INTEGER NOT NULL,
    since_ms   INTEGER NOT NULL
) STRICT;

CREATE INDEX joint_by_case ON joint_line (case_id);

ALTER TABLE case_line ADD COLUMN readings INTEGER NOT NULL DEFAULT 0;
ALTER TABLE case_line ADD COLUMN cranks INTEGER NOT NULL DEFAULT 0;
ALTER TABLE case_line ADD COLUMN found TEXT NOT NULL DEFAULT '';
ALTER TABLE case_line ADD COLUMN saved TEXT NOT NULL DEFAULT '';
ALTER TABLE case_line ADD COLUMN sort TEXT NOT NULL DEFAULT '';
-- Over all of the line and its words: a line that somebody changed by hand is noticed.
ALTER TABLE case_line ADD COLUMN digest TEXT NOT NULL DEFAULT '';

-- A case is loaded by what is on record of it: without these every repair and test there ever was is looked at.
CREATE INDEX repair_by_case ON repair (case_id, done_at_ms);
CREATE INDEX test_by_case ON complaint_test (case_id, done_at_ms);
CREATE INDEX strike_by_target ON strike (target_id);

-- Every line is made anew, so that it holds them.
UPDATE case_line SET changed = changed + 1;
