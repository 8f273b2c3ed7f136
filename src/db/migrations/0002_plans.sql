-- Up Migration
CREATE EXTENSION IF NOT EXISTS pg_trgm;

CREATE TABLE plan (
  id uuid PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  version integer NOT NULL,
  document jsonb NOT NULL,
  title text NOT NULL,
  title_key text NOT NULL,
  rule_set text NOT NULL,
  verdict text NOT NULL CHECK (verdict IN ('holds', 'short', 'barred', 'cannot-say')),
  line_count integer NOT NULL,
  updated_at timestamptz NOT NULL,
  updated_by uuid NOT NULL REFERENCES member (id),
  deleted_at timestamptz
);
-- The two orders of the list, and the search within a title.
CREATE INDEX plan_by_change ON plan (crew_id, updated_at DESC, id DESC) WHERE deleted_at IS NULL;
CREATE INDEX plan_by_title ON plan (crew_id, title_key, id) WHERE deleted_at IS NULL;
CREATE INDEX plan_by_words ON plan USING gin (title_key gin_trgm_ops) WHERE deleted_at IS NULL;

CREATE TABLE plan_revision (
  plan_id uuid NOT NULL REFERENCES plan (id),
  version integer NOT NULL,
  crew_id uuid NOT NULL REFERENCES crew (id),
  document jsonb NOT NULL,
  saved_at timestamptz NOT NULL,
  saved_by uuid NOT NULL REFERENCES member (id),
  PRIMARY KEY (plan_id, version)
);

CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION '% is append-only', TG_TABLE_NAME;
END $$;
CREATE TRIGGER plan_revision_append_only BEFORE UPDATE OR DELETE ON plan_revision
  FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- Down Migration
DROP TABLE plan_revision, plan;
DROP FUNCTION refuse_change();
