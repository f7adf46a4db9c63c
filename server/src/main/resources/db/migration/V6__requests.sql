-- What a request said: its key sent again with something else is another request, and is refused. Null for those of earlier versions.
ALTER TABLE job_event ADD COLUMN request TEXT;
