-- What a case is judged by, and what it said when it closed.

PRAGMA user_version = 7;

-- Versions of what the program holds for true, and the shop's own limits as values (JSON). The same basis is there once.
CREATE TABLE basis (
    id         INTEGER NOT NULL PRIMARY KEY,
    judgement  INTEGER NOT NULL,
    priors     INTEGER NOT NULL,
    limits     INTEGER NOT NULL,
    meters     INTEGER NOT NULL,
    own_limits TEXT    NOT NULL,
    UNIQUE (judgement, priors, limits, meters, own_limits)
) STRICT;

-- From when on a case is judged by which; the highest position counts.
CREATE TABLE case_basis (
    case_id  TEXT    NOT NULL REFERENCES job_case (id),
    position INTEGER NOT NULL,
    basis_id INTEGER NOT NULL REFERENCES basis (id),
    why      TEXT    NOT NULL,
    since_ms INTEGER NOT NULL,
    PRIMARY KEY (case_id, position)
) STRICT, WITHOUT ROWID;

-- Headline, standings and figures as they were said at the closing (JSON). It counts while the case has as many entries.
CREATE TABLE closing (
    case_id      TEXT    NOT NULL,
    position     INTEGER NOT NULL,
    entries      INTEGER NOT NULL,
    said         TEXT    NOT NULL,
    closed_at_ms INTEGER NOT NULL,
    PRIMARY KEY (case_id, position),
    FOREIGN KEY (case_id, position) REFERENCES case_basis (case_id, position)
) STRICT, WITHOUT ROWID;
