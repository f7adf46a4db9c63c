-- Whose hands made an entry, where several work at one bench; null where nobody said.
ALTER TABLE job_event ADD COLUMN hands TEXT;
-- The newest entries of all jobs are found without a look at the others.
CREATE INDEX job_event_newest ON job_event (happened_at);
