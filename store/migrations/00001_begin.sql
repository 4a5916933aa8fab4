-- +goose Up
CREATE TABLE projects (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(200) NOT NULL,
  created DATETIME(3) NOT NULL
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

-- Large values, by what they hold, in pieces small enough for any packet and log size.
CREATE TABLE blobs (
  sha256 CHAR(64) CHARACTER SET ascii NOT NULL,
  n INT NOT NULL,
  data LONGBLOB NOT NULL,
  PRIMARY KEY (sha256, n)
) DEFAULT CHARSET=utf8mb4;

CREATE TABLE imports (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  batch CHAR(32) CHARACTER SET ascii NOT NULL,
  project_id BIGINT NOT NULL,
  name VARCHAR(400) NOT NULL,
  sha256 CHAR(64) CHARACTER SET ascii NOT NULL,
  size BIGINT NOT NULL,
  state VARCHAR(16) NOT NULL,
  message TEXT NOT NULL,
  created DATETIME(3) NOT NULL,
  KEY (batch),
  CONSTRAINT imports_project FOREIGN KEY (project_id) REFERENCES projects (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

CREATE TABLE parts (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  project_id BIGINT NOT NULL,
  name VARCHAR(200) NOT NULL,
  number VARCHAR(100) NOT NULL,
  revision VARCHAR(40) NOT NULL,
  material VARCHAR(100) NOT NULL,
  density DOUBLE NOT NULL,
  fastener BOOLEAN NOT NULL,
  tint INT NOT NULL,
  source_name VARCHAR(400) NOT NULL,
  source_sha256 CHAR(64) CHARACTER SET ascii NOT NULL,
  source_index INT NOT NULL,
  derived_version INT NOT NULL,
  derived_sha256 CHAR(64) CHARACTER SET ascii NOT NULL,
  preview_sha256 CHAR(64) CHARACTER SET ascii NOT NULL,
  created DATETIME(3) NOT NULL,
  UNIQUE KEY part_once (project_id, source_sha256, source_index),
  CONSTRAINT parts_project FOREIGN KEY (project_id) REFERENCES projects (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

CREATE TABLE assemblies (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  project_id BIGINT NOT NULL,
  name VARCHAR(200) NOT NULL,
  number VARCHAR(100) NOT NULL,
  seq BIGINT NOT NULL,
  verdict VARCHAR(40) NOT NULL,
  created DATETIME(3) NOT NULL,
  CONSTRAINT assemblies_project FOREIGN KEY (project_id) REFERENCES projects (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

-- An assembly is the fold of its edits. Rows are never changed; undo and redo are edits too.
CREATE TABLE edits (
  assembly_id BIGINT NOT NULL,
  seq BIGINT NOT NULL,
  kind VARCHAR(8) NOT NULL,
  target BIGINT NOT NULL,
  at DATETIME(3) NOT NULL,
  who VARCHAR(100) NOT NULL,
  said VARCHAR(400) NOT NULL,
  edit LONGTEXT NOT NULL,
  inverse LONGTEXT NOT NULL,
  PRIMARY KEY (assembly_id, seq),
  CONSTRAINT edits_assembly FOREIGN KEY (assembly_id) REFERENCES assemblies (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

CREATE TABLE snapshots (
  assembly_id BIGINT NOT NULL,
  seq BIGINT NOT NULL,
  state LONGTEXT NOT NULL,
  PRIMARY KEY (assembly_id, seq),
  CONSTRAINT snapshots_assembly FOREIGN KEY (assembly_id) REFERENCES assemblies (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

-- +goose Down
DROP TABLE snapshots, edits, assemblies, parts, imports, blobs, projects;
