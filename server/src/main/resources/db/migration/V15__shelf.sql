-- Finished work, found again: one row for every file that was delivered, however often.
CREATE TABLE tidying (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  said VARCHAR(200) NOT NULL,
  files INT NOT NULL,
  bytes BIGINT NOT NULL,
  done_at DATETIME(3) NOT NULL,
  undone_at DATETIME(3) NULL,
  forgotten_at DATETIME(3) NULL
);

CREATE TABLE shelf_file (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  file_id BIGINT NOT NULL,
  batch_id BIGINT NOT NULL,
  photo_id BIGINT NOT NULL,
  name VARCHAR(255) NOT NULL,
  spec VARCHAR(120) NOT NULL,
  look VARCHAR(120) NOT NULL,
  code VARCHAR(120) NULL,
  set_group VARCHAR(120) NULL,
  format VARCHAR(8) NOT NULL,
  width INT NOT NULL,
  height INT NOT NULL,
  bytes BIGINT NOT NULL,
  blob_id CHAR(64) NOT NULL,
  thumbnail_blob CHAR(64) NULL,
  words TEXT NOT NULL,
  delivered_at DATETIME(3) NOT NULL,
  replaced_at DATETIME(3) NULL,
  tidying_id BIGINT NULL,
  CONSTRAINT shelf_of_file FOREIGN KEY (file_id) REFERENCES delivered_file (id),
  CONSTRAINT shelf_of_batch FOREIGN KEY (batch_id) REFERENCES batch (id),
  CONSTRAINT shelf_of_photo FOREIGN KEY (photo_id) REFERENCES photo (id),
  CONSTRAINT shelf_tidying FOREIGN KEY (tidying_id) REFERENCES tidying (id),
  CONSTRAINT shelf_once UNIQUE (photo_id, spec, name, blob_id),
  INDEX shelf_newest (tidying_id, replaced_at, delivered_at, id),
  INDEX shelf_all (tidying_id, delivered_at, id),
  INDEX shelf_in_batch (tidying_id, batch_id, delivered_at),
  INDEX shelf_in_spec (tidying_id, spec, delivered_at),
  INDEX shelf_in_look (tidying_id, look, delivered_at),
  INDEX shelf_in_group (tidying_id, set_group, delivered_at),
  INDEX shelf_in_format (tidying_id, format, delivered_at),
  INDEX shelf_room (tidying_id, replaced_at, delivered_at, blob_id, bytes),
  INDEX shelf_blob (blob_id),
  FULLTEXT INDEX shelf_words (words)
);

ALTER TABLE delivery
  ADD COLUMN of_some BOOLEAN NOT NULL DEFAULT FALSE,
  ADD COLUMN shelved BOOLEAN NOT NULL DEFAULT FALSE,
  ADD INDEX delivery_shelved (shelved, state);

-- What a ZIP says of a file before it is read; and files whose bytes were tidied away for good.
ALTER TABLE delivered_file
  ADD COLUMN crc32 BIGINT NULL,
  ADD COLUMN forgotten BOOLEAN NOT NULL DEFAULT FALSE,
  ADD INDEX file_blob (blob_id);
