-- Up Migration
-- What a store of learning records is to be told: written together with what it tells, kept until it is received.
CREATE TABLE statement (
  id uuid PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  made_at timestamptz NOT NULL,
  body jsonb NOT NULL,
  tries integer NOT NULL DEFAULT 0,
  next_try_at timestamptz NOT NULL,
  received_at timestamptz
);
CREATE INDEX statement_waiting ON statement (next_try_at, id) WHERE received_at IS NULL;
CREATE INDEX statement_of_crew ON statement (crew_id, made_at, id);

-- Down Migration
DROP TABLE statement;
