-- Which jobs were ever closed, found without a look at every event of an old shop.
CREATE INDEX job_event_closed ON job_event (job_id) WHERE kind = 'closed';
