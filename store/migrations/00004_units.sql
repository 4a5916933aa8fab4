-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- The unit a part is read in, where that is another than its file says.
ALTER TABLE parts ADD COLUMN IF NOT EXISTS unit VARCHAR(8) CHARACTER SET utf8mb4 NOT NULL DEFAULT '';
-- Projects put away are listed apart.
ALTER TABLE projects ADD COLUMN IF NOT EXISTS archived DATETIME(3) NULL;

-- +goose Down
ALTER TABLE parts DROP COLUMN IF EXISTS unit;
ALTER TABLE projects DROP COLUMN IF EXISTS archived;
