-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- The unit a part is read in, where that is another than its file says.
ALTER TABLE parts ADD COLUMN IF NOT EXISTS unit VARCHAR(8) CHARACTER SET utf8mb4 NOT NULL DEFAULT '';
-- The unit a project shows and reads lengths in. What is kept is in mm.
ALTER TABLE projects ADD COLUMN IF NOT EXISTS unit VARCHAR(8) CHARACTER SET ascii NOT NULL DEFAULT 'mm';
-- What parts are sorted by on the Shelf, in the owner's words.
ALTER TABLE parts ADD COLUMN IF NOT EXISTS folder VARCHAR(100) NOT NULL DEFAULT '';
-- Projects put away are listed apart.
ALTER TABLE projects ADD COLUMN IF NOT EXISTS archived DATETIME(3) NULL;

-- What was done last is looked up for each project.
ALTER TABLE edits ADD KEY IF NOT EXISTS by_time (at);

-- +goose Down
ALTER TABLE edits DROP KEY IF EXISTS by_time;
ALTER TABLE parts DROP COLUMN IF EXISTS folder;
ALTER TABLE parts DROP COLUMN IF EXISTS unit;
ALTER TABLE projects DROP COLUMN IF EXISTS archived, DROP COLUMN IF EXISTS unit;
