-- Edits that the program proposes for what it found in a cutout, and what people said to them.
CREATE TABLE proposed_mend (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  version_id BIGINT NOT NULL,
  finding INT NOT NULL,
  edit MEDIUMTEXT NOT NULL,
  CONSTRAINT mend_of_version FOREIGN KEY (version_id) REFERENCES cutout_version (id),
  CONSTRAINT mend_once UNIQUE (version_id, finding)
);

CREATE TABLE mend_answer (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  batch_id BIGINT NOT NULL,
  photo_id BIGINT NOT NULL,
  version_id BIGINT NOT NULL,
  finding INT NOT NULL,
  kind VARCHAR(24) NOT NULL,
  taken BOOLEAN NOT NULL,
  client_key CHAR(36) NULL,
  together CHAR(36) NULL,
  given_at DATETIME(3) NOT NULL,
  CONSTRAINT answer_photo FOREIGN KEY (photo_id) REFERENCES photo (id),
  CONSTRAINT answer_once UNIQUE (version_id, finding),
  INDEX answer_together (together),
  INDEX answer_batch (batch_id, kind)
);
