-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- How part numbers of a project are made, as GV-###; none: as people like.
ALTER TABLE projects ADD COLUMN IF NOT EXISTS pattern VARCHAR(60) CHARACTER SET utf8mb4 NOT NULL DEFAULT '';

-- +goose Down
ALTER TABLE projects DROP COLUMN IF EXISTS pattern;
