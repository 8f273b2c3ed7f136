-- Up Migration
CREATE EXTENSION IF NOT EXISTS btree_gin;

-- What was done and what happened, month by month. Never changed: a correction is a later entry that points at an earlier one.
-- What was recorded on the road or of a rope is in it under the same id.
CREATE TABLE log_entry (
  id uuid NOT NULL,
  crew_id uuid NOT NULL REFERENCES crew (id),
  at timestamptz NOT NULL,
  recorded_at timestamptz NOT NULL,
  by_member uuid NOT NULL REFERENCES member (id),
  kind text NOT NULL CHECK (kind IN ('securement', 'check', 're-tension', 'incident', 'rope-event', 'note', 'correction')),
  plan_id uuid REFERENCES plan (id),
  body jsonb NOT NULL,
  facts jsonb NOT NULL,
  words tsvector NOT NULL,
  corrects uuid,
  PRIMARY KEY (id, at)
) PARTITION BY RANGE (at);
CREATE INDEX log_entry_in_order ON log_entry (crew_id, at DESC, id DESC);
CREATE INDEX log_entry_by_kind ON log_entry (crew_id, kind, at DESC, id DESC);
CREATE INDEX log_entry_by_plan ON log_entry (crew_id, plan_id, at DESC, id DESC) WHERE plan_id IS NOT NULL;
CREATE INDEX log_entry_correcting ON log_entry (corrects) WHERE corrects IS NOT NULL;
CREATE INDEX log_entry_by_words ON log_entry USING gin (crew_id, words);
CREATE TRIGGER log_entry_append_only BEFORE UPDATE OR DELETE ON log_entry
  FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER log_entry_never_emptied BEFORE TRUNCATE ON log_entry
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
-- What lies outside of all months that were made.
CREATE TABLE log_entry_outside PARTITION OF log_entry DEFAULT;

-- Makes the months from one to another, those that are not there. A month of which something lies outside already stays there.
-- Run as its owner: the application itself makes no tables.
CREATE FUNCTION make_log_months(first date, last date) RETURNS integer
  LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE
  month date := date_trunc('month', first)::date;
  made integer := 0;
  name text;
BEGIN
  PERFORM pg_advisory_xact_lock(hashtext('make_log_months'));
  IF last > first + 3700 THEN RAISE EXCEPTION 'at most ten years at once'; END IF;
  WHILE month <= last LOOP
    name := 'log_entry_' || to_char(month, 'YYYY_MM');
    IF to_regclass('public.' || name) IS NULL AND NOT EXISTS (
      SELECT FROM log_entry_outside
      WHERE at >= month::timestamp AT TIME ZONE 'UTC' AND at < (month + interval '1 month')::timestamp AT TIME ZONE 'UTC'
    ) THEN
      EXECUTE format('CREATE TABLE %I PARTITION OF log_entry FOR VALUES FROM (%L) TO (%L)', name,
        month::text || ' 00:00:00+00', (month + interval '1 month')::date::text || ' 00:00:00+00');
      made := made + 1;
    END IF;
    month := (month + interval '1 month')::date;
  END LOOP;
  RETURN made;
END $$;
SELECT make_log_months((now() - interval '24 months')::date, (now() + interval '12 months')::date);

-- What an entry is about, for the views by rope, person, deck and knot. `ref`: an id, or the name of a deck.
CREATE TABLE log_link (
  crew_id uuid NOT NULL REFERENCES crew (id),
  what text NOT NULL CHECK (what IN ('gear', 'person', 'deck', 'knot')),
  ref text NOT NULL,
  at timestamptz NOT NULL,
  entry_id uuid NOT NULL,
  PRIMARY KEY (crew_id, what, ref, at, entry_id)
);
CREATE TRIGGER log_link_append_only BEFORE UPDATE OR DELETE ON log_link
  FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER log_link_never_emptied BEFORE TRUNCATE ON log_link
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- How each line was found at a check, or that it was hauled again, for what is counted.
CREATE TABLE log_line (
  crew_id uuid NOT NULL REFERENCES crew (id),
  at timestamptz NOT NULL,
  entry_id uuid NOT NULL,
  line_id text NOT NULL,
  plan_id uuid NOT NULL REFERENCES plan (id),
  name text NOT NULL,
  material text NOT NULL,
  lock text NOT NULL,
  state text NOT NULL,
  at_check boolean NOT NULL,
  PRIMARY KEY (crew_id, at, entry_id, line_id)
);
CREATE TRIGGER log_line_append_only BEFORE UPDATE OR DELETE ON log_line
  FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER log_line_never_emptied BEFORE TRUNCATE ON log_line
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- Pictures of entries, as they were made small: nothing is left in them of where and with what they were taken.
CREATE TABLE log_photo (
  id uuid PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  entry_id uuid NOT NULL,
  place integer NOT NULL,
  width_px integer NOT NULL,
  height_px integer NOT NULL,
  jpeg bytea NOT NULL
);
CREATE UNIQUE INDEX log_photo_of_entry ON log_photo (crew_id, entry_id, place);
CREATE TRIGGER log_photo_append_only BEFORE UPDATE OR DELETE ON log_photo
  FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER log_photo_never_emptied BEFORE TRUNCATE ON log_photo
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- What was recorded before there was a log.
INSERT INTO log_entry (id, crew_id, at, recorded_at, by_member, kind, plan_id, body, facts, words)
  SELECT c.id, c.crew_id, c.at, c.recorded_at, c.by_member, 'check', c.plan_id,
    c.body || '{"kind": "check"}'::jsonb,
    jsonb_build_object('plan', jsonb_build_object('id', p.id, 'title', p.title, 'version', c.plan_version, 'deck', coalesce(p.document #>> '{deck,name}', ''))),
    to_tsvector('simple', p.title)
  FROM road_check c JOIN plan p ON p.id = c.plan_id;
INSERT INTO log_entry (id, crew_id, at, recorded_at, by_member, kind, body, facts, words)
  SELECT e.id, e.crew_id, e.at, e.at, e.by_member, 'rope-event',
    jsonb_build_object('kind', 'rope-event', 'gearId', e.gear_id, 'happened', e.body),
    jsonb_build_object('gear', jsonb_build_array(jsonb_build_object('id', g.id, 'code', g.code))),
    to_tsvector('simple', g.code)
  FROM gear_event e JOIN gear g ON g.id = e.gear_id WHERE e.body ->> 'kind' <> 'entered';
INSERT INTO log_link (crew_id, what, ref, at, entry_id)
  SELECT crew_id, 'person', by_member::text, at, id FROM log_entry
  UNION ALL SELECT crew_id, 'gear', body ->> 'gearId', at, id FROM log_entry WHERE kind = 'rope-event'
  UNION ALL SELECT crew_id, 'deck', lower(facts #>> '{plan,deck}'), at, id FROM log_entry WHERE kind = 'check';

-- Down Migration
DROP TABLE log_photo, log_line, log_link, log_entry;
DROP FUNCTION make_log_months;
DROP EXTENSION btree_gin;
