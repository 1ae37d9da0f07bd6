-- Which school the shop follows, and why; of each loop the newest row counts.

PRAGMA user_version = 4;

CREATE TABLE shop_school (
    id           TEXT    NOT NULL PRIMARY KEY,
    loop         TEXT    NOT NULL,
    school       TEXT    NOT NULL,
    reason       TEXT    NOT NULL,
    chosen_by    TEXT    NOT NULL,
    chosen_at_ms INTEGER NOT NULL
) STRICT;
