-- Up Migration
CREATE TABLE rigging (
  id uuid PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  version integer NOT NULL,
  document jsonb NOT NULL,
  title text NOT NULL,
  title_key text NOT NULL,
  updated_at timestamptz NOT NULL,
  updated_by uuid NOT NULL REFERENCES member (id),
  deleted_at timestamptz
);
-- The order of the library, and the search within a title.
CREATE INDEX rigging_by_title ON rigging (crew_id, title_key, id) WHERE deleted_at IS NULL;
CREATE INDEX rigging_by_words ON rigging USING gin (title_key gin_trgm_ops) WHERE deleted_at IS NULL;

-- Down Migration
DROP TABLE rigging;
