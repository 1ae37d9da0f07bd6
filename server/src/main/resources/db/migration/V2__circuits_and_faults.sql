-- A case's circuit as an object of the case file, one row for each version; faults of simulated vehicles as data.

PRAGMA user_version = 2;

ALTER TABLE job_case ADD COLUMN concern TEXT NOT NULL DEFAULT 'STARTING';

CREATE TABLE circuit_version (
    case_id       TEXT    NOT NULL REFERENCES job_case (id),
    version       INTEGER NOT NULL,
    circuit       TEXT    NOT NULL,
    changed_by    TEXT    NOT NULL,
    changed_at_ms INTEGER NOT NULL,
    PRIMARY KEY (case_id, version)
) STRICT;

INSERT INTO circuit_version (case_id, version, circuit, changed_by, changed_at_ms)
SELECT id, 1, json_object('ready_made', circuit), opened_by, opened_at_ms
  FROM job_case;

ALTER TABLE job_case DROP COLUMN circuit;

-- Foreign data of an imported case file, as JSON text.
CREATE TABLE case_extension (
    case_id    TEXT NOT NULL PRIMARY KEY REFERENCES job_case (id),
    extensions TEXT NOT NULL
) STRICT;

CREATE TABLE simulation_fault (
    case_id  TEXT    NOT NULL REFERENCES simulation (case_id),
    position INTEGER NOT NULL,
    kind     TEXT    NOT NULL,
    part     TEXT    NOT NULL,
    severity REAL    NOT NULL,
    PRIMARY KEY (case_id, position)
) STRICT;

INSERT INTO simulation_fault (case_id, position, kind, part, severity)
SELECT case_id, 0, 'added_resistance', fault_part, added_ohms
  FROM simulation;

-- Whether the faults were stated in a case file (1), or are hidden until proven (0).
ALTER TABLE simulation ADD COLUMN stated INTEGER NOT NULL DEFAULT 0;
ALTER TABLE simulation ADD COLUMN glowing INTEGER NOT NULL DEFAULT 0;
ALTER TABLE simulation DROP COLUMN fault_part;
ALTER TABLE simulation DROP COLUMN added_ohms;
