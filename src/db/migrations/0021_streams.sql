-- Up Migration
-- Who listens to what at this moment, over all processes: so many streams a person, and who looks at the same plan or deck. What is
-- not seen for some time has gone with its process. Nothing of it outlives the database.
CREATE UNLOGGED TABLE stream (
  id uuid PRIMARY KEY,
  kind text NOT NULL,
  who text NOT NULL,
  topic text,
  crew_id uuid REFERENCES crew (id),
  member_id uuid REFERENCES member (id),
  seen_at timestamptz NOT NULL
);
CREATE INDEX stream_of_one ON stream (kind, who);
CREATE INDEX stream_at ON stream (topic, seen_at) WHERE topic IS NOT NULL;
CREATE INDEX stream_by_age ON stream (seen_at);

-- Requests counted over all processes.
CREATE UNLOGGED TABLE request_count (
  key varchar(255) PRIMARY KEY,
  points integer NOT NULL DEFAULT 0,
  expire bigint
);
CREATE INDEX request_count_by_end ON request_count (expire);

-- Down Migration
DROP TABLE request_count, stream;
