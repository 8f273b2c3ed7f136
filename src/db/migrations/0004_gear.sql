-- Up Migration
-- What the crew owns. `standing` is its history added up; the columns beside it are what lists and feeds ask for.
CREATE TABLE gear (
  id uuid PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  version integer NOT NULL,
  document jsonb NOT NULL,
  standing jsonb NOT NULL,
  code text NOT NULL,
  words text NOT NULL,
  kind text NOT NULL,
  type text NOT NULL,
  size_m double precision,
  remaining_m double precision,
  price_per_m double precision,
  state text NOT NULL CHECK (state IN ('in-service', 'set-aside', 'retired')),
  entered_on date NOT NULL,
  due_on date,
  updated_at timestamptz NOT NULL,
  updated_by uuid NOT NULL REFERENCES member (id),
  deleted_at timestamptz
);
CREATE UNIQUE INDEX gear_code ON gear (crew_id, code) WHERE deleted_at IS NULL;
-- The orders of the list, what it is filtered by most, the feed, and the search within words.
CREATE INDEX gear_by_type ON gear (crew_id, type, code, id) WHERE deleted_at IS NULL;
CREATE INDEX gear_by_state ON gear (crew_id, state, code, id) WHERE deleted_at IS NULL;
CREATE INDEX gear_by_size ON gear (crew_id, size_m, remaining_m) WHERE deleted_at IS NULL;
CREATE INDEX gear_by_due ON gear (crew_id, due_on, id) WHERE deleted_at IS NULL AND due_on IS NOT NULL;
CREATE INDEX gear_by_rest ON gear (crew_id, remaining_m, id) WHERE deleted_at IS NULL AND kind = 'rope' AND state = 'in-service';
CREATE INDEX gear_by_price ON gear (crew_id, price_per_m, code) WHERE deleted_at IS NULL AND kind = 'rope' AND state = 'in-service';
CREATE INDEX gear_by_words ON gear USING gin (words gin_trgm_ops) WHERE deleted_at IS NULL;

-- What happened to it, in the order of ids. Never changed: a correction is a later entry that refers to an earlier one.
CREATE TABLE gear_event (
  id uuid PRIMARY KEY,
  gear_id uuid NOT NULL REFERENCES gear (id),
  crew_id uuid NOT NULL REFERENCES crew (id),
  at timestamptz NOT NULL,
  by_member uuid NOT NULL REFERENCES member (id),
  body jsonb NOT NULL,
  corrects uuid REFERENCES gear_event (id)
);
CREATE INDEX gear_event_in_order ON gear_event (gear_id, id);
CREATE TRIGGER gear_event_append_only BEFORE UPDATE OR DELETE ON gear_event
  FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER gear_event_never_emptied BEFORE TRUNCATE ON gear_event
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- Which plans use what, so that they can be judged anew when it changes.
CREATE TABLE plan_gear (
  plan_id uuid NOT NULL REFERENCES plan (id),
  gear_id uuid NOT NULL REFERENCES gear (id),
  crew_id uuid NOT NULL REFERENCES crew (id),
  PRIMARY KEY (plan_id, gear_id)
);
CREATE INDEX plan_gear_by_gear ON plan_gear (gear_id, plan_id);

-- One calendar address a member; only the hash of its token is kept.
CREATE TABLE calendar_feed (
  member_id uuid PRIMARY KEY REFERENCES member (id),
  crew_id uuid NOT NULL REFERENCES crew (id),
  token_hash bytea NOT NULL UNIQUE,
  created_at timestamptz NOT NULL
);

ALTER TABLE crew ADD COLUMN intervals jsonb NOT NULL DEFAULT '{"normalMonths": 6, "dailyMonths": 1}';

-- Down Migration
ALTER TABLE crew DROP COLUMN intervals;
DROP TABLE calendar_feed, plan_gear, gear_event, gear;
