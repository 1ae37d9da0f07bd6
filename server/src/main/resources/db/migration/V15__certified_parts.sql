-- What cases that ended well tell of healthy joints and cables, with their lines.

PRAGMA user_version = 15;

-- How many readings of one part they come to; how far these lie off, in standard deviations of what is written; the squares.
CREATE TABLE certified_line (
    case_id TEXT NOT NULL REFERENCES job_case (id),
    kind    TEXT NOT NULL,
    told    REAL NOT NULL,
    off     REAL NOT NULL,
    squares REAL NOT NULL,
    PRIMARY KEY (case_id, kind)
) STRICT;

CREATE INDEX line_certified ON case_line (last_at_ms) WHERE stage IN ('VERIFIED', 'GOOD');

-- Cases that ended well tell of theirs once their lines are made anew.
UPDATE case_line SET changed = changed + 1 WHERE stage IN ('VERIFIED', 'GOOD');
