-- Cases and what happened in them. Rows are added, never changed: what a case shows is computed from its events.
-- Times are epoch milliseconds; volts, amperes and ohms are SI base units.

PRAGMA application_id = 1145130580; -- 'DANT'
PRAGMA user_version = 1;

CREATE TABLE database_identity (
    id TEXT NOT NULL PRIMARY KEY
) STRICT;

CREATE TABLE job_case (
    id           TEXT    NOT NULL PRIMARY KEY,
    vehicle      TEXT    NOT NULL,
    complaint    TEXT    NOT NULL,
    circuit      TEXT    NOT NULL,
    celsius      REAL    NOT NULL,
    opened_by    TEXT    NOT NULL,
    opened_at_ms INTEGER NOT NULL
) STRICT;

CREATE TABLE simulation (
    case_id         TEXT    NOT NULL PRIMARY KEY REFERENCES job_case (id),
    fault_part      TEXT    NOT NULL,
    added_ohms      REAL    NOT NULL,
    state_of_charge REAL    NOT NULL,
    seed            INTEGER NOT NULL
) STRICT;

CREATE TABLE reading (
    id               TEXT    NOT NULL PRIMARY KEY,
    case_id          TEXT    NOT NULL REFERENCES job_case (id),
    red_point        TEXT    NOT NULL,
    black_point      TEXT    NOT NULL,
    test_condition   TEXT    NOT NULL,
    typed            TEXT    NOT NULL,
    volts            REAL    NOT NULL,
    resolution_volts REAL    NOT NULL,
    statistic        TEXT    NOT NULL,
    amps             REAL,
    amps_known_by    TEXT,
    meter_range      TEXT,
    source           TEXT    NOT NULL,
    taken_by         TEXT    NOT NULL,
    taken_at_ms      INTEGER NOT NULL,
    saved_at_ms      INTEGER NOT NULL
) STRICT;

CREATE INDEX reading_by_case ON reading (case_id, taken_at_ms, id);

CREATE TABLE slip (
    reading_id TEXT NOT NULL PRIMARY KEY REFERENCES reading (id),
    kind       TEXT NOT NULL,
    sentence   TEXT NOT NULL
) STRICT;

CREATE TABLE slip_choice (
    reading_id TEXT    NOT NULL REFERENCES slip (reading_id),
    position   INTEGER NOT NULL,
    answer     TEXT    NOT NULL,
    label      TEXT    NOT NULL,
    volts      REAL,
    PRIMARY KEY (reading_id, position)
) STRICT;

CREATE TABLE slip_answer (
    reading_id     TEXT    NOT NULL PRIMARY KEY REFERENCES slip (reading_id),
    answer         TEXT    NOT NULL,
    answered_by    TEXT    NOT NULL,
    answered_at_ms INTEGER NOT NULL
) STRICT;

CREATE TABLE repair (
    id         TEXT    NOT NULL PRIMARY KEY,
    case_id    TEXT    NOT NULL REFERENCES job_case (id),
    part       TEXT    NOT NULL,
    action     TEXT    NOT NULL,
    note       TEXT    NOT NULL,
    done_by    TEXT    NOT NULL,
    done_at_ms INTEGER NOT NULL
) STRICT;

CREATE TABLE complaint_test (
    id         TEXT    NOT NULL PRIMARY KEY,
    case_id    TEXT    NOT NULL REFERENCES job_case (id),
    passed     INTEGER NOT NULL,
    note       TEXT    NOT NULL,
    done_by    TEXT    NOT NULL,
    done_at_ms INTEGER NOT NULL
) STRICT;

-- Strikes out, or restores, a reading, a repair, a complaint test or a whole case; the newest row of a target counts.
CREATE TABLE strike (
    id           TEXT    NOT NULL PRIMARY KEY,
    case_id      TEXT    NOT NULL REFERENCES job_case (id),
    target_id    TEXT    NOT NULL,
    restores     INTEGER NOT NULL,
    reason       TEXT    NOT NULL,
    struck_by    TEXT    NOT NULL,
    struck_at_ms INTEGER NOT NULL
) STRICT;

CREATE INDEX strike_by_case ON strike (case_id, struck_at_ms, id);
