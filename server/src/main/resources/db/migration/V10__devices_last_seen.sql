-- A device that was not seen for thirty days has to be paired again; one paired before this counts from its pairing.

PRAGMA user_version = 10;

ALTER TABLE device ADD COLUMN last_seen_ms INTEGER;
