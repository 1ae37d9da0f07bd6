-- What Bay and log show of every case, worked out beside the work and kept, so that neither has to judge anything. Whatever
-- comes on record marks its case in the same transaction; a line that is behind what is on record is worked out again. It can
-- all be made anew at any time, so it is not sealed (docs/decisions/0038).

PRAGMA user_version = 12;

-- What is known of a vehicle beside its name; rows are added, of each field the newest counts.
CREATE TABLE vehicle_detail (
    id         TEXT    NOT NULL PRIMARY KEY,
    vehicle_id TEXT    NOT NULL REFERENCES vehicle (id),
    field      TEXT    NOT NULL,
    value      TEXT    NOT NULL,
    said_by    TEXT    NOT NULL,
    said_at_ms INTEGER NOT NULL
) STRICT;

CREATE INDEX detail_by_vehicle ON vehicle_detail (vehicle_id, field);

CREATE TRIGGER vehicle_detail_personal AFTER INSERT ON vehicle_detail BEGIN
    INSERT INTO personal (of_table, of_row, salt) VALUES ('vehicle_detail', NEW.rowid, randomblob(16));
END;

CREATE TABLE case_line (
    number       INTEGER PRIMARY KEY,
    case_id      TEXT    NOT NULL UNIQUE REFERENCES job_case (id),
    changed      INTEGER NOT NULL,
    shown        INTEGER NOT NULL,
    judged       INTEGER NOT NULL,
    made_by      INTEGER NOT NULL,
    in_work      INTEGER NOT NULL,
    set_aside    INTEGER NOT NULL,
    opened_at_ms INTEGER NOT NULL,
    last_at_ms   INTEGER NOT NULL,
    concern      TEXT    NOT NULL,
    stage        TEXT    NOT NULL,
    finding      TEXT    NOT NULL,
    repairs      TEXT    NOT NULL,
    people       TEXT    NOT NULL,
    card         TEXT
) STRICT;

CREATE INDEX line_by_age ON case_line (opened_at_ms, case_id);
CREATE INDEX line_in_work ON case_line (opened_at_ms) WHERE in_work = 1;
CREATE INDEX line_by_last ON case_line (last_at_ms);
CREATE INDEX line_behind ON case_line (opened_at_ms) WHERE shown < changed;

-- What is searched for. It keeps its words: an index without them leaves erased ones behind.
CREATE VIRTUAL TABLE log_words USING fts5 (words, prefix = '2 3 4', tokenize = 'unicode61 remove_diacritics 2');
INSERT INTO log_words (log_words, rank) VALUES ('secure-delete', 1);

INSERT INTO case_line (
    case_id, changed, shown, judged, made_by, in_work, set_aside, opened_at_ms, last_at_ms, concern, stage, finding, repairs,
    people
)
SELECT id, 1, 0, 0, 0, 1, 0, opened_at_ms, opened_at_ms, concern, 'FRESH', '', '', ''
  FROM job_case;

CREATE TRIGGER line_of_case AFTER INSERT ON job_case BEGIN
    INSERT INTO case_line (
        case_id, changed, shown, judged, made_by, in_work, set_aside, opened_at_ms, last_at_ms, concern, stage, finding,
        repairs, people
    )
    VALUES (NEW.id, 1, 0, 0, 0, 1, 0, NEW.opened_at_ms, NEW.opened_at_ms, NEW.concern, 'FRESH', '', '', '');
END;

CREATE TRIGGER line_of_reading AFTER INSERT ON reading BEGIN
    UPDATE case_line SET changed = changed + 1 WHERE case_id = NEW.case_id;
END;

CREATE TRIGGER line_of_answer AFTER INSERT ON slip_answer BEGIN
    UPDATE case_line SET changed = changed + 1 WHERE case_id = (SELECT case_id FROM reading WHERE id = NEW.reading_id);
END;

CREATE TRIGGER line_of_repair AFTER INSERT ON repair BEGIN
    UPDATE case_line SET changed = changed + 1 WHERE case_id = NEW.case_id;
END;

CREATE TRIGGER line_of_test AFTER INSERT ON complaint_test BEGIN
    UPDATE case_line SET changed = changed + 1 WHERE case_id = NEW.case_id;
END;

CREATE TRIGGER line_of_statement AFTER INSERT ON statement BEGIN
    UPDATE case_line SET changed = changed + 1 WHERE case_id = NEW.case_id;
END;

CREATE TRIGGER line_of_strike AFTER INSERT ON strike BEGIN
    UPDATE case_line SET changed = changed + 1 WHERE case_id = NEW.case_id;
END;

CREATE TRIGGER line_of_circuit AFTER INSERT ON circuit_version BEGIN
    UPDATE case_line SET changed = changed + 1 WHERE case_id = NEW.case_id;
END;

CREATE TRIGGER line_of_basis AFTER INSERT ON case_basis BEGIN
    UPDATE case_line SET changed = changed + 1 WHERE case_id = NEW.case_id;
END;

CREATE TRIGGER line_of_closing AFTER INSERT ON closing BEGIN
    UPDATE case_line SET changed = changed + 1 WHERE case_id = NEW.case_id;
END;

-- What is erased leaves the log at once; what is left is worked out again.
CREATE TRIGGER line_of_erasure AFTER INSERT ON erasure BEGIN
    DELETE FROM log_words WHERE rowid = (SELECT number FROM case_line WHERE case_id = NEW.case_id);
    UPDATE case_line
       SET changed = changed + 1, finding = '', repairs = '', people = '', card = NULL
     WHERE case_id = NEW.case_id;
END;

CREATE TRIGGER line_of_vehicle_detail AFTER INSERT ON vehicle_detail BEGIN
    UPDATE case_line
       SET changed = changed + 1
     WHERE case_id IN (SELECT case_id FROM case_vehicle WHERE vehicle_id = NEW.vehicle_id);
END;

CREATE TRIGGER line_of_vehicle AFTER UPDATE OF name ON vehicle BEGIN
    UPDATE case_line
       SET changed = changed + 1
     WHERE case_id IN (SELECT case_id FROM case_vehicle WHERE vehicle_id = NEW.id);
END;
