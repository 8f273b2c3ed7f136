-- Up Migration
-- Whom a name and password open for must be one person: everybody signs in by a name that nobody else has.
ALTER TABLE member ADD COLUMN sign_in_name text;
ALTER TABLE member ADD COLUMN left_at timestamptz;
WITH slug AS (
  SELECT id, coalesce(nullif(trim(BOTH '.' FROM regexp_replace(lower(name), '[^[:alnum:]]+', '.', 'g')), ''), 'member') AS base
  FROM member
), numbered AS (
  SELECT id, base, row_number() OVER (PARTITION BY base ORDER BY id) AS n FROM slug
)
UPDATE member m SET sign_in_name = CASE WHEN n = 1 THEN base ELSE base || '.' || n || '.' || left(m.id::text, 4) END
FROM numbered WHERE numbered.id = m.id;
ALTER TABLE member ALTER COLUMN sign_in_name SET NOT NULL;
CREATE UNIQUE INDEX member_sign_in_name ON member (sign_in_name text_pattern_ops);
DROP INDEX member_by_name;
-- Whoever left keeps a place in the records; the name is free again.
ALTER TABLE member DROP CONSTRAINT member_crew_id_name_key_key;
CREATE UNIQUE INDEX member_name_in_crew ON member (crew_id, name_key) WHERE left_at IS NULL;

-- Devices that a member signed in on: what strangers try does not count against them.
CREATE TABLE known_device (
  token_hash bytea NOT NULL,
  member_id uuid NOT NULL REFERENCES member (id),
  seen_at timestamptz NOT NULL,
  PRIMARY KEY (token_hash, member_id)
);
CREATE INDEX known_device_by_member ON known_device (member_id);

-- Wrong passwords, by account, device and address; the wait grows with them.
CREATE TABLE sign_in_failure (
  key text PRIMARY KEY,
  failures integer NOT NULL,
  last_at timestamptz NOT NULL
);
CREATE INDEX sign_in_failure_by_time ON sign_in_failure (last_at);

-- One-time links: to join a crew, or to set a new password. Only hashes of tokens are kept.
CREATE TABLE invitation (
  token_hash bytea PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  made_by uuid NOT NULL REFERENCES member (id),
  role text CHECK (role IN ('lead', 'instructor', 'keeper', 'hand', 'trainee')),
  member_id uuid REFERENCES member (id),
  expires_at timestamptz NOT NULL,
  used_at timestamptz,
  CHECK ((role IS NULL) <> (member_id IS NULL))
);
CREATE INDEX invitation_by_crew ON invitation (crew_id, expires_at);

-- Who changed what about whom. Never changed.
CREATE TABLE audit (
  id uuid PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  at timestamptz NOT NULL,
  by_member uuid NOT NULL REFERENCES member (id),
  about_member uuid REFERENCES member (id),
  action text NOT NULL,
  details jsonb NOT NULL
);
CREATE INDEX audit_in_order ON audit (crew_id, id DESC);
CREATE TRIGGER audit_append_only BEFORE UPDATE OR DELETE ON audit
  FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER audit_never_emptied BEFORE TRUNCATE ON audit
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- Down Migration
DROP TABLE audit, invitation, sign_in_failure, known_device;
DROP INDEX member_name_in_crew, member_sign_in_name;
ALTER TABLE member ADD CONSTRAINT member_crew_id_name_key_key UNIQUE (crew_id, name_key);
CREATE INDEX member_by_name ON member (name_key);
ALTER TABLE member DROP COLUMN left_at, DROP COLUMN sign_in_name;
