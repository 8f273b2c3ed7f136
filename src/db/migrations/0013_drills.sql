-- Up Migration
-- What somebody answered to a question of the drills. Never changed.
CREATE TABLE drill_review (
  id uuid PRIMARY KEY,
  crew_id uuid NOT NULL REFERENCES crew (id),
  member_id uuid NOT NULL REFERENCES member (id),
  at timestamptz NOT NULL,
  drill text NOT NULL,
  number integer NOT NULL,
  grade text NOT NULL CHECK (grade IN ('again', 'hard', 'good')),
  instead text,
  took_ms integer
);
-- A question is answered once: what is sent again counts no second time.
CREATE UNIQUE INDEX drill_review_once ON drill_review (member_id, drill, number);
CREATE INDEX drill_review_of_member ON drill_review (member_id, at DESC, id DESC);
CREATE TRIGGER drill_review_append_only BEFORE UPDATE OR DELETE ON drill_review
  FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER drill_review_never_emptied BEFORE TRUNCATE ON drill_review
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- What a person's answers to one drill add up to: a copy, for what is asked next. The answers say it again at any time.
CREATE TABLE drill_memory (
  crew_id uuid NOT NULL REFERENCES crew (id),
  member_id uuid NOT NULL REFERENCES member (id),
  drill text NOT NULL,
  first_at timestamptz NOT NULL,
  last_at timestamptz NOT NULL,
  due_at timestamptz NOT NULL,
  asked_from timestamptz NOT NULL,
  stability_days double precision NOT NULL,
  difficulty double precision NOT NULL,
  scheduled_days integer NOT NULL,
  learning_step integer NOT NULL,
  stage text NOT NULL CHECK (stage IN ('learning', 'known', 'learning again')),
  reviews integer NOT NULL,
  lapses integer NOT NULL,
  PRIMARY KEY (member_id, drill)
);
CREATE INDEX drill_memory_due ON drill_memory (member_id, asked_from, drill);

-- Down Migration
DROP TABLE drill_memory;
DROP TABLE drill_review;
