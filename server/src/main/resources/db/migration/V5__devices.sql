-- Devices that were paired by a code; of the cookie only its hash is kept.

PRAGMA user_version = 5;

CREATE TABLE device (
    id            TEXT    NOT NULL PRIMARY KEY,
    name          TEXT    NOT NULL,
    role          TEXT    NOT NULL,
    case_id       TEXT    REFERENCES job_case (id),
    token_hash    TEXT    NOT NULL UNIQUE,
    paired_at_ms  INTEGER NOT NULL,
    removed_at_ms INTEGER
) STRICT;
