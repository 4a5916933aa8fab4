-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- When who reads a file was last heard of.
ALTER TABLE imports ADD COLUMN IF NOT EXISTS seen DATETIME(3) NULL;
-- Counted up by what must not be done at two nodes of a cluster at once though it changes no row in common.
CREATE TABLE IF NOT EXISTS ticks (
  what VARCHAR(60) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  n BIGINT NOT NULL
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

-- +goose Down
DROP TABLE IF EXISTS ticks;
ALTER TABLE imports DROP COLUMN IF EXISTS seen;
