-- Up Migration
-- What a crew teaches, in its order: a document like the decks and loads that it keeps. No plan takes one.
ALTER TABLE kept_part DROP CONSTRAINT kept_part_kind_check;
ALTER TABLE kept_part ADD CONSTRAINT kept_part_kind_check CHECK (kind IN ('deck', 'load', 'course'));

-- Down Migration
DELETE FROM kept_part WHERE kind = 'course';
ALTER TABLE kept_part DROP CONSTRAINT kept_part_kind_check;
ALTER TABLE kept_part ADD CONSTRAINT kept_part_kind_check CHECK (kind IN ('deck', 'load'));
