-- Edits of every kind, in an order of their own, that may be changed later.
ALTER TABLE edit
  ADD COLUMN position INT NOT NULL DEFAULT 0 AFTER base_version_id,
  ADD COLUMN revision INT NOT NULL DEFAULT 0 AFTER data,
  ADD COLUMN problem VARCHAR(400) NULL AFTER undone;
UPDATE edit SET position = id;
