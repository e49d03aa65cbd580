-- What a person says about how to cut one picture: boxes, hints, subjects taken in and left out.
ALTER TABLE photo ADD COLUMN guidance MEDIUMTEXT NULL;

-- What the engine found: numbered subjects, and where each is.
ALTER TABLE cutout_version ADD COLUMN subject_list MEDIUMTEXT NULL;
ALTER TABLE cutout_version ADD COLUMN labels_blob CHAR(64) NULL;
ALTER TABLE cutout_version ADD COLUMN guidance MEDIUMTEXT NULL;

-- A photograph of the set without a subject, for all pictures of a batch.
ALTER TABLE batch ADD COLUMN empty_set_blob CHAR(64) NULL;
ALTER TABLE batch ADD COLUMN empty_set_preview_blob CHAR(64) NULL;
ALTER TABLE batch ADD COLUMN empty_set_name VARCHAR(255) NULL;
ALTER TABLE batch ADD COLUMN empty_set_width INT NULL;
ALTER TABLE batch ADD COLUMN empty_set_height INT NULL;
