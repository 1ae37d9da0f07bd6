-- A case that closed while only the rules had spoken is judged all the same, and keeps what it then said.

PRAGMA user_version = 16;

CREATE INDEX line_unjudged ON case_line (case_id) WHERE judged = 0;

-- Cases that ended well and kept nothing do so once their lines are made anew.
UPDATE case_line
   SET changed = changed + 1
 WHERE stage IN ('VERIFIED', 'GOOD')
   AND NOT EXISTS (SELECT 1 FROM closing WHERE closing.case_id = case_line.case_id);
