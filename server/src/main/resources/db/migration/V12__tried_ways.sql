-- Which ways competed for a cutout and how they were judged; null = nothing competed.
ALTER TABLE cutout_version ADD COLUMN tried VARCHAR(400);
