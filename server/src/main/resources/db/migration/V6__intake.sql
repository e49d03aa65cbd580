-- Files on their way in: declared, come whole, and then taken or refused.
CREATE TABLE upload (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  batch_id BIGINT NOT NULL,
  folder VARCHAR(500) NOT NULL,
  name VARCHAR(255) NOT NULL,
  place INT NOT NULL,
  bytes BIGINT NOT NULL,
  fingerprint CHAR(64) NOT NULL,
  state VARCHAR(16) NOT NULL,
  inside_id BIGINT NULL,
  photo_id BIGINT NULL,
  problem VARCHAR(500) NULL,
  duplicate_of BIGINT NULL,
  created_at DATETIME(3) NOT NULL,
  CONSTRAINT upload_batch FOREIGN KEY (batch_id) REFERENCES batch (id),
  CONSTRAINT upload_once UNIQUE (batch_id, fingerprint),
  INDEX upload_state (state, id),
  INDEX upload_batch_state (batch_id, state)
);

-- Where a picture came from, where it belongs, and what intake saw of it.
ALTER TABLE photo ADD COLUMN folder VARCHAR(500) NOT NULL DEFAULT '';
ALTER TABLE photo ADD COLUMN code VARCHAR(120) NULL;
ALTER TABLE photo ADD COLUMN set_group VARCHAR(120) NULL;
ALTER TABLE photo ADD COLUMN profile VARCHAR(120) NULL;
ALTER TABLE photo ADD COLUMN bits INT NOT NULL DEFAULT 8;
ALTER TABLE photo ADD COLUMN has_place BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE photo ADD COLUMN transparent BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE photo ADD COLUMN sharpness DOUBLE NOT NULL DEFAULT 1;

-- What a person decided before the cut.
ALTER TABLE photo ADD COLUMN crop_x INT NULL;
ALTER TABLE photo ADD COLUMN crop_y INT NULL;
ALTER TABLE photo ADD COLUMN crop_width INT NULL;
ALTER TABLE photo ADD COLUMN crop_height INT NULL;
ALTER TABLE photo ADD COLUMN removed_at DATETIME(3) NULL;
ALTER TABLE photo ADD COLUMN renditions_due BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE photo ADD INDEX photo_renditions (renditions_due);

-- A version stays true to the photograph and the crop it was made of.
ALTER TABLE cutout_version ADD COLUMN source_blob CHAR(64) NULL;
ALTER TABLE cutout_version ADD COLUMN crop_x INT NULL;
ALTER TABLE cutout_version ADD COLUMN crop_y INT NULL;
ALTER TABLE cutout_version ADD COLUMN crop_width INT NULL;
ALTER TABLE cutout_version ADD COLUMN crop_height INT NULL;
UPDATE cutout_version v JOIN photo p ON p.id = v.photo_id SET v.source_blob = p.original_blob;

-- The rest of the ticket.
ALTER TABLE batch ADD COLUMN specs MEDIUMTEXT NULL;
ALTER TABLE batch ADD COLUMN set_pattern VARCHAR(500) NULL;
ALTER TABLE batch ADD COLUMN sharpen_enlarged BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE delivery ADD COLUMN sharpen_enlarged BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE batch ADD COLUMN notes VARCHAR(2000) NULL;
