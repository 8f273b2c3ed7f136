-- Up Migration
-- Settings of a crew are saved like documents: whoever saves says which version they began with.
ALTER TABLE crew ADD COLUMN version integer NOT NULL DEFAULT 1;

-- Down Migration
ALTER TABLE crew DROP COLUMN version;
