-- A picture's own row is its place in the queue; what it needs for that stands beside it.
DROP TABLE cut_tasks;

ALTER TABLE photo ADD COLUMN rush BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE photo ADD COLUMN claimed_by CHAR(36) NULL;
ALTER TABLE photo ADD COLUMN claimed_at DATETIME(3) NULL;
ALTER TABLE photo ADD COLUMN failure_kind VARCHAR(24) NULL;
ALTER TABLE photo ADD INDEX photo_queue (queued, state, batch_id, place);

-- A paused batch keeps its queue; a higher priority is served first.
ALTER TABLE batch ADD COLUMN paused BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE batch ADD COLUMN priority INT NOT NULL DEFAULT 0;

-- Processes that cut, and when each last said that it lives.
CREATE TABLE worker_process (
  id CHAR(36) PRIMARY KEY,
  seen_at DATETIME(3) NOT NULL
);
