-- Up Migration
-- What was answered to a record that carried a key: sent again after a lost answer, it is answered the same and done once.
CREATE TABLE receipt (
  crew_id uuid NOT NULL REFERENCES crew (id),
  key uuid NOT NULL,
  member_id uuid NOT NULL REFERENCES member (id),
  request_hash bytea NOT NULL,
  status integer,
  answer jsonb,
  at timestamptz NOT NULL,
  PRIMARY KEY (crew_id, key)
);
CREATE INDEX receipt_by_time ON receipt (at);

-- Down Migration
DROP TABLE receipt;
