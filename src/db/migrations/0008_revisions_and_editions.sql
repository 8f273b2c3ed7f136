-- Up Migration
-- Riggings have a past like plans.
CREATE TABLE rigging_revision (
  rigging_id uuid NOT NULL REFERENCES rigging (id),
  version integer NOT NULL,
  crew_id uuid NOT NULL REFERENCES crew (id),
  document jsonb NOT NULL,
  saved_at timestamptz NOT NULL,
  saved_by uuid NOT NULL REFERENCES member (id),
  name text,
  PRIMARY KEY (rigging_id, version)
);
INSERT INTO rigging_revision (rigging_id, version, crew_id, document, saved_at, saved_by)
  SELECT id, version, crew_id, document, updated_at, updated_by FROM rigging;
ALTER TABLE plan_revision ADD COLUMN name text;

-- A revision is never changed but for its name. Old ones may go, one by one, while they have none.
CREATE FUNCTION refuse_change_of_revision() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF TG_OP = 'DELETE' AND OLD.name IS NULL AND OLD.saved_at < now() - interval '1 hour' THEN
    RETURN OLD;
  END IF;
  IF TG_OP = 'UPDATE' AND to_jsonb(OLD) - 'name' = to_jsonb(NEW) - 'name' THEN
    RETURN NEW;
  END IF;
  RAISE EXCEPTION '% is append-only', TG_TABLE_NAME;
END $$;
DROP TRIGGER plan_revision_append_only ON plan_revision;
CREATE TRIGGER plan_revision_append_only BEFORE UPDATE OR DELETE ON plan_revision
  FOR EACH ROW EXECUTE FUNCTION refuse_change_of_revision();
CREATE TRIGGER rigging_revision_append_only BEFORE UPDATE OR DELETE ON rigging_revision
  FOR EACH ROW EXECUTE FUNCTION refuse_change_of_revision();

-- Which edition of the rules, as this program holds them, a verdict was found by.
ALTER TABLE plan ADD COLUMN judged_by text NOT NULL DEFAULT '';
ALTER TABLE plan ALTER COLUMN judged_by DROP DEFAULT;
CREATE INDEX plan_by_edition ON plan (judged_by, id);

-- Down Migration
DROP INDEX plan_by_edition;
ALTER TABLE plan DROP COLUMN judged_by;
DROP TRIGGER plan_revision_append_only ON plan_revision;
CREATE TRIGGER plan_revision_append_only BEFORE UPDATE OR DELETE ON plan_revision
  FOR EACH ROW EXECUTE FUNCTION refuse_change();
DROP TABLE rigging_revision;
DROP FUNCTION refuse_change_of_revision();
ALTER TABLE plan_revision DROP COLUMN name;
