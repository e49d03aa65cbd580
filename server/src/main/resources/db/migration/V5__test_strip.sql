-- What decides a cutout, so that one that was made before is found again and not made twice.
ALTER TABLE cutout_version ADD COLUMN asked_method VARCHAR(16) NULL;
ALTER TABLE cutout_version ADD COLUMN source_key CHAR(64) NULL;
ALTER TABLE cutout_version ADD COLUMN tell_tale INT NULL;

-- What the engine saw of the scene, to choose samples that differ.
ALTER TABLE photo ADD COLUMN scene_facts VARCHAR(200) NULL;

-- Methods by group, where they differ from the batch's.
ALTER TABLE batch ADD COLUMN method_rules MEDIUMTEXT NULL;

-- A few pictures by a few methods, cut before the whole batch is.
CREATE TABLE strip_cell (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  batch_id BIGINT NOT NULL,
  photo_id BIGINT NOT NULL,
  sample INT NOT NULL,
  method VARCHAR(16) NOT NULL,
  state VARCHAR(16) NOT NULL,
  version_id BIGINT NULL,
  problem VARCHAR(500) NULL,
  claimed_by CHAR(36) NULL,
  CONSTRAINT cell_batch FOREIGN KEY (batch_id) REFERENCES batch (id),
  CONSTRAINT cell_photo FOREIGN KEY (photo_id) REFERENCES photo (id),
  CONSTRAINT cell_once UNIQUE (photo_id, method),
  INDEX cell_state (state, id)
);
