-- What stands at both ends of the strings. Lengths in mm; 0 for a thread pitch to be learned, or an end radius like that at the nut.
ALTER TABLE instrument ADD COLUMN bridge TEXT NOT NULL DEFAULT 'INDIVIDUAL';
ALTER TABLE instrument ADD COLUMN thread_pitch REAL NOT NULL DEFAULT 0;
ALTER TABLE instrument ADD COLUMN neck_joint TEXT NOT NULL DEFAULT 'BOLTED';
ALTER TABLE instrument ADD COLUMN end_radius REAL NOT NULL DEFAULT 0;
ALTER TABLE instrument ADD COLUMN bridge_spread REAL NOT NULL DEFAULT 52;
ALTER TABLE instrument ADD COLUMN nut_material TEXT NOT NULL DEFAULT 'BONE';
ALTER TABLE instrument ADD COLUMN nut_width REAL NOT NULL DEFAULT 43;
ALTER TABLE instrument ADD COLUMN strings TEXT NOT NULL DEFAULT '10 13 17 26w 36w 46w';

-- Instruments taken in before get what is usual for their kind.
UPDATE instrument SET bridge = 'TWO_POST', neck_joint = 'SET' WHERE kind = 'SEMI_HOLLOW';
UPDATE instrument SET bridge = 'FIXED', neck_joint = 'SET', bridge_spread = 55, strings = '12 16 24b 32b 42b 53b' WHERE kind = 'FLAT_TOP';
UPDATE instrument SET bridge = 'FLOATING', neck_joint = 'SET', strings = '12 16 24w 32w 42w 52w' WHERE kind = 'ARCHTOP';
UPDATE instrument SET bridge = 'FIXED', neck_joint = 'SET', bridge_spread = 58, nut_width = 52, strings = '28n 32n 40n 30n 36n 44n' WHERE kind = 'NYLON';
UPDATE instrument SET strings = '14 18 26w 44w 56w 68w' WHERE kind = 'BARITONE';
UPDATE instrument SET bridge = 'FIXED', neck_joint = 'SET', bridge_spread = 57, nut_width = 48, strings = '10 10 14 14 23b 8 30b 12 39b 18b 47b 27b' WHERE kind = 'TWELVE_STRING';
UPDATE instrument SET bridge = 'BASS', bridge_spread = 57, strings = '45s 65s 85s 105s' WHERE kind = 'BASS_4';
UPDATE instrument SET bridge = 'BASS', bridge_spread = 70, nut_width = 46, strings = '45s 65s 85s 105s 130s' WHERE kind = 'BASS_5';
UPDATE instrument SET bridge = 'BASS', bridge_spread = 82, nut_width = 54, strings = '32s 45s 65s 85s 105s 130s' WHERE kind = 'BASS_6';
UPDATE instrument SET bridge = 'FLOATING', neck_joint = 'SET', bridge_spread = 41, nut_width = 30, strings = '11 11 15 15 26b 26b 40b 40b' WHERE kind = 'MANDOLIN';

-- What the shop, a player or an instrument wants: tools, schools, targets. One JSON document each, with a version against silent overwriting.
CREATE TABLE setting (
  scope TEXT NOT NULL CHECK (scope IN ('shop', 'player', 'instrument')),
  owner TEXT NOT NULL,
  name TEXT NOT NULL,
  body TEXT NOT NULL,
  version INTEGER NOT NULL,
  PRIMARY KEY (scope, owner, name)
) STRICT;

-- Jobs taken in before were about relief alone. What held in the shop when a job was opened stays with it.
ALTER TABLE job ADD COLUMN scope TEXT NOT NULL DEFAULT 'RELIEF';
ALTER TABLE job ADD COLUMN choices TEXT NOT NULL DEFAULT '[]';
