-- Up Migration
-- What programs ask by in a member's name: only hashes of tokens are kept, and what each may do.
CREATE TABLE api_token (
  id uuid PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  member_id uuid NOT NULL REFERENCES member (id),
  name text NOT NULL,
  token_hash bytea NOT NULL UNIQUE,
  scopes text[] NOT NULL,
  created_at timestamptz NOT NULL,
  expires_at timestamptz NOT NULL,
  last_used_at timestamptz,
  ended_at timestamptz
);
CREATE INDEX api_token_of_crew ON api_token (crew_id, id DESC) WHERE ended_at IS NULL;

-- What new plans and new people of a crew begin with.
ALTER TABLE crew ADD COLUMN defaults jsonb NOT NULL DEFAULT '{"units": null, "ruleSet": null}';

-- What is only ever added to leaves with its crew, by the one function that may do that.
CREATE OR REPLACE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF TG_OP = 'DELETE' AND leaving_with_its_crew(to_jsonb(OLD)) THEN RETURN OLD; END IF;
  RAISE EXCEPTION '% is append-only', TG_TABLE_NAME;
END $$;
CREATE OR REPLACE FUNCTION refuse_change_of_revision() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF TG_OP = 'DELETE' AND (leaving_with_its_crew(to_jsonb(OLD)) OR (OLD.name IS NULL AND OLD.saved_at < now() - interval '1 hour')) THEN
    RETURN OLD;
  END IF;
  IF TG_OP = 'UPDATE' AND to_jsonb(OLD) - 'name' = to_jsonb(NEW) - 'name' THEN
    RETURN NEW;
  END IF;
  RAISE EXCEPTION '% is append-only', TG_TABLE_NAME;
END $$;

-- Whether a row is of the crew that is being deleted. Saying so oneself does not help: whoever deletes must be the tables' owner.
CREATE FUNCTION leaving_with_its_crew(gone jsonb) RETURNS boolean LANGUAGE sql STABLE AS $$
  SELECT coalesce(gone ->> 'crew_id' = nullif(current_setting('vast_cleat.leaving', true), ''), false)
    AND current_user = (SELECT tableowner FROM pg_tables WHERE schemaname = 'public' AND tablename = 'crew')
$$;

-- Deletes a crew and everything of it.
CREATE FUNCTION delete_crew(leaving uuid) RETURNS void
  LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  PERFORM set_config('vast_cleat.leaving', leaving::text, true);
  DELETE FROM talk_answer WHERE talk_id IN (SELECT id FROM talk WHERE crew_id = leaving);
  DELETE FROM talk_person WHERE talk_id IN (SELECT id FROM talk WHERE crew_id = leaving);
  DELETE FROM talk_record WHERE crew_id = leaving;
  DELETE FROM talk WHERE crew_id = leaving;
  DELETE FROM log_photo WHERE crew_id = leaving;
  DELETE FROM log_line WHERE crew_id = leaving;
  DELETE FROM log_link WHERE crew_id = leaving;
  DELETE FROM log_entry WHERE crew_id = leaving;
  DELETE FROM statement WHERE crew_id = leaving;
  DELETE FROM sign_off_revocation WHERE crew_id = leaving;
  DELETE FROM sign_off WHERE crew_id = leaving;
  DELETE FROM tying WHERE crew_id = leaving;
  DELETE FROM drill_memory WHERE crew_id = leaving;
  DELETE FROM drill_review WHERE crew_id = leaving;
  DELETE FROM knot_words WHERE crew_id = leaving;
  DELETE FROM road_check WHERE crew_id = leaving;
  DELETE FROM plan_part WHERE crew_id = leaving;
  DELETE FROM plan_gear WHERE crew_id = leaving;
  DELETE FROM kept_part WHERE crew_id = leaving;
  DELETE FROM gear_event WHERE crew_id = leaving;
  DELETE FROM gear WHERE crew_id = leaving;
  DELETE FROM plan_revision WHERE crew_id = leaving;
  DELETE FROM plan WHERE crew_id = leaving;
  DELETE FROM rigging_revision WHERE crew_id = leaving;
  DELETE FROM rigging WHERE crew_id = leaving;
  DELETE FROM receipt WHERE crew_id = leaving;
  DELETE FROM stream WHERE crew_id = leaving;
  DELETE FROM api_token WHERE crew_id = leaving;
  DELETE FROM calendar_feed WHERE crew_id = leaving;
  DELETE FROM invitation WHERE crew_id = leaving;
  DELETE FROM audit WHERE crew_id = leaving;
  DELETE FROM known_device WHERE member_id IN (SELECT id FROM member WHERE crew_id = leaving);
  DELETE FROM session WHERE member_id IN (SELECT id FROM member WHERE crew_id = leaving);
  DELETE FROM caution_acknowledgement WHERE member_id IN (SELECT id FROM member WHERE crew_id = leaving);
  DELETE FROM member WHERE crew_id = leaving;
  DELETE FROM crew WHERE id = leaving;
  PERFORM set_config('vast_cleat.leaving', '', true);
END $$;

-- Down Migration
DROP FUNCTION delete_crew;
CREATE OR REPLACE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION '% is append-only', TG_TABLE_NAME;
END $$;
CREATE OR REPLACE FUNCTION refuse_change_of_revision() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF TG_OP = 'DELETE' AND OLD.name IS NULL AND OLD.saved_at < now() - interval '1 hour' THEN
    RETURN OLD;
  END IF;
  IF TG_OP = 'UPDATE' AND to_jsonb(OLD) - 'name' = to_jsonb(NEW) - 'name' THEN
    RETURN NEW;
  END IF;
  RAISE EXCEPTION '% is append-only', TG_TABLE_NAME;
END $$;
DROP FUNCTION leaving_with_its_crew;
ALTER TABLE crew DROP COLUMN defaults;
DROP TABLE api_token;
