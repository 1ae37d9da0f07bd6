-- What was said or seen beside readings; of each topic the newest row counts.

PRAGMA user_version = 3;

CREATE TABLE statement (
    id         TEXT    NOT NULL PRIMARY KEY,
    case_id    TEXT    NOT NULL REFERENCES job_case (id),
    topic      TEXT    NOT NULL,
    value      TEXT    NOT NULL,
    note       TEXT    NOT NULL,
    said_by    TEXT    NOT NULL,
    said_at_ms INTEGER NOT NULL
) STRICT;

CREATE INDEX statement_by_case ON statement (case_id, said_at_ms, id);
