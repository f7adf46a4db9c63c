-- What hurts as it was said after the instrument was taken in; it goes before what was said then.
ALTER TABLE job ADD COLUMN complaint_said TEXT;

DROP VIEW job_told;
CREATE VIEW job_told AS
  SELECT job.id, job.ticket, job.is_closed, job.opened_at,
    CAST(COALESCE(job.complaint_said, job.complaint) AS TEXT) AS complaint,
    CAST(COALESCE(closed_job.name, instrument.name) AS TEXT) AS name,
    CAST(COALESCE(closed_job.kind, instrument.kind) AS TEXT) AS kind,
    CAST(COALESCE(closed_job.player, player.name) AS TEXT) AS player,
    CAST(COALESCE(closed_job.tuning, instrument.tuning) AS TEXT) AS tuning,
    instrument.told_as AS instrument_id, player.told_as AS player_id
  FROM job
    JOIN instrument ON instrument.id = job.instrument_id
    JOIN player ON player.id = job.player_id
    LEFT JOIN closed_job ON closed_job.job_id = job.id;

-- Pictures of an instrument as it came. Equal content is kept once; it is named by its SHA-256.
CREATE TABLE photo (
  id INTEGER PRIMARY KEY,
  content_hash TEXT NOT NULL UNIQUE,
  width INTEGER NOT NULL,
  height INTEGER NOT NULL,
  picture BLOB NOT NULL,
  thumbnail BLOB NOT NULL
) STRICT;
CREATE TABLE job_photo (
  id INTEGER PRIMARY KEY,
  job_id INTEGER NOT NULL REFERENCES job (id),
  photo_id INTEGER NOT NULL REFERENCES photo (id),
  -- the place of the entry of the mark that it shows; null for the whole instrument
  mark INTEGER,
  note TEXT NOT NULL,
  added_at TEXT NOT NULL,
  request_key TEXT NOT NULL UNIQUE,
  is_removed INTEGER NOT NULL DEFAULT FALSE
) STRICT;
CREATE INDEX job_photo_job ON job_photo (job_id);
