-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- What the students of a project are to do: with what they begin, against what it is marked, until when.
CREATE TABLE IF NOT EXISTS tasks (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  project_id BIGINT NOT NULL,
  name VARCHAR(190) NOT NULL,
  words VARCHAR(4000) NOT NULL,
  start_id BIGINT NULL,
  key_id BIGINT NULL,
  due DATETIME(3) NULL,
  closed BOOLEAN NOT NULL DEFAULT FALSE,
  shown BOOLEAN NOT NULL DEFAULT FALSE,
  KEY by_project (project_id),
  CONSTRAINT tasks_project FOREIGN KEY (project_id) REFERENCES projects (id) ON DELETE CASCADE,
  CONSTRAINT tasks_start FOREIGN KEY (start_id) REFERENCES assemblies (id) ON DELETE SET NULL,
  CONSTRAINT tasks_key FOREIGN KEY (key_id) REFERENCES assemblies (id) ON DELETE SET NULL
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
-- The project in which each student of a class works.
CREATE TABLE IF NOT EXISTS places (
  project_id BIGINT NOT NULL,
  person_id BIGINT NOT NULL,
  own_id BIGINT NOT NULL,
  PRIMARY KEY (project_id, person_id),
  CONSTRAINT places_project FOREIGN KEY (project_id) REFERENCES projects (id) ON DELETE CASCADE,
  CONSTRAINT places_person FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  CONSTRAINT places_own FOREIGN KEY (own_id) REFERENCES projects (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
-- Each student's work on a task: their own assembly, and the copy that was handed in last.
CREATE TABLE IF NOT EXISTS works (
  task_id BIGINT NOT NULL,
  person_id BIGINT NOT NULL,
  own_id BIGINT NULL,
  handed_id BIGINT NULL,
  handed DATETIME(3) NULL,
  remark VARCHAR(400) NOT NULL DEFAULT '',
  PRIMARY KEY (task_id, person_id),
  CONSTRAINT works_task FOREIGN KEY (task_id) REFERENCES tasks (id) ON DELETE CASCADE,
  CONSTRAINT works_person FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  CONSTRAINT works_own FOREIGN KEY (own_id) REFERENCES assemblies (id) ON DELETE SET NULL,
  CONSTRAINT works_handed FOREIGN KEY (handed_id) REFERENCES assemblies (id) ON DELETE SET NULL
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

-- +goose Down
DROP TABLE IF EXISTS works;
DROP TABLE IF EXISTS places;
DROP TABLE IF EXISTS tasks;
