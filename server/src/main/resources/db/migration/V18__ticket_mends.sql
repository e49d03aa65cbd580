-- A ticket may take safe mends by itself; every cutout is asked about once, and what it took bears its name.
ALTER TABLE batch ADD COLUMN takes_safe_mends BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE cutout_version ADD COLUMN seen_by_ticket BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE edit ADD COLUMN by_ticket BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE mend_answer ADD COLUMN by_ticket BOOLEAN NOT NULL DEFAULT FALSE;
