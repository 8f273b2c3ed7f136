-- Up Migration
-- What an instructor saw done and signed. Never changed; taken back by a row of its own.
CREATE TABLE sign_off (
  id uuid PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  member_id uuid NOT NULL REFERENCES member (id),
  skill text NOT NULL,
  signed_at timestamptz NOT NULL,
  signed_by uuid NOT NULL REFERENCES member (id),
  body jsonb NOT NULL,
  CONSTRAINT sign_off_by_somebody_else CHECK (signed_by <> member_id)
);
CREATE INDEX sign_off_of_skill ON sign_off (crew_id, member_id, skill, signed_at DESC, id DESC);
CREATE INDEX sign_off_newest ON sign_off (crew_id, signed_at DESC, id DESC);
CREATE TABLE sign_off_revocation (
  sign_off_id uuid PRIMARY KEY REFERENCES sign_off (id),
  crew_id uuid NOT NULL REFERENCES crew (id),
  revoked_at timestamptz NOT NULL,
  revoked_by uuid NOT NULL REFERENCES member (id),
  reason text NOT NULL
);
CREATE TRIGGER sign_off_append_only BEFORE UPDATE OR DELETE ON sign_off
  FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER sign_off_never_emptied BEFORE TRUNCATE ON sign_off
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
CREATE TRIGGER sign_off_revocation_append_only BEFORE UPDATE OR DELETE ON sign_off_revocation
  FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER sign_off_revocation_never_emptied BEFORE TRUNCATE ON sign_off_revocation
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- Down Migration
DROP TABLE sign_off_revocation, sign_off;
