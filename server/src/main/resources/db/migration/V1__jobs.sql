-- Times are fixed-width UTC text, so that text order is time order. Lengths are REAL in mm.
CREATE TABLE player (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL,
  touch TEXT NOT NULL CHECK (touch IN ('light', 'medium', 'heavy')),
  created_at TEXT NOT NULL
) STRICT;

CREATE TABLE instrument (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL,
  kind TEXT NOT NULL,
  tuning TEXT NOT NULL,
  scale_length REAL NOT NULL,
  frets INTEGER NOT NULL,
  body_joint_fret INTEGER NOT NULL,
  board_radius REAL NOT NULL,
  rod TEXT NOT NULL,
  access TEXT NOT NULL,
  is_left_handed INTEGER NOT NULL,
  version INTEGER NOT NULL,
  created_at TEXT NOT NULL
) STRICT;

CREATE TABLE job (
  id INTEGER PRIMARY KEY,
  ticket INTEGER NOT NULL UNIQUE,
  instrument_id INTEGER NOT NULL REFERENCES instrument (id),
  player_id INTEGER NOT NULL REFERENCES player (id),
  complaint TEXT NOT NULL,
  request_key TEXT NOT NULL UNIQUE,
  opened_at TEXT NOT NULL
) STRICT;

-- The truth of a job: events are only ever added. The estimate is computed from them.
CREATE TABLE job_event (
  job_id INTEGER NOT NULL REFERENCES job (id),
  seq INTEGER NOT NULL,
  happened_at TEXT NOT NULL,
  kind TEXT NOT NULL,
  body TEXT NOT NULL,
  request_key TEXT NOT NULL UNIQUE,
  PRIMARY KEY (job_id, seq)
) STRICT;
