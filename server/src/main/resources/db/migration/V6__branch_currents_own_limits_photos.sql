-- The one cable or strap that a current was measured in; without one, the usual place of a clamp.

PRAGMA user_version = 6;

ALTER TABLE reading ADD COLUMN amps_in TEXT;

-- The shop's own sets of limits; every version stays, the newest of a name counts from its time on.
CREATE TABLE limit_set (
    id           TEXT    NOT NULL PRIMARY KEY,
    loop         TEXT    NOT NULL,
    name         TEXT    NOT NULL,
    version      INTEGER NOT NULL,
    supply_volts REAL,
    return_volts REAL,
    source       TEXT    NOT NULL,
    made_by      TEXT    NOT NULL,
    made_at_ms   INTEGER NOT NULL,
    UNIQUE (loop, name, version)
) STRICT;

-- Pictures of what was seen: re-encoded small, without position or any other data of the camera.
CREATE TABLE photo (
    id          TEXT    NOT NULL PRIMARY KEY,
    case_id     TEXT    NOT NULL REFERENCES job_case (id),
    topic       TEXT    NOT NULL,
    taken_by    TEXT    NOT NULL,
    taken_at_ms INTEGER NOT NULL,
    jpeg        BLOB    NOT NULL
) STRICT;

CREATE INDEX photo_by_case ON photo (case_id, taken_at_ms, id);
