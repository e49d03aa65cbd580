-- What a delivered file came to be, and of what: so that the next delivery makes only what differs.
ALTER TABLE delivered_file
  ADD COLUMN width INT NOT NULL DEFAULT 0,
  ADD COLUMN height INT NOT NULL DEFAULT 0,
  ADD COLUMN quality INT NULL,
  ADD COLUMN likeness DOUBLE NULL,
  ADD COLUMN recipe CHAR(64) NULL,
  ADD COLUMN change_kind VARCHAR(8) NOT NULL DEFAULT 'new';

ALTER TABLE delivery
  ADD COLUMN previous_id BIGINT NULL,
  ADD CONSTRAINT delivery_previous FOREIGN KEY (previous_id) REFERENCES delivery (id);

-- What files say of themselves: on the ticket, and as it was when a delivery was started.
ALTER TABLE batch ADD COLUMN file_words MEDIUMTEXT NULL;
ALTER TABLE delivery ADD COLUMN file_words MEDIUMTEXT NULL;
