-- Up Migration
-- Decks and loads that a crew keeps for plans to come. `readings`: of each anchor of a deck, who read it and when.
CREATE TABLE kept_part (
  id uuid PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  kind text NOT NULL CHECK (kind IN ('deck', 'load')),
  version integer NOT NULL,
  document jsonb NOT NULL,
  readings jsonb NOT NULL DEFAULT '{}',
  title text NOT NULL,
  title_key text NOT NULL,
  updated_at timestamptz NOT NULL,
  updated_by uuid NOT NULL REFERENCES member (id),
  deleted_at timestamptz
);
CREATE INDEX kept_part_by_title ON kept_part (crew_id, kind, title_key, id) WHERE deleted_at IS NULL;
CREATE INDEX kept_part_by_words ON kept_part USING gin (title_key gin_trgm_ops) WHERE deleted_at IS NULL;

-- Which plans took what, so that they can be judged anew when it changes.
CREATE TABLE plan_part (
  plan_id uuid NOT NULL REFERENCES plan (id),
  part_id uuid NOT NULL REFERENCES kept_part (id),
  crew_id uuid NOT NULL REFERENCES crew (id),
  PRIMARY KEY (plan_id, part_id)
);
CREATE INDEX plan_part_by_part ON plan_part (part_id, plan_id);

-- Down Migration
DROP TABLE plan_part, kept_part;
