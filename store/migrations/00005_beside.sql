-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- What is kept beside the log of an assembly, as JSON: views by name, the home position. It is no part of what the assembly says.
CREATE TABLE IF NOT EXISTS beside (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  assembly_id BIGINT NOT NULL,
  kind VARCHAR(16) CHARACTER SET ascii NOT NULL,
  name VARCHAR(190) NOT NULL,
  data MEDIUMTEXT NOT NULL,
  UNIQUE KEY beside_once (assembly_id, kind, name),
  FOREIGN KEY (assembly_id) REFERENCES assemblies (id) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

-- Helper features of a part, by name, as in the assembly file: points, axes, planes, frames that somebody made of its own.
ALTER TABLE parts ADD COLUMN IF NOT EXISTS helpers MEDIUMTEXT CHARACTER SET utf8mb4 NOT NULL DEFAULT '';

-- +goose Down
ALTER TABLE parts DROP COLUMN IF EXISTS helpers;
DROP TABLE IF EXISTS beside;
