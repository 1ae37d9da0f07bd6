-- What the shop's own verified repairs say of a new case, and where they do not come from.

PRAGMA user_version = 14;

-- What they said when a case came to what it is judged by (JSON); no row where they are left aside.
CREATE TABLE case_experience (
    case_id  TEXT    NOT NULL,
    position INTEGER NOT NULL,
    repairs  TEXT    NOT NULL,
    PRIMARY KEY (case_id, position),
    FOREIGN KEY (case_id, position) REFERENCES case_basis (case_id, position)
) STRICT;

-- Cases that came in a file: what was repaired in them was repaired elsewhere.
CREATE TABLE case_import (
    case_id        TEXT    NOT NULL PRIMARY KEY REFERENCES job_case (id),
    imported_by    TEXT    NOT NULL,
    imported_at_ms INTEGER NOT NULL
) STRICT;

-- Whether the shop's own repairs count: the newest row says it; without one they do.
CREATE TABLE shop_experience (
    id         TEXT    NOT NULL PRIMARY KEY,
    counts     INTEGER NOT NULL,
    said_by    TEXT    NOT NULL,
    said_at_ms INTEGER NOT NULL
) STRICT;

CREATE INDEX line_verified ON case_line (last_at_ms) WHERE stage = 'VERIFIED';
