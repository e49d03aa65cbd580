-- Looks are kept by name, in versions; a batch and a delivery refer to one version each.
CREATE TABLE look (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(80) NOT NULL,
  revision BIGINT NOT NULL DEFAULT 0,
  removed_at DATETIME(6),
  created_at DATETIME(6) NOT NULL
);

CREATE TABLE look_version (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  look_id BIGINT NOT NULL,
  number INT NOT NULL,
  parts MEDIUMTEXT NOT NULL,
  created_at DATETIME(6) NOT NULL,
  UNIQUE KEY look_number (look_id, number),
  CONSTRAINT version_of_look FOREIGN KEY (look_id) REFERENCES look (id)
);

-- Every backdrop and margin that was used so far becomes a look of its own.
CREATE TEMPORARY TABLE plain AS
  SELECT DISTINCT look_backdrop AS backdrop, look_margin_percent AS margin FROM batch
  UNION
  SELECT DISTINCT look_backdrop, look_margin_percent FROM delivery;

INSERT INTO look (name, created_at)
  SELECT CONCAT(IF(backdrop = 'transparent', 'Clear', backdrop), ', ', margin, ' %'), NOW(6) FROM plain;

INSERT INTO look_version (look_id, number, parts, created_at)
  SELECT look.id, 1, CONCAT(
    '[{"id":"backdrop","name":"Backdrop","on":true,"setting":{"kind":"backdrop","fill":',
    IF(backdrop = 'transparent', '{"kind":"none"}', CONCAT('{"kind":"colour","colour":"', backdrop, '"}')),
    '}},{"id":"subject","name":"Subject","on":true,"setting":{"kind":"subject","size":"margin","percent":', margin,
    ',"stand":"centre","floor":10.0,"x":0.0,"y":0.0,"rotate":0.0,"flip":false,"keepCutSides":false}}]'), NOW(6)
  FROM plain
  JOIN look ON look.name = CONCAT(IF(backdrop = 'transparent', 'Clear', backdrop), ', ', margin, ' %');

ALTER TABLE batch ADD COLUMN look_version_id BIGINT;
ALTER TABLE delivery ADD COLUMN look_version_id BIGINT;

UPDATE batch
  JOIN look ON look.name = CONCAT(
    IF(look_backdrop = 'transparent', 'Clear', look_backdrop), ', ', look_margin_percent, ' %')
  JOIN look_version ON look_version.look_id = look.id
  SET batch.look_version_id = look_version.id;
UPDATE delivery
  JOIN look ON look.name = CONCAT(
    IF(look_backdrop = 'transparent', 'Clear', look_backdrop), ', ', look_margin_percent, ' %')
  JOIN look_version ON look_version.look_id = look.id
  SET delivery.look_version_id = look_version.id;

DROP TEMPORARY TABLE plain;

ALTER TABLE batch
  MODIFY look_version_id BIGINT NOT NULL,
  DROP COLUMN look_backdrop,
  DROP COLUMN look_margin_percent,
  ADD CONSTRAINT batch_look FOREIGN KEY (look_version_id) REFERENCES look_version (id);
ALTER TABLE delivery
  MODIFY look_version_id BIGINT NOT NULL,
  DROP COLUMN look_backdrop,
  DROP COLUMN look_margin_percent,
  ADD CONSTRAINT delivery_look FOREIGN KEY (look_version_id) REFERENCES look_version (id);

-- What one picture does otherwise than its look, and what the batch's list says of it beyond code and group.
ALTER TABLE photo
  ADD COLUMN look_changes MEDIUMTEXT,
  ADD COLUMN list_columns MEDIUMTEXT;

-- Pictures that looks use: backdrops, badges. Their bytes are in the blob store.
CREATE TABLE look_picture (
  name VARCHAR(80) NOT NULL PRIMARY KEY,
  title VARCHAR(200) NOT NULL,
  blob_id CHAR(64) NOT NULL,
  width INT NOT NULL,
  height INT NOT NULL,
  created_at DATETIME(6) NOT NULL
);
