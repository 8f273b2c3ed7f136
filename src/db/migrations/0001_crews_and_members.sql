-- Up Migration
-- Crews are the tenants: every other row belongs to one.
CREATE TABLE crew (
  id uuid PRIMARY KEY,
  name text NOT NULL,
  name_key text NOT NULL UNIQUE,
  strength jsonb NOT NULL,
  demo boolean NOT NULL DEFAULT false,
  created_at timestamptz NOT NULL DEFAULT now()
);

CREATE TABLE member (
  id uuid PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  name text NOT NULL,
  name_key text NOT NULL,
  role text NOT NULL CHECK (role IN ('lead', 'instructor', 'keeper', 'hand', 'trainee')),
  password_hash text NOT NULL,
  units text NOT NULL DEFAULT 'metric',
  demo boolean NOT NULL DEFAULT false,
  created_at timestamptz NOT NULL DEFAULT now(),
  UNIQUE (crew_id, name_key)
);
-- Sign-in looks a name up across crews.
CREATE INDEX member_by_name ON member (name_key);

CREATE TABLE caution_acknowledgement (
  member_id uuid NOT NULL REFERENCES member (id),
  wording_version integer NOT NULL,
  acknowledged_at timestamptz NOT NULL DEFAULT now(),
  PRIMARY KEY (member_id, wording_version)
);

-- Only hashes of tokens are kept. After a rotation the token before stays good for a short grace.
CREATE TABLE session (
  token_hash bytea PRIMARY KEY,
  previous_hash bytea UNIQUE,
  previous_until timestamptz,
  member_id uuid NOT NULL REFERENCES member (id),
  rotated_at timestamptz NOT NULL DEFAULT now(),
  expires_at timestamptz NOT NULL
);
CREATE INDEX session_by_member ON session (member_id);
CREATE INDEX session_by_expiry ON session (expires_at);

-- Counters of attempts and requests, by key and window.
CREATE TABLE rate_window (
  key text NOT NULL,
  window_start timestamptz NOT NULL,
  count integer NOT NULL,
  PRIMARY KEY (key, window_start)
);
CREATE INDEX rate_window_by_start ON rate_window (window_start);

-- Down Migration
DROP TABLE rate_window, session, caution_acknowledgement, member, crew;
