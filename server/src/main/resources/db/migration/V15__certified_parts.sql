-- What certified joints and cables read against what is written of them, with the lines of their cases.

PRAGMA user_version = 15;

-- Empty for a part that the case did not certify by a measured current.
ALTER TABLE joint_line ADD COLUMN kind TEXT NOT NULL DEFAULT '';
-- How many readings it comes to; how far it lies off, in standard deviations of what is written; the square of that.
ALTER TABLE joint_line ADD COLUMN told REAL NOT NULL DEFAULT 0;
ALTER TABLE joint_line ADD COLUMN off REAL NOT NULL DEFAULT 0;
ALTER TABLE joint_line ADD COLUMN squares REAL NOT NULL DEFAULT 0;

CREATE INDEX line_certified ON case_line (last_at_ms) WHERE stage IN ('VERIFIED', 'GOOD');
