-- What is on the bench is found without a look at what an old shop has closed. A job is closed while it has a row in closed_job.
ALTER TABLE job ADD COLUMN is_closed INTEGER NOT NULL DEFAULT 0 CHECK (is_closed IN (0, 1));
UPDATE job SET is_closed = 1 WHERE id IN (SELECT job_id FROM closed_job);
CREATE INDEX job_open ON job (ticket) WHERE is_closed = 0;
CREATE INDEX job_closed ON job (ticket) WHERE is_closed = 1;
CREATE TRIGGER job_closes AFTER INSERT ON closed_job BEGIN UPDATE job SET is_closed = 1 WHERE id = NEW.job_id; END;
CREATE TRIGGER job_reopens AFTER DELETE ON closed_job BEGIN UPDATE job SET is_closed = 0 WHERE id = OLD.job_id; END;

-- Which jobs were ever closed, found without a look at every event.
CREATE INDEX job_event_closed ON job_event (job_id) WHERE kind = 'closed';
