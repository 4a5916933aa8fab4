-- Each statement may be run again: a migration that was broken off goes on where it stood.
-- +goose NO TRANSACTION
-- +goose Up
-- What a part is cut from, such as a tube by its section; none: it is not cut from stock.
ALTER TABLE parts ADD COLUMN IF NOT EXISTS stock VARCHAR(100) CHARACTER SET utf8mb4 NOT NULL DEFAULT '';

-- +goose Down
ALTER TABLE parts DROP COLUMN IF EXISTS stock;
