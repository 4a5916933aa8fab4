-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- Which pages show an assembly, and what is in hand there; a page that was not heard of for a while is gone.
CREATE TABLE IF NOT EXISTS present (
  page CHAR(32) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  assembly_id BIGINT NOT NULL,
  who VARCHAR(100) NOT NULL,
  hand VARCHAR(2000) NOT NULL,
  seen DATETIME(3) NOT NULL,
  KEY by_assembly (assembly_id, seen),
  CONSTRAINT present_assembly FOREIGN KEY (assembly_id) REFERENCES assemblies (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

-- +goose Down
DROP TABLE IF EXISTS present;
