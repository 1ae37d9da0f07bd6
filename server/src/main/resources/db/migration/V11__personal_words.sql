-- What a person wrote or photographed goes into the seal of its row as a salted hash (docs/decisions/0036): erased, it leaves
-- the hash and takes its salt along, and the chain holds. Not sealed itself; what is in it shows in the rows' own seals.

PRAGMA user_version = 11;

CREATE TABLE personal (
    of_table TEXT    NOT NULL,
    of_row   INTEGER NOT NULL,
    salt     BLOB,
    digest   BLOB,
    PRIMARY KEY (of_table, of_row)
) STRICT;

CREATE TABLE erasure (
    id           TEXT    NOT NULL PRIMARY KEY,
    case_id      TEXT    NOT NULL REFERENCES job_case (id),
    target_id    TEXT,
    erased_by    TEXT    NOT NULL,
    erased_at_ms INTEGER NOT NULL
) STRICT;

INSERT INTO personal (of_table, of_row, salt) SELECT 'job_case', rowid, randomblob(16) FROM job_case;
INSERT INTO personal (of_table, of_row, salt) SELECT 'vehicle', rowid, randomblob(16) FROM vehicle;
INSERT INTO personal (of_table, of_row, salt) SELECT 'statement', rowid, randomblob(16) FROM statement;
INSERT INTO personal (of_table, of_row, salt) SELECT 'repair', rowid, randomblob(16) FROM repair;
INSERT INTO personal (of_table, of_row, salt) SELECT 'complaint_test', rowid, randomblob(16) FROM complaint_test;
INSERT INTO personal (of_table, of_row, salt) SELECT 'strike', rowid, randomblob(16) FROM strike;
INSERT INTO personal (of_table, of_row, salt) SELECT 'photo', rowid, randomblob(16) FROM photo;

CREATE TRIGGER job_case_personal AFTER INSERT ON job_case BEGIN
    INSERT INTO personal (of_table, of_row, salt) VALUES ('job_case', NEW.rowid, randomblob(16));
END;

CREATE TRIGGER vehicle_personal AFTER INSERT ON vehicle BEGIN
    INSERT INTO personal (of_table, of_row, salt) VALUES ('vehicle', NEW.rowid, randomblob(16));
END;

CREATE TRIGGER statement_personal AFTER INSERT ON statement BEGIN
    INSERT INTO personal (of_table, of_row, salt) VALUES ('statement', NEW.rowid, randomblob(16));
END;

CREATE TRIGGER repair_personal AFTER INSERT ON repair BEGIN
    INSERT INTO personal (of_table, of_row, salt) VALUES ('repair', NEW.rowid, randomblob(16));
END;

CREATE TRIGGER complaint_test_personal AFTER INSERT ON complaint_test BEGIN
    INSERT INTO personal (of_table, of_row, salt) VALUES ('complaint_test', NEW.rowid, randomblob(16));
END;

CREATE TRIGGER strike_personal AFTER INSERT ON strike BEGIN
    INSERT INTO personal (of_table, of_row, salt) VALUES ('strike', NEW.rowid, randomblob(16));
END;

CREATE TRIGGER photo_personal AFTER INSERT ON photo BEGIN
    INSERT INTO personal (of_table, of_row, salt) VALUES ('photo', NEW.rowid, randomblob(16));
END;
