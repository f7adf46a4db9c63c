-- Players and instruments are told apart for good, on whichever machine they come to: twice brought in is once.
ALTER TABLE player ADD COLUMN uid TEXT;
UPDATE player SET uid = lower(hex(randomblob(16)));
CREATE UNIQUE INDEX player_uid ON player (uid);
CREATE TRIGGER player_named AFTER INSERT ON player WHEN NEW.uid IS NULL BEGIN
  UPDATE player SET uid = lower(hex(randomblob(16))) WHERE id = NEW.id;
END;
ALTER TABLE instrument ADD COLUMN uid TEXT;
UPDATE instrument SET uid = lower(hex(randomblob(16)));
CREATE UNIQUE INDEX instrument_uid ON instrument (uid);
CREATE TRIGGER instrument_named AFTER INSERT ON instrument WHEN NEW.uid IS NULL BEGIN
  UPDATE instrument SET uid = lower(hex(randomblob(16))) WHERE id = NEW.id;
END;
