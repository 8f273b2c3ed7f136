-- Up Migration
-- A tag that a removed thing wore is asked for whenever a thing is entered.
CREATE INDEX gear_removed_codes ON gear (crew_id, code) WHERE deleted_at IS NOT NULL;

-- Down Migration
DROP INDEX gear_removed_codes;
