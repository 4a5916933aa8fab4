-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- How a part was made of another one, as JSON: mirrored, drilled, raised from its outline, or as its newer revision.
ALTER TABLE parts ADD COLUMN IF NOT EXISTS link MEDIUMTEXT CHARACTER SET utf8mb4 NOT NULL DEFAULT '';

-- +goose Down
ALTER TABLE parts DROP COLUMN IF EXISTS link;
