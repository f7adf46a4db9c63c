-- Players and instruments come back. What they are told as: themselves, or the one they were found to be the same as. Their jobs stay with them, so that it
-- can be taken back.
ALTER TABLE player ADD COLUMN version INTEGER NOT NULL DEFAULT 1;
ALTER TABLE player ADD COLUMN contact TEXT NOT NULL DEFAULT '';
ALTER TABLE player ADD COLUMN notes TEXT NOT NULL DEFAULT '';
ALTER TABLE player ADD COLUMN archived_at TEXT;
ALTER TABLE player ADD COLUMN forgotten_at TEXT;
ALTER TABLE player ADD COLUMN same_as INTEGER REFERENCES player (id);
ALTER TABLE player ADD COLUMN told_as INTEGER REFERENCES player (id);

ALTER TABLE instrument ADD COLUMN make TEXT NOT NULL DEFAULT '';
ALTER TABLE instrument ADD COLUMN notes TEXT NOT NULL DEFAULT '';
ALTER TABLE instrument ADD COLUMN do_not_touch TEXT NOT NULL DEFAULT '';
ALTER TABLE instrument ADD COLUMN about_version INTEGER NOT NULL DEFAULT 1;
ALTER TABLE instrument ADD COLUMN archived_at TEXT;
ALTER TABLE instrument ADD COLUMN same_as INTEGER REFERENCES instrument (id);
ALTER TABLE instrument ADD COLUMN told_as INTEGER REFERENCES instrument (id);

-- Earlier versions made a player and an instrument anew for every job, and took equal names for the same when they kept a wish.
CREATE TEMP TABLE named AS SELECT id, LOWER(TRIM(name)) AS name FROM player;
CREATE INDEX temp.named_name ON named (name, id);
UPDATE player SET same_as = (
  SELECT MIN(first.id) FROM named first WHERE first.name = LOWER(TRIM(player.name)) AND first.id < player.id
);
DROP TABLE named;
UPDATE player SET told_as = COALESCE(same_as, id);
CREATE TEMP TABLE whose AS
  SELECT i.id, LOWER(TRIM(i.name)) AS name, i.kind, MIN(p.told_as) AS player
  FROM instrument i LEFT JOIN job j ON j.instrument_id = i.id LEFT JOIN player p ON p.id = j.player_id
  GROUP BY i.id;
CREATE INDEX temp.whose_name ON whose (name, kind, player, id);
CREATE INDEX temp.whose_id ON whose (id);
UPDATE instrument SET same_as = (
  SELECT MIN(first.id) FROM whose first JOIN whose mine
    ON first.name = mine.name AND first.kind = mine.kind AND first.player = mine.player
  WHERE mine.id = instrument.id AND first.id < instrument.id
);
UPDATE instrument SET told_as = COALESCE(same_as, id);
DROP TABLE whose;
CREATE INDEX player_told_as ON player (told_as);
CREATE INDEX instrument_told_as ON instrument (told_as);
CREATE INDEX job_instrument ON job (instrument_id);
CREATE INDEX job_player ON job (player_id);
CREATE TRIGGER player_told AFTER INSERT ON player WHEN NEW.told_as IS NULL
  BEGIN UPDATE player SET told_as = NEW.id WHERE id = NEW.id; END;
CREATE TRIGGER instrument_told AFTER INSERT ON instrument WHEN NEW.told_as IS NULL
  BEGIN UPDATE instrument SET told_as = NEW.id WHERE id = NEW.id; END;

-- How a player played on the day: another visit may be with another touch.
ALTER TABLE job ADD COLUMN touch TEXT NOT NULL DEFAULT 'medium' CHECK (touch IN ('light', 'medium', 'heavy'));
UPDATE job SET touch = (SELECT player.touch FROM player WHERE player.id = job.player_id);

-- The facts of an instrument as they were stated, version by version.
CREATE TABLE instrument_facts (
  instrument_id INTEGER NOT NULL REFERENCES instrument (id),
  version INTEGER NOT NULL,
  stated_at TEXT NOT NULL,
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
  bridge TEXT NOT NULL,
  thread_pitch REAL NOT NULL,
  neck_joint TEXT NOT NULL,
  end_radius REAL NOT NULL,
  bridge_spread REAL NOT NULL,
  nut_material TEXT NOT NULL,
  nut_width REAL NOT NULL,
  strings TEXT NOT NULL,
  length_pitch REAL NOT NULL,
  length_head TEXT NOT NULL,
  saddle_thickness REAL NOT NULL,
  plate_rise REAL NOT NULL,
  pickups TEXT NOT NULL,
  PRIMARY KEY (instrument_id, version)
) STRICT;
INSERT INTO instrument_facts
  SELECT id, version, created_at, name, kind, tuning, scale_length, frets, body_joint_fret, board_radius, rod, access,
    is_left_handed, bridge, thread_pitch, neck_joint, end_radius, bridge_spread, nut_material, nut_width, strings,
    length_pitch, length_head, saddle_thickness, plate_rise, pickups
  FROM instrument;

-- Jobs as lists tell them: a closed one under the names it was closed with.
CREATE VIEW job_told AS
  SELECT job.id, job.ticket, job.is_closed, job.opened_at, job.complaint,
    CAST(COALESCE(closed_job.name, instrument.name) AS TEXT) AS name,
    CAST(COALESCE(closed_job.kind, instrument.kind) AS TEXT) AS kind,
    CAST(COALESCE(closed_job.player, player.name) AS TEXT) AS player,
    CAST(COALESCE(closed_job.tuning, instrument.tuning) AS TEXT) AS tuning,
    instrument.told_as AS instrument_id, player.told_as AS player_id
  FROM job
    JOIN instrument ON instrument.id = job.instrument_id
    JOIN player ON player.id = job.player_id
    LEFT JOIN closed_job ON closed_job.job_id = job.id;

-- The air as it was read, found without a look at every entry.
CREATE INDEX job_event_air ON job_event (job_id) WHERE kind = 'air';
