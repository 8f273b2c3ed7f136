-- Up Migration
-- A toolbox talk while it is held: what is asked, where it stands, the code people join by until it ends.
CREATE TABLE talk (
  id uuid PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  led_by uuid NOT NULL REFERENCES member (id),
  code text NOT NULL,
  began_at timestamptz NOT NULL,
  ended_at timestamptz,
  items jsonb NOT NULL,
  -- Which question is asked, the first is 0; before it people gather.
  item integer,
  shown boolean NOT NULL DEFAULT false,
  version integer NOT NULL DEFAULT 1
);
CREATE UNIQUE INDEX talk_code ON talk (code) WHERE ended_at IS NULL;

-- Who takes part, known by the hash of what the phone keeps.
CREATE TABLE talk_person (
  id uuid PRIMARY KEY,
  talk_id uuid NOT NULL REFERENCES talk (id),
  member_id uuid REFERENCES member (id),
  name text NOT NULL,
  token_hash bytea NOT NULL UNIQUE,
  joined_at timestamptz NOT NULL
);
CREATE INDEX talk_person_of_talk ON talk_person (talk_id, joined_at, id);
-- Somebody of the crew is one person, on however many phones.
CREATE UNIQUE INDEX talk_person_once ON talk_person (talk_id, member_id) WHERE member_id IS NOT NULL;

-- Answers while a talk is held; with its end their counts go into the record, and whose they were is forgotten.
CREATE TABLE talk_answer (
  talk_id uuid NOT NULL REFERENCES talk (id),
  item integer NOT NULL,
  person_id uuid NOT NULL REFERENCES talk_person (id),
  at timestamptz NOT NULL,
  answer jsonb NOT NULL,
  grade text NOT NULL CHECK (grade IN ('again', 'hard', 'good')),
  instead text,
  PRIMARY KEY (talk_id, item, person_id)
);

-- What was held, and who took part, signed by who led it. Never changed.
CREATE TABLE talk_record (
  talk_id uuid PRIMARY KEY REFERENCES talk (id),
  crew_id uuid NOT NULL REFERENCES crew (id),
  held_at timestamptz NOT NULL,
  signed_at timestamptz NOT NULL,
  signed_by uuid NOT NULL REFERENCES member (id),
  body jsonb NOT NULL
);
CREATE INDEX talk_record_of_crew ON talk_record (crew_id, held_at DESC, talk_id DESC);
CREATE TRIGGER talk_record_append_only BEFORE UPDATE OR DELETE ON talk_record
  FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER talk_record_never_emptied BEFORE TRUNCATE ON talk_record
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- What a talk is put together from: what a crew answered, and what its checks found.
CREATE INDEX drill_review_of_crew ON drill_review (crew_id, at DESC);
CREATE INDEX road_check_of_crew ON road_check (crew_id, at DESC);

-- Down Migration
DROP INDEX drill_review_of_crew, road_check_of_crew;
DROP TABLE talk_record, talk_answer, talk_person, talk;
