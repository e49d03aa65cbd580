-- On which days files with a word left: where to look for words that only older files have. Counted after a
-- file was put onto the shelf, so never less than there is once nothing is left uncounted.
CREATE TABLE shelf_word_day (
  word VARCHAR(64) NOT NULL,
  day DATE NOT NULL,
  files INT NOT NULL,
  PRIMARY KEY (word, day)
);

ALTER TABLE shelf_file
  ADD COLUMN counted BOOLEAN NOT NULL DEFAULT FALSE,
  ADD INDEX shelf_counted (counted);
