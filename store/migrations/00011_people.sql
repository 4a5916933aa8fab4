-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- Who signs in. era is counted up to sign somebody out everywhere; who has no password yet was invited and has not come.
CREATE TABLE IF NOT EXISTS people (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(60) NOT NULL,
  password VARCHAR(200) CHARACTER SET ascii NOT NULL DEFAULT '',
  chief BOOLEAN NOT NULL DEFAULT FALSE,
  barred BOOLEAN NOT NULL DEFAULT FALSE,
  era INT NOT NULL DEFAULT 0,
  made DATETIME(3) NOT NULL,
  UNIQUE KEY by_name (name)
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
-- What each may do in a project.
CREATE TABLE IF NOT EXISTS members (
  project_id BIGINT NOT NULL,
  person_id BIGINT NOT NULL,
  role VARCHAR(10) CHARACTER SET ascii NOT NULL,
  PRIMARY KEY (project_id, person_id),
  KEY by_person (person_id),
  CONSTRAINT members_project FOREIGN KEY (project_id) REFERENCES projects (id) ON DELETE CASCADE,
  CONSTRAINT members_person FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
-- Browsers that are signed in; the token is kept as its hash.
CREATE TABLE IF NOT EXISTS sessions (
  token CHAR(64) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  data BLOB NOT NULL,
  expiry DATETIME(3) NOT NULL,
  KEY by_expiry (expiry)
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
-- Links that let somebody in once: to join, or to choose a new password. Kept as their hash.
CREATE TABLE IF NOT EXISTS links (
  hash CHAR(64) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  person_id BIGINT NULL,
  project_id BIGINT NULL,
  role VARCHAR(10) CHARACTER SET ascii NOT NULL DEFAULT '',
  maker VARCHAR(60) NOT NULL,
  until DATETIME(3) NOT NULL,
  used DATETIME(3) NULL,
  CONSTRAINT links_person FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  CONSTRAINT links_project FOREIGN KEY (project_id) REFERENCES projects (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
-- What programs sign in with in somebody's name; kept as its hash.
CREATE TABLE IF NOT EXISTS tokens (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  hash CHAR(64) CHARACTER SET ascii NOT NULL,
  person_id BIGINT NOT NULL,
  name VARCHAR(60) NOT NULL,
  made DATETIME(3) NOT NULL,
  used DATE NULL,
  UNIQUE KEY by_hash (hash),
  CONSTRAINT tokens_person FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
-- How often something was tried since when: a sign-in from an address, to a name.
CREATE TABLE IF NOT EXISTS tries (
  what CHAR(64) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  n INT NOT NULL,
  since DATETIME(3) NOT NULL,
  KEY by_since (since)
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

-- +goose Down
DROP TABLE IF EXISTS tries;
DROP TABLE IF EXISTS tokens;
DROP TABLE IF EXISTS links;
DROP TABLE IF EXISTS sessions;
DROP TABLE IF EXISTS members;
DROP TABLE IF EXISTS people;
