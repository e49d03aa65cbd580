-- Few pictures have edits that are still to be drawn; the workers look for them all the time.
ALTER TABLE photo ADD INDEX photo_edits_pending (edits_pending, state);
-- One edit that went to a whole group is found by its key.
ALTER TABLE edit ADD INDEX edit_key (client_key);
