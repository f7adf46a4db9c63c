-- How saddles are moved along the strings, and the pickups. Lengths in mm; 0 for a length screw's pitch to be learned.
ALTER TABLE instrument ADD COLUMN length_pitch REAL NOT NULL DEFAULT 0;
ALTER TABLE instrument ADD COLUMN length_head TEXT NOT NULL DEFAULT 'TAIL';
ALTER TABLE instrument ADD COLUMN saddle_thickness REAL NOT NULL DEFAULT 3;
ALTER TABLE instrument ADD COLUMN plate_rise REAL NOT NULL DEFAULT 0;
ALTER TABLE instrument ADD COLUMN pickups TEXT NOT NULL DEFAULT '';

-- Instruments taken in before get what is usual for their kind.
UPDATE instrument SET pickups = 'neck usual springs, bridge usual springs' WHERE kind IN ('ELECTRIC', 'SEMI_HOLLOW', 'BARITONE');
UPDATE instrument SET pickups = 'bridge usual wood' WHERE kind IN ('BASS_4', 'BASS_5', 'BASS_6');
