-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- Addresses that are told when the verdict on an assembly of a project changes.
CREATE TABLE IF NOT EXISTS hooks (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  project_id BIGINT NOT NULL,
  url VARCHAR(500) NOT NULL,
  secret CHAR(40) CHARACTER SET ascii NOT NULL,
  maker VARCHAR(60) NOT NULL,
  went VARCHAR(200) NOT NULL DEFAULT '',
  KEY by_project (project_id),
  CONSTRAINT hooks_project FOREIGN KEY (project_id) REFERENCES projects (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
-- The verdict that each was told last of each assembly.
CREATE TABLE IF NOT EXISTS told (
  hook_id BIGINT NOT NULL,
  assembly_id BIGINT NOT NULL,
  verdict VARCHAR(30) CHARACTER SET ascii NOT NULL,
  PRIMARY KEY (hook_id, assembly_id),
  CONSTRAINT told_hook FOREIGN KEY (hook_id) REFERENCES hooks (id) ON DELETE CASCADE,
  CONSTRAINT told_assembly FOREIGN KEY (assembly_id) REFERENCES assemblies (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
-- What is still to be told.
CREATE TABLE IF NOT EXISTS sends (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  hook_id BIGINT NOT NULL,
  body VARCHAR(2000) NOT NULL,
  tries INT NOT NULL DEFAULT 0,
  due DATETIME(3) NOT NULL,
  KEY by_due (due),
  CONSTRAINT sends_hook FOREIGN KEY (hook_id) REFERENCES hooks (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

-- +goose Down
DROP TABLE IF EXISTS sends;
DROP TABLE IF EXISTS told;
DROP TABLE IF EXISTS hooks;
