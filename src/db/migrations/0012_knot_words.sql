-- Up Migration
-- What a crew calls a knot of the catalogue, and what it notes of it. `version` grows with every save.
CREATE TABLE knot_words (
  crew_id uuid NOT NULL REFERENCES crew (id),
  entry text NOT NULL,
  version integer NOT NULL,
  names text[] NOT NULL,
  note text NOT NULL,
  updated_at timestamptz NOT NULL,
  updated_by uuid NOT NULL REFERENCES member (id),
  PRIMARY KEY (crew_id, entry)
);

-- Down Migration
DROP TABLE knot_words;
