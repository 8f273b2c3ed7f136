-- Up Migration
-- When a load goes out. It is of the crew's day, not of the plan: document and version stay as they are.
ALTER TABLE plan ADD COLUMN goes_out_at timestamptz;
CREATE INDEX plan_going_out ON plan (crew_id, goes_out_at, id) WHERE goes_out_at IS NOT NULL AND deleted_at IS NULL;

-- Down Migration
DROP INDEX plan_going_out;
ALTER TABLE plan DROP COLUMN goes_out_at;
