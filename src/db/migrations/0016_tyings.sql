-- Up Migration
-- What somebody tied with real rope, how long it took, and which points were right. Never changed.
CREATE TABLE tying (
  id uuid PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  member_id uuid NOT NULL REFERENCES member (id),
  at timestamptz NOT NULL,
  skill text NOT NULL,
  under text NOT NULL,
  took_ms integer NOT NULL,
  points jsonb NOT NULL
);
CREATE INDEX tying_of_skill ON tying (member_id, skill, at DESC, id DESC);
CREATE TRIGGER tying_append_only BEFORE UPDATE OR DELETE ON tying
  FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER tying_never_emptied BEFORE TRUNCATE ON tying
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- Down Migration
DROP TABLE tying;
