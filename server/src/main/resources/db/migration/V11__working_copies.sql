-- Pixels of originals that take long to decode, as a rendition that is read in a moment.
CREATE TABLE working_copy (
  original_blob CHAR(64) PRIMARY KEY,
  copy_blob CHAR(64) NOT NULL,
  INDEX working_copy_blob (copy_blob)
);
-- Of a file with several pictures the first, or the main one, is taken.
ALTER TABLE photo ADD COLUMN pictures_in_file INT NOT NULL DEFAULT 1;
