-- The card of a job as it was on the day on which it was closed, whatever happens to the instrument, the player or Barytone's words later.
CREATE TABLE card (
  job_id INTEGER PRIMARY KEY REFERENCES job (id),
  kept_at TEXT NOT NULL,
  body TEXT NOT NULL
) STRICT;
