-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- What can be taken back and done again after each line: the line on top of either pile, and the one below it on its pile.
ALTER TABLE edits
  ADD COLUMN IF NOT EXISTS undo_top BIGINT NOT NULL DEFAULT 0,
  ADD COLUMN IF NOT EXISTS redo_top BIGINT NOT NULL DEFAULT 0,
  ADD COLUMN IF NOT EXISTS below BIGINT NOT NULL DEFAULT 0,
  ADD COLUMN IF NOT EXISTS token VARCHAR(40) CHARACTER SET ascii NULL,
  ADD UNIQUE KEY IF NOT EXISTS edit_once (assembly_id, token),
  ADD KEY IF NOT EXISTS by_target (assembly_id, target, seq);

-- Taken off the Shelf, not deleted: logs refer to it. source_id names the file a part came from together with those it refers to;
-- arrival is the order in which files were handed in, whichever was read first.
ALTER TABLE parts
  ADD COLUMN IF NOT EXISTS off DATETIME(3) NULL,
  ADD COLUMN IF NOT EXISTS arrival BIGINT NOT NULL DEFAULT 0,
  ADD COLUMN IF NOT EXISTS source_id CHAR(64) CHARACTER SET ascii NOT NULL DEFAULT '',
  ADD KEY IF NOT EXISTS by_source (source_sha256),
  ADD KEY IF NOT EXISTS by_derived (derived_sha256),
  ADD KEY IF NOT EXISTS by_preview (preview_sha256);
UPDATE parts SET source_id=source_sha256 WHERE source_id='';
ALTER TABLE parts
  ADD UNIQUE KEY IF NOT EXISTS product_once (project_id, source_id, source_index),
  DROP KEY IF EXISTS part_once;

ALTER TABLE assemblies
  ADD COLUMN IF NOT EXISTS off DATETIME(3) NULL,
  ADD COLUMN IF NOT EXISTS source_id CHAR(64) CHARACTER SET ascii NOT NULL DEFAULT '',
  ADD COLUMN IF NOT EXISTS source_node VARCHAR(100) NOT NULL DEFAULT '',
  ADD KEY IF NOT EXISTS by_source (project_id, source_id);

ALTER TABLE imports
  ADD COLUMN IF NOT EXISTS started DATETIME(3) NULL,
  ADD COLUMN IF NOT EXISTS tries INT NOT NULL DEFAULT 0,
  ADD COLUMN IF NOT EXISTS within BIGINT NOT NULL DEFAULT 0,
  ADD KEY IF NOT EXISTS by_state (state, id),
  ADD KEY IF NOT EXISTS by_blob (sha256);

-- The files that a source refers to, so that it can be read again.
CREATE TABLE IF NOT EXISTS companions (
  source_id CHAR(64) CHARACTER SET ascii NOT NULL,
  name VARCHAR(255) COLLATE utf8mb4_bin NOT NULL,
  sha256 CHAR(64) CHARACTER SET ascii NOT NULL,
  PRIMARY KEY (source_id, name),
  KEY by_blob (sha256)
) DEFAULT CHARSET=utf8mb4;

-- What assemblies use: how often now, or 0 where only older lines of the log do.
CREATE TABLE IF NOT EXISTS uses (
  assembly_id BIGINT NOT NULL,
  item VARCHAR(24) CHARACTER SET ascii NOT NULL,
  n INT NOT NULL,
  PRIMARY KEY (assembly_id, item),
  KEY by_item (item, n),
  CONSTRAINT uses_assembly FOREIGN KEY (assembly_id) REFERENCES assemblies (id) ON DELETE CASCADE
) DEFAULT CHARSET=utf8mb4;

-- Which large values are whole. A value without a line here is the rest of a transfer that broke off.
CREATE TABLE IF NOT EXISTS kept (
  sha256 CHAR(64) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  size BIGINT NOT NULL,
  touched DATETIME(3) NOT NULL,
  KEY by_time (touched)
) DEFAULT CHARSET=utf8mb4;
INSERT IGNORE INTO kept (sha256, size, touched) SELECT sha256, SUM(LENGTH(data)), UTC_TIMESTAMP(3) FROM blobs GROUP BY sha256;

-- +goose Down
DROP TABLE kept, uses, companions;
