CREATE TABLE batch (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(120) NOT NULL,
  method VARCHAR(16) NOT NULL,
  look_backdrop VARCHAR(16) NOT NULL,
  look_margin_percent DOUBLE NOT NULL,
  created_at DATETIME(3) NOT NULL,
  revision BIGINT NOT NULL
);

CREATE TABLE photo (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  batch_id BIGINT NOT NULL,
  place INT NOT NULL,
  file_name VARCHAR(255) NOT NULL,
  state VARCHAR(16) NOT NULL,
  queued BOOLEAN NOT NULL,
  asked_method VARCHAR(16) NULL,
  original_blob CHAR(64) NOT NULL,
  original_bytes BIGINT NOT NULL,
  file_kind VARCHAR(8) NOT NULL,
  shown_by_browsers BOOLEAN NOT NULL,
  width INT NOT NULL,
  height INT NOT NULL,
  thumbnail_blob CHAR(64) NOT NULL,
  preview_blob CHAR(64) NOT NULL,
  problem VARCHAR(500) NULL,
  current_version_id BIGINT NULL,
  edits_pending BOOLEAN NOT NULL,
  created_at DATETIME(3) NOT NULL,
  revision BIGINT NOT NULL,
  CONSTRAINT photo_batch FOREIGN KEY (batch_id) REFERENCES batch (id),
  CONSTRAINT photo_place UNIQUE (batch_id, place),
  INDEX photo_state (batch_id, state, queued),
  INDEX photo_original (batch_id, original_blob)
);

CREATE TABLE cutout_version (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  photo_id BIGINT NOT NULL,
  number INT NOT NULL,
  maker VARCHAR(16) NOT NULL,
  base_version_id BIGINT NULL,
  matte_blob CHAR(64) NOT NULL,
  edge_blob CHAR(64) NOT NULL,
  thumbnail_blob CHAR(64) NOT NULL,
  preview_blob CHAR(64) NOT NULL,
  method VARCHAR(16) NOT NULL,
  reason VARCHAR(200) NOT NULL,
  confidence INT NOT NULL,
  subjects INT NOT NULL,
  content_x INT NOT NULL,
  content_y INT NOT NULL,
  content_width INT NOT NULL,
  content_height INT NOT NULL,
  millis BIGINT NOT NULL,
  created_at DATETIME(3) NOT NULL,
  CONSTRAINT version_photo FOREIGN KEY (photo_id) REFERENCES photo (id),
  CONSTRAINT version_number UNIQUE (photo_id, number)
);

CREATE TABLE edit (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  photo_id BIGINT NOT NULL,
  base_version_id BIGINT NOT NULL,
  client_key CHAR(36) NOT NULL,
  kind VARCHAR(16) NOT NULL,
  data MEDIUMTEXT NOT NULL,
  enabled BOOLEAN NOT NULL,
  undone BOOLEAN NOT NULL,
  created_at DATETIME(3) NOT NULL,
  CONSTRAINT edit_photo FOREIGN KEY (photo_id) REFERENCES photo (id),
  CONSTRAINT edit_base FOREIGN KEY (base_version_id) REFERENCES cutout_version (id),
  CONSTRAINT edit_client_key UNIQUE (photo_id, client_key)
);

CREATE TABLE verdict (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  photo_id BIGINT NOT NULL,
  version_id BIGINT NULL,
  from_state VARCHAR(16) NOT NULL,
  to_state VARCHAR(16) NOT NULL,
  given_at DATETIME(3) NOT NULL,
  taken_back_at DATETIME(3) NULL,
  CONSTRAINT verdict_photo FOREIGN KEY (photo_id) REFERENCES photo (id)
);

CREATE TABLE delivery (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  batch_id BIGINT NOT NULL,
  state VARCHAR(16) NOT NULL,
  specs MEDIUMTEXT NOT NULL,
  look_backdrop VARCHAR(16) NOT NULL,
  look_margin_percent DOUBLE NOT NULL,
  problem VARCHAR(500) NULL,
  created_at DATETIME(3) NOT NULL,
  finished_at DATETIME(3) NULL,
  revision BIGINT NOT NULL,
  CONSTRAINT delivery_batch FOREIGN KEY (batch_id) REFERENCES batch (id)
);

CREATE TABLE delivered_file (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  delivery_id BIGINT NOT NULL,
  photo_id BIGINT NOT NULL,
  version_id BIGINT NULL,
  spec_index INT NOT NULL,
  name VARCHAR(255) NOT NULL,
  blob_id CHAR(64) NULL,
  bytes BIGINT NOT NULL,
  problem VARCHAR(500) NULL,
  CONSTRAINT file_delivery FOREIGN KEY (delivery_id) REFERENCES delivery (id),
  CONSTRAINT file_photo FOREIGN KEY (photo_id) REFERENCES photo (id),
  CONSTRAINT file_name_once UNIQUE (delivery_id, name),
  CONSTRAINT file_spec_once UNIQUE (delivery_id, photo_id, spec_index)
);

CREATE TABLE installation (
  name VARCHAR(40) PRIMARY KEY,
  value VARCHAR(200) NOT NULL
);
