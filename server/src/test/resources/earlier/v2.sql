-- A shop as the version with scratch sums left it: the demo of its day.
BEGIN TRANSACTION;
CREATE TABLE "flyway_schema_history" (
    "installed_rank" INT NOT NULL PRIMARY KEY,
    "version" VARCHAR(50),
    "description" VARCHAR(200) NOT NULL,
    "type" VARCHAR(20) NOT NULL,
    "script" VARCHAR(1000) NOT NULL,
    "checksum" INT,
    "installed_by" VARCHAR(100) NOT NULL,
    "installed_on" TEXT NOT NULL DEFAULT (strftime('%Y-%m-%d %H:%M:%f','now')),
    "execution_time" INT NOT NULL,
    "success" BOOLEAN NOT NULL
);
INSERT INTO "flyway_schema_history" VALUES(1,'1','jobs','SQL','V1__jobs.sql',852319929,'','2026-11-26 09:36:37.541',10,1);
INSERT INTO "flyway_schema_history" VALUES(2,'2','string sets','SQL','V2__string_sets.sql',-515561897,'','2026-11-26 09:36:37.570',9,1);
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
INSERT INTO "instrument" VALUES(1,'Three-barrel electric “Turnstone”','ELECTRIC','E2 A2 D3 G3 B3 E4',648.0,22,16,254.0,'SINGLE','HEEL',0,1,'2026-11-25T06:36:41.777Z');
INSERT INTO "instrument" VALUES(2,'Long-scale baritone “Cormorant”','BARITONE','B1 E2 A2 D3 F#3 B3',705.0,22,16,305.0,'DOUBLE','HEADSTOCK',0,1,'2026-11-26T08:10:42.513Z');
INSERT INTO "instrument" VALUES(3,'Five-string bass “Bittern”','BASS_5','B0 E1 A1 D2 G2',864.0,22,16,305.0,'DOUBLE','HEADSTOCK',0,1,'2026-11-26T09:22:42.619Z');
INSERT INTO "instrument" VALUES(4,'Nylon-string “Plover”','NYLON','E2 A2 D3 G3 B3 E4',650.0,19,12,0.0,'NONE','SOUND_HOLE',0,1,'2026-11-26T08:44:42.690Z');
INSERT INTO "instrument" VALUES(5,'Flat-top “Eider”','FLAT_TOP','E2 A2 D3 G3 B3 E4',645.0,20,14,406.0,'SINGLE','SOUND_HOLE',0,1,'2026-11-26T09:18:42.746Z');
CREATE TABLE job (
  id INTEGER PRIMARY KEY,
  ticket INTEGER NOT NULL UNIQUE,
  instrument_id INTEGER NOT NULL REFERENCES instrument (id),
  player_id INTEGER NOT NULL REFERENCES player (id),
  complaint TEXT NOT NULL,
  request_key TEXT NOT NULL UNIQUE,
  opened_at TEXT NOT NULL
) STRICT;
INSERT INTO "job" VALUES(1,101,1,1,'Feels high in the middle.','demo-Three-barrel electric “Turnstone”','2026-11-25T06:36:41.777Z');
INSERT INTO "job" VALUES(2,102,2,2,'Rattles above the fifth fret since the winter crossing. Stiff to play.','demo-Long-scale baritone “Cormorant”','2026-11-26T08:10:42.513Z');
INSERT INTO "job" VALUES(3,103,3,3,'Low B flaps. Hands dig in.','demo-Five-string bass “Bittern”','2026-11-26T09:22:42.619Z');
INSERT INTO "job" VALUES(4,104,4,4,'Hard to press past the seventh fret.','demo-Nylon-string “Plover”','2026-11-26T08:44:42.690Z');
INSERT INTO "job" VALUES(5,105,5,5,'Buzzes since the heating came on. Sharp fret ends.','demo-Flat-top “Eider”','2026-11-26T09:18:42.746Z');
CREATE TABLE job_event (
  job_id INTEGER NOT NULL REFERENCES job (id),
  seq INTEGER NOT NULL,
  happened_at TEXT NOT NULL,
  kind TEXT NOT NULL,
  body TEXT NOT NULL,
  request_key TEXT NOT NULL UNIQUE,
  PRIMARY KEY (job_id, seq)
) STRICT;
INSERT INTO "job_event" VALUES(1,1,'2026-11-25T06:36:41.777Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.33},"position":"PLAYING","typed":"0.33"}','demo-1-1');
INSERT INTO "job_event" VALUES(1,2,'2026-11-25T06:37:06.777Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.3},"position":"PLAYING","typed":"0.3"}','demo-1-2');
INSERT INTO "job_event" VALUES(1,3,'2026-11-25T06:39:31.777Z','rod-turned','{"net":{"sixteenths":2,"zero":false},"finishTightening":false,"free":false}','demo-1-3');
INSERT INTO "job_event" VALUES(1,4,'2026-11-25T06:40:56.777Z','retuned','{}','demo-1-4');
INSERT INTO "job_event" VALUES(1,5,'2026-11-25T06:52:21.777Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.24},"position":"PLAYING","typed":"0.24"}','demo-1-5');
INSERT INTO "job_event" VALUES(1,6,'2026-11-25T06:52:46.777Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.21},"position":"PLAYING","typed":"0.21"}','demo-1-6');
INSERT INTO "job_event" VALUES(1,7,'2026-11-25T06:56:11.777Z','rod-turned','{"net":{"sixteenths":1,"zero":false},"finishTightening":false,"free":false}','demo-1-7');
INSERT INTO "job_event" VALUES(1,8,'2026-11-25T06:57:36.777Z','retuned','{}','demo-1-8');
INSERT INTO "job_event" VALUES(1,9,'2026-11-25T07:10:01.777Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.19},"position":"PLAYING","typed":"0.19"}','demo-1-9');
INSERT INTO "job_event" VALUES(1,10,'2026-11-25T07:10:26.777Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.17},"position":"PLAYING","typed":"0.17"}','demo-1-10');
INSERT INTO "job_event" VALUES(1,11,'2026-11-25T07:10:51.777Z','note','{"text":"Played off on deck, no rattle."}','demo-1-11');
INSERT INTO "job_event" VALUES(1,12,'2026-11-25T07:11:16.777Z','closed','{}','demo-1-12');
INSERT INTO "job_event" VALUES(2,1,'2026-11-26T08:10:42.513Z','note','{"text":"New strings, stretched 8 times"}','demo-2-1');
INSERT INTO "job_event" VALUES(2,2,'2026-11-26T08:11:07.513Z','target','{"target":{"school":null,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"bass":{"low":0.2,"high":0.28},"treble":{"low":0.16,"high":0.26}}}','demo-2-2');
INSERT INTO "job_event" VALUES(2,3,'2026-11-26T08:17:32.513Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.53},"position":"PLAYING","typed":"0.53"}','demo-2-3');
INSERT INTO "job_event" VALUES(2,4,'2026-11-26T08:17:57.513Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.47},"position":"PLAYING","typed":"0.47"}','demo-2-4');
INSERT INTO "job_event" VALUES(2,5,'2026-11-26T08:20:22.513Z','rod-turned','{"net":{"sixteenths":2,"zero":false},"finishTightening":false,"free":false}','demo-2-5');
INSERT INTO "job_event" VALUES(2,6,'2026-11-26T08:21:47.513Z','retuned','{}','demo-2-6');
INSERT INTO "job_event" VALUES(2,7,'2026-11-26T08:34:12.513Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.44},"position":"PLAYING","typed":"0.44"}','demo-2-7');
INSERT INTO "job_event" VALUES(2,8,'2026-11-26T08:34:37.513Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.38},"position":"PLAYING","typed":"0.38"}','demo-2-8');
INSERT INTO "job_event" VALUES(2,9,'2026-11-26T08:38:02.513Z','rod-turned','{"net":{"sixteenths":2,"zero":false},"finishTightening":false,"free":false}','demo-2-9');
INSERT INTO "job_event" VALUES(2,10,'2026-11-26T08:39:27.513Z','retuned','{}','demo-2-10');
INSERT INTO "job_event" VALUES(2,11,'2026-11-26T08:51:52.513Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.36},"position":"PLAYING","typed":"0.36"}','demo-2-11');
INSERT INTO "job_event" VALUES(2,12,'2026-11-26T08:52:17.513Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.3},"position":"PLAYING","typed":"0.3"}','demo-2-12');
INSERT INTO "job_event" VALUES(3,1,'2026-11-26T09:22:42.619Z','reading','{"string":5,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.49},"position":"PLAYING","typed":"0.49"}','demo-3-1');
INSERT INTO "job_event" VALUES(3,2,'2026-11-26T09:23:07.619Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.44},"position":"PLAYING","typed":"0.44"}','demo-3-2');
INSERT INTO "job_event" VALUES(3,3,'2026-11-26T09:29:32.619Z','rod-turned','{"net":{"sixteenths":2,"zero":false},"finishTightening":false,"free":false}','demo-3-3');
INSERT INTO "job_event" VALUES(3,4,'2026-11-26T09:30:57.619Z','retuned','{}','demo-3-4');
INSERT INTO "job_event" VALUES(3,5,'2026-11-26T09:32:22.619Z','reading','{"string":5,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.34},"position":"PLAYING","typed":"0.34"}','demo-3-5');
INSERT INTO "job_event" VALUES(3,6,'2026-11-26T09:32:47.619Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.3},"position":"PLAYING","typed":"0.3"}','demo-3-6');
INSERT INTO "job_event" VALUES(4,1,'2026-11-26T08:44:42.690Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":12,"gaugeFret":6},"tool":"LEAF","gap":{"is":"of","mm":0.42},"position":"PLAYING","typed":"0.42"}','demo-4-1');
INSERT INTO "job_event" VALUES(4,2,'2026-11-26T08:45:07.690Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":12,"gaugeFret":6},"tool":"LEAF","gap":{"is":"of","mm":0.38},"position":"PLAYING","typed":"0.38"}','demo-4-2');
CREATE TABLE player (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL,
  touch TEXT NOT NULL CHECK (touch IN ('light', 'medium', 'heavy')),
  created_at TEXT NOT NULL
) STRICT;
INSERT INTO "player" VALUES(1,'Saltholm Ferry Band, deck loan no. 2','light','2026-11-25T06:36:41.777Z');
INSERT INTO "player" VALUES(2,'Saltholm Ferry Band, pit loan no. 6','medium','2026-11-26T08:10:42.513Z');
INSERT INTO "player" VALUES(3,'Island school, loan no. 12','heavy','2026-11-26T09:22:42.619Z');
INSERT INTO "player" VALUES(4,'Island school, loan no. 4','medium','2026-11-26T08:44:42.690Z');
INSERT INTO "player" VALUES(5,'Saltholm Ferry Band, saloon loan no. 1','medium','2026-11-26T09:18:42.746Z');
CREATE TABLE string_set (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL UNIQUE,
  gauges TEXT NOT NULL
) STRICT;
INSERT INTO "string_set" VALUES(1,'Electric, 9 to 42','9 11 16 24w 32w 42w');
INSERT INTO "string_set" VALUES(2,'Electric, 10 to 46','10 13 17 26w 36w 46w');
INSERT INTO "string_set" VALUES(3,'Electric, 11 to 49','11 14 18 28w 38w 49w');
INSERT INTO "string_set" VALUES(4,'Electric, 12 to 52, wound third','12 16 24w 32w 42w 52w');
INSERT INTO "string_set" VALUES(5,'Baritone, 14 to 68','14 18 26w 44w 56w 68w');
INSERT INTO "string_set" VALUES(6,'Flat-top, 11 to 52','11 15 22b 32b 42b 52b');
INSERT INTO "string_set" VALUES(7,'Flat-top, 12 to 53','12 16 24b 32b 42b 53b');
INSERT INTO "string_set" VALUES(8,'Flat-top, 13 to 56','13 17 26b 35b 45b 56b');
INSERT INTO "string_set" VALUES(9,'Twelve-string, 10 to 47','10 10 14 14 23b 8 30b 12 39b 18b 47b 27b');
INSERT INTO "string_set" VALUES(10,'Nylon, medium','28n 32n 40n 30n 36n 44n');
INSERT INTO "string_set" VALUES(11,'Bass four, 45 to 105','45s 65s 85s 105s');
INSERT INTO "string_set" VALUES(12,'Bass five, 45 to 130','45s 65s 85s 105s 130s');
INSERT INTO "string_set" VALUES(13,'Bass six, 32 to 130','32s 45s 65s 85s 105s 130s');
INSERT INTO "string_set" VALUES(14,'Mandolin, 11 to 40','11 11 15 15 26b 26b 40b 40b');
CREATE INDEX "flyway_schema_history_s_idx" ON "flyway_schema_history" ("success");
COMMIT;
