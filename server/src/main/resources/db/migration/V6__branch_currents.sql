-- The one cable or strap that a current was measured in; without one, the usual place of a clamp.

PRAGMA user_version = 6;

ALTER TABLE reading ADD COLUMN amps_in TEXT;
