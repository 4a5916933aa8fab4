-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- Of an assembly that was brought over from another: which one, and the state it had then.
ALTER TABLE assemblies ADD COLUMN IF NOT EXISTS origin_id BIGINT NOT NULL DEFAULT 0;
ALTER TABLE assemblies ADD COLUMN IF NOT EXISTS origin_seq BIGINT NOT NULL DEFAULT 0;

-- +goose Down
ALTER TABLE assemblies DROP COLUMN IF EXISTS origin_seq, DROP COLUMN IF EXISTS origin_id;
