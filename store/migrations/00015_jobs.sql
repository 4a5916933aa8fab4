-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- Long work: what was asked for, who works on it, how far it is, and what came of it.
CREATE TABLE IF NOT EXISTS jobs (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  kind VARCHAR(20) CHARACTER SET ascii NOT NULL,
  project_id BIGINT NOT NULL,
  args MEDIUMTEXT NOT NULL,
  same CHAR(64) CHARACTER SET ascii NOT NULL,
  state VARCHAR(10) CHARACTER SET ascii NOT NULL,
  gone DOUBLE NOT NULL DEFAULT 0,
  waits INT NOT NULL DEFAULT 1,
  answer LONGBLOB NULL,
  message VARCHAR(1000) NOT NULL DEFAULT '',
  tries INT NOT NULL DEFAULT 0,
  seen DATETIME(3) NOT NULL,
  KEY by_state (state, id),
  KEY by_same (same),
  CONSTRAINT jobs_project FOREIGN KEY (project_id) REFERENCES projects (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

-- +goose Down
DROP TABLE IF EXISTS jobs;
