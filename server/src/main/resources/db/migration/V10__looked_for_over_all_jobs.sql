-- What is looked for over all jobs is found without a look at every entry.
CREATE INDEX job_event_tended ON job_event (job_id) WHERE kind = 'tended';
CREATE INDEX job_event_follow_up ON job_event (job_id) WHERE kind = 'follow-up';
CREATE INDEX job_event_undone ON job_event (job_id) WHERE kind = 'undone';
