-- Up Migration
-- What was found on the lines of a plan on the road. Never changed.
CREATE TABLE road_check (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan (id),
  crew_id uuid NOT NULL REFERENCES crew (id),
  at timestamptz NOT NULL,
  recorded_at timestamptz NOT NULL,
  by_member uuid NOT NULL REFERENCES member (id),
  plan_version integer NOT NULL,
  body jsonb NOT NULL
);
CREATE INDEX road_check_of_plan ON road_check (plan_id, at DESC, id DESC);
CREATE TRIGGER road_check_append_only BEFORE UPDATE OR DELETE ON road_check
  FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER road_check_never_emptied BEFORE TRUNCATE ON road_check
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- When the next check is due, for the list; null: the load is not on the road.
ALTER TABLE plan ADD COLUMN check_due_at timestamptz;
CREATE INDEX plan_on_the_road ON plan (crew_id, check_due_at, id) WHERE check_due_at IS NOT NULL;

-- Down Migration
DROP INDEX plan_on_the_road;
ALTER TABLE plan DROP COLUMN check_due_at;
DROP TABLE road_check;
