-- What the inspector suspects of a version. The engine's own confidence is kept beside what both say.
ALTER TABLE cutout_version ADD COLUMN engine_confidence INT NULL;
UPDATE cutout_version SET engine_confidence = confidence;
ALTER TABLE cutout_version ADD COLUMN findings MEDIUMTEXT NULL;
ALTER TABLE cutout_version ADD COLUMN inspected BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE cutout_version ADD INDEX version_inspected (inspected);

-- What a person said with a verdict, and where; verdicts given together are taken back together.
ALTER TABLE photo ADD COLUMN remark VARCHAR(1000) NULL;
ALTER TABLE verdict ADD COLUMN remark VARCHAR(1000) NULL;
ALTER TABLE verdict ADD COLUMN together CHAR(36) NULL;
ALTER TABLE verdict ADD COLUMN looked_millis BIGINT NULL;
ALTER TABLE verdict ADD INDEX verdict_together (together);
