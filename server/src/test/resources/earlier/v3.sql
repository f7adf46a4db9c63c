-- A shop as the version with nut and action left it: the demo of its day.
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
INSERT INTO "flyway_schema_history" VALUES(1,'1','jobs','SQL','V1__jobs.sql',852319929,'','2026-11-26 09:39:28.339',15,1);
INSERT INTO "flyway_schema_history" VALUES(2,'2','string sets','SQL','V2__string_sets.sql',-515561897,'','2026-11-26 09:39:28.374',1,1);
INSERT INTO "flyway_schema_history" VALUES(3,'3','fittings and settings','SQL','V3__fittings_and_settings.sql',-75472020,'','2026-11-26 09:39:28.427',16,1);
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
, bridge TEXT NOT NULL DEFAULT 'INDIVIDUAL', thread_pitch REAL NOT NULL DEFAULT 0, neck_joint TEXT NOT NULL DEFAULT 'BOLTED', end_radius REAL NOT NULL DEFAULT 0, bridge_spread REAL NOT NULL DEFAULT 52, nut_material TEXT NOT NULL DEFAULT 'BONE', nut_width REAL NOT NULL DEFAULT 43, strings TEXT NOT NULL DEFAULT '10 13 17 26w 36w 46w') STRICT;
INSERT INTO "instrument" VALUES(1,'Left-handed electric “Knot”','ELECTRIC','E2 A2 D3 G3 B3 E4',648.0,22,16,254.0,'SINGLE','HEADSTOCK',1,1,'2026-11-25T06:39:33.844Z','INDIVIDUAL',0.0,'BOLTED',0.0,52.0,'BONE',42.5,'10 13 17 26w 36w 46w');
INSERT INTO "instrument" VALUES(2,'Three-barrel electric “Turnstone”','ELECTRIC','E2 A2 D3 G3 B3 E4',648.0,22,16,254.0,'SINGLE','HEEL',0,1,'2026-11-26T08:59:34.700Z','BARRELS',0.0,'BOLTED',0.0,52.0,'BONE',42.5,'10 13 17 26w 36w 46w');
INSERT INTO "instrument" VALUES(3,'Two-post semi-hollow “Sandpiper”','SEMI_HOLLOW','E2 A2 D3 G3 B3 E4',628.0,22,16,305.0,'SINGLE','HEADSTOCK',0,1,'2026-11-26T08:35:34.887Z','TWO_POST',0.0,'SET',0.0,52.0,'BONE',43.0,'10 13 17 26w 36w 46w');
INSERT INTO "instrument" VALUES(4,'Twelve-string “Ruff”','TWELVE_STRING','E3 E2 A3 A2 D4 D3 G4 G3 B3 B3 E4 E4',645.0,20,14,406.0,'DOUBLE','SOUND_HOLE',0,1,'2026-11-26T09:27:34.993Z','FIXED',0.0,'SET',0.0,57.0,'BONE',48.0,'10 10 14 14 23b 8 30b 12 39b 18b 47b 27b');
INSERT INTO "instrument" VALUES(5,'Flat-top “Wigeon”','FLAT_TOP','E2 A2 D3 G3 B3 E4',645.0,20,14,406.0,'SINGLE','SOUND_HOLE',0,1,'2026-11-26T08:28:35.101Z','FIXED',0.0,'SET',0.0,55.0,'BONE',44.0,'12 16 24b 32b 42b 53b');
INSERT INTO "instrument" VALUES(6,'Mandolin “Dotterel”','MANDOLIN','G3 G3 D4 D4 A4 A4 E5 E5',352.0,20,12,0.0,'SINGLE','HEADSTOCK',0,1,'2026-11-26T09:06:35.189Z','FLOATING',0.0,'SET',0.0,41.0,'BONE',30.0,'11 11 15 15 26b 26b 40b 40b');
INSERT INTO "instrument" VALUES(7,'Long-scale baritone “Cormorant”','BARITONE','B1 E2 A2 D3 F#3 B3',705.0,22,16,305.0,'DOUBLE','HEADSTOCK',0,1,'2026-11-26T08:09:35.315Z','INDIVIDUAL',0.0,'BOLTED',0.0,52.0,'COMPOSITE',43.0,'14 18 26w 44w 56w 68w');
INSERT INTO "instrument" VALUES(8,'Five-string bass “Bittern”','BASS_5','B0 E1 A1 D2 G2',864.0,22,16,305.0,'DOUBLE','HEADSTOCK',0,1,'2026-11-26T09:20:35.459Z','BASS',0.0,'BOLTED',0.0,70.0,'GRAPHITE',46.0,'45s 65s 85s 105s 130s');
INSERT INTO "instrument" VALUES(9,'Nylon-string “Plover”','NYLON','E2 A2 D3 G3 B3 E4',650.0,19,12,0.0,'NONE','SOUND_HOLE',0,1,'2026-11-26T08:47:35.583Z','FIXED',0.0,'SET',0.0,58.0,'BONE',52.0,'28n 32n 40n 30n 36n 44n');
INSERT INTO "instrument" VALUES(10,'Flat-top “Eider”','FLAT_TOP','E2 A2 D3 G3 B3 E4',645.0,20,14,406.0,'SINGLE','SOUND_HOLE',0,1,'2026-11-26T09:21:35.712Z','FIXED',0.0,'SET',0.0,55.0,'BONE',44.0,'12 16 24b 32b 42b 53b');
CREATE TABLE job (
  id INTEGER PRIMARY KEY,
  ticket INTEGER NOT NULL UNIQUE,
  instrument_id INTEGER NOT NULL REFERENCES instrument (id),
  player_id INTEGER NOT NULL REFERENCES player (id),
  complaint TEXT NOT NULL,
  request_key TEXT NOT NULL UNIQUE,
  opened_at TEXT NOT NULL
, scope TEXT NOT NULL DEFAULT 'RELIEF', choices TEXT NOT NULL DEFAULT '[]') STRICT;
INSERT INTO "job" VALUES(1,101,1,1,'Only the neck this time: rattles on the deck, fine at home.','demo-Left-handed electric “Knot”','2026-11-25T06:39:33.844Z','RELIEF','[]');
INSERT INTO "job" VALUES(2,102,2,2,'Feels high in the middle.','demo-Three-barrel electric “Turnstone”','2026-11-26T08:59:34.700Z','ACTION NUT RELIEF','[]');
INSERT INTO "job" VALUES(3,103,3,3,'Sinks on the bass side, buzzes when strummed.','demo-Two-post semi-hollow “Sandpiper”','2026-11-26T08:35:34.887Z','ACTION NUT RELIEF','[]');
INSERT INTO "job" VALUES(4,104,4,4,'Heavy to fret, never quite in tune.','demo-Twelve-string “Ruff”','2026-11-26T09:27:34.993Z','ACTION NUT RELIEF','[]');
INSERT INTO "job" VALUES(5,105,5,5,'High on the bass side since the summer.','demo-Flat-top “Wigeon”','2026-11-26T08:28:35.101Z','ACTION NUT RELIEF','[]');
INSERT INTO "job" VALUES(6,106,6,6,'Sharp in the first frets, sore fingertips.','demo-Mandolin “Dotterel”','2026-11-26T09:06:35.189Z','ACTION NUT RELIEF','[]');
INSERT INTO "job" VALUES(7,107,7,7,'Rattles above the fifth fret since the winter crossing. Stiff to play.','demo-Long-scale baritone “Cormorant”','2026-11-26T08:09:35.315Z','ACTION NUT RELIEF','[]');
INSERT INTO "job" VALUES(8,108,8,8,'Low B flaps. Hands dig in.','demo-Five-string bass “Bittern”','2026-11-26T09:20:35.459Z','ACTION NUT RELIEF','[]');
INSERT INTO "job" VALUES(9,109,9,9,'Hard to press past the seventh fret.','demo-Nylon-string “Plover”','2026-11-26T08:47:35.583Z','ACTION NUT RELIEF','[]');
INSERT INTO "job" VALUES(10,110,10,10,'Buzzes since the heating came on. Sharp fret ends.','demo-Flat-top “Eider”','2026-11-26T09:21:35.712Z','ACTION NUT RELIEF','[]');
CREATE TABLE job_event (
  job_id INTEGER NOT NULL REFERENCES job (id),
  seq INTEGER NOT NULL,
  happened_at TEXT NOT NULL,
  kind TEXT NOT NULL,
  body TEXT NOT NULL,
  request_key TEXT NOT NULL UNIQUE,
  PRIMARY KEY (job_id, seq)
) STRICT;
INSERT INTO "job_event" VALUES(1,1,'2026-11-25T06:39:33.844Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.33},"position":"PLAYING","typed":"0.33"}','demo-1-1');
INSERT INTO "job_event" VALUES(1,2,'2026-11-25T06:39:58.844Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.3},"position":"PLAYING","typed":"0.3"}','demo-1-2');
INSERT INTO "job_event" VALUES(1,3,'2026-11-25T06:43:23.844Z','rod-turned','{"net":{"sixteenths":2,"zero":false},"finishTightening":false,"free":false}','demo-1-3');
INSERT INTO "job_event" VALUES(1,4,'2026-11-25T06:44:48.844Z','retuned','{}','demo-1-4');
INSERT INTO "job_event" VALUES(1,5,'2026-11-25T06:56:13.844Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.24},"position":"PLAYING","typed":"0.24"}','demo-1-5');
INSERT INTO "job_event" VALUES(1,6,'2026-11-25T06:56:38.844Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.21},"position":"PLAYING","typed":"0.21"}','demo-1-6');
INSERT INTO "job_event" VALUES(1,7,'2026-11-25T07:00:03.844Z','rod-turned','{"net":{"sixteenths":1,"zero":false},"finishTightening":false,"free":false}','demo-1-7');
INSERT INTO "job_event" VALUES(1,8,'2026-11-25T07:01:28.844Z','retuned','{}','demo-1-8');
INSERT INTO "job_event" VALUES(1,9,'2026-11-25T07:13:53.844Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.19},"position":"PLAYING","typed":"0.19"}','demo-1-9');
INSERT INTO "job_event" VALUES(1,10,'2026-11-25T07:14:18.844Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.17},"position":"PLAYING","typed":"0.17"}','demo-1-10');
INSERT INTO "job_event" VALUES(1,11,'2026-11-25T07:14:43.844Z','note','{"text":"Played off on deck, no rattle."}','demo-1-11');
INSERT INTO "job_event" VALUES(1,12,'2026-11-25T07:15:08.844Z','closed','{}','demo-1-12');
INSERT INTO "job_event" VALUES(2,1,'2026-11-26T08:59:34.700Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.2},"position":"PLAYING","typed":"0.2"}','demo-2-1');
INSERT INTO "job_event" VALUES(2,2,'2026-11-26T08:59:59.700Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.17},"position":"PLAYING","typed":"0.17"}','demo-2-2');
INSERT INTO "job_event" VALUES(2,3,'2026-11-26T09:00:24.700Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.10500000000000001,"stops":0.125},"position":"PLAYING","typed":"leaves"}','demo-2-3');
INSERT INTO "job_event" VALUES(2,4,'2026-11-26T09:00:49.700Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.098,"stops":0.118},"position":"PLAYING","typed":"leaves"}','demo-2-4');
INSERT INTO "job_event" VALUES(2,5,'2026-11-26T09:01:14.700Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.09100000000000001,"stops":0.111},"position":"PLAYING","typed":"leaves"}','demo-2-5');
INSERT INTO "job_event" VALUES(2,6,'2026-11-26T09:01:39.700Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.084,"stops":0.104},"position":"PLAYING","typed":"leaves"}','demo-2-6');
INSERT INTO "job_event" VALUES(2,7,'2026-11-26T09:02:04.700Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.077,"stops":0.09699999999999999},"position":"PLAYING","typed":"leaves"}','demo-2-7');
INSERT INTO "job_event" VALUES(2,8,'2026-11-26T09:02:29.700Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.07,"stops":0.09},"position":"PLAYING","typed":"leaves"}','demo-2-8');
INSERT INTO "job_event" VALUES(2,9,'2026-11-26T09:02:54.700Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.1},"position":"PLAYING","typed":"2.1"}','demo-2-9');
INSERT INTO "job_event" VALUES(2,10,'2026-11-26T09:03:19.700Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.0},"position":"PLAYING","typed":"2.0"}','demo-2-10');
INSERT INTO "job_event" VALUES(2,11,'2026-11-26T09:03:44.700Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.1},"position":"PLAYING","typed":"2.1"}','demo-2-11');
INSERT INTO "job_event" VALUES(2,12,'2026-11-26T09:04:09.700Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.9},"position":"PLAYING","typed":"1.9"}','demo-2-12');
INSERT INTO "job_event" VALUES(2,13,'2026-11-26T09:04:34.700Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.6},"position":"PLAYING","typed":"1.6"}','demo-2-13');
INSERT INTO "job_event" VALUES(2,14,'2026-11-26T09:04:59.700Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.5},"position":"PLAYING","typed":"1.5"}','demo-2-14');
INSERT INTO "job_event" VALUES(3,1,'2026-11-26T08:35:34.887Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.18},"position":"PLAYING","typed":"0.18"}','demo-3-1');
INSERT INTO "job_event" VALUES(3,2,'2026-11-26T08:35:59.887Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.15},"position":"PLAYING","typed":"0.15"}','demo-3-2');
INSERT INTO "job_event" VALUES(3,3,'2026-11-26T08:36:24.887Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.10500000000000001,"stops":0.125},"position":"PLAYING","typed":"leaves"}','demo-3-3');
INSERT INTO "job_event" VALUES(3,4,'2026-11-26T08:36:49.887Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.098,"stops":0.118},"position":"PLAYING","typed":"leaves"}','demo-3-4');
INSERT INTO "job_event" VALUES(3,5,'2026-11-26T08:37:14.887Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.09100000000000001,"stops":0.111},"position":"PLAYING","typed":"leaves"}','demo-3-5');
INSERT INTO "job_event" VALUES(3,6,'2026-11-26T08:37:39.887Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.084,"stops":0.104},"position":"PLAYING","typed":"leaves"}','demo-3-6');
INSERT INTO "job_event" VALUES(3,7,'2026-11-26T08:38:04.887Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.077,"stops":0.09699999999999999},"position":"PLAYING","typed":"leaves"}','demo-3-7');
INSERT INTO "job_event" VALUES(3,8,'2026-11-26T08:38:29.887Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.07,"stops":0.09},"position":"PLAYING","typed":"leaves"}','demo-3-8');
INSERT INTO "job_event" VALUES(3,9,'2026-11-26T08:38:54.887Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.3},"position":"PLAYING","typed":"1.3"}','demo-3-9');
INSERT INTO "job_event" VALUES(3,10,'2026-11-26T08:39:19.887Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.3},"position":"PLAYING","typed":"1.3"}','demo-3-10');
INSERT INTO "job_event" VALUES(3,11,'2026-11-26T08:39:44.887Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.3},"position":"PLAYING","typed":"1.3"}','demo-3-11');
INSERT INTO "job_event" VALUES(3,12,'2026-11-26T08:40:09.887Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.3},"position":"PLAYING","typed":"1.3"}','demo-3-12');
INSERT INTO "job_event" VALUES(3,13,'2026-11-26T08:40:34.887Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.35},"position":"PLAYING","typed":"1.35"}','demo-3-13');
INSERT INTO "job_event" VALUES(3,14,'2026-11-26T08:40:59.887Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.35},"position":"PLAYING","typed":"1.35"}','demo-3-14');
INSERT INTO "job_event" VALUES(4,1,'2026-11-26T09:27:34.993Z','reading','{"string":12,"method":{"is":"relief","heldLow":1,"heldHigh":14,"gaugeFret":7},"tool":"LEAF","gap":{"is":"of","mm":0.21},"position":"PLAYING","typed":"0.21"}','demo-4-1');
INSERT INTO "job_event" VALUES(4,2,'2026-11-26T09:27:59.993Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":14,"gaugeFret":7},"tool":"LEAF","gap":{"is":"of","mm":0.19},"position":"PLAYING","typed":"0.19"}','demo-4-2');
INSERT INTO "job_event" VALUES(4,3,'2026-11-26T09:28:24.993Z','reading','{"string":12,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.15,"stops":0.17},"position":"PLAYING","typed":"leaves"}','demo-4-3');
INSERT INTO "job_event" VALUES(4,4,'2026-11-26T09:28:49.993Z','reading','{"string":11,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13999999999999999,"stops":0.16},"position":"PLAYING","typed":"leaves"}','demo-4-4');
INSERT INTO "job_event" VALUES(4,5,'2026-11-26T09:29:14.993Z','reading','{"string":10,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13999999999999999,"stops":0.16},"position":"PLAYING","typed":"leaves"}','demo-4-5');
INSERT INTO "job_event" VALUES(4,6,'2026-11-26T09:29:39.993Z','reading','{"string":9,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13,"stops":0.15000000000000002},"position":"PLAYING","typed":"leaves"}','demo-4-6');
INSERT INTO "job_event" VALUES(5,1,'2026-11-26T08:28:35.101Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":14,"gaugeFret":7},"tool":"LEAF","gap":{"is":"of","mm":0.18},"position":"PLAYING","typed":"0.18"}','demo-5-1');
INSERT INTO "job_event" VALUES(5,2,'2026-11-26T08:29:00.101Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":14,"gaugeFret":7},"tool":"LEAF","gap":{"is":"of","mm":0.15},"position":"PLAYING","typed":"0.15"}','demo-5-2');
INSERT INTO "job_event" VALUES(5,3,'2026-11-26T08:29:25.101Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.10500000000000001,"stops":0.125},"position":"PLAYING","typed":"leaves"}','demo-5-3');
INSERT INTO "job_event" VALUES(5,4,'2026-11-26T08:29:50.101Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.098,"stops":0.118},"position":"PLAYING","typed":"leaves"}','demo-5-4');
INSERT INTO "job_event" VALUES(5,5,'2026-11-26T08:30:15.101Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.09100000000000001,"stops":0.111},"position":"PLAYING","typed":"leaves"}','demo-5-5');
INSERT INTO "job_event" VALUES(5,6,'2026-11-26T08:30:40.101Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.084,"stops":0.104},"position":"PLAYING","typed":"leaves"}','demo-5-6');
INSERT INTO "job_event" VALUES(5,7,'2026-11-26T08:31:05.101Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.077,"stops":0.09699999999999999},"position":"PLAYING","typed":"leaves"}','demo-5-7');
INSERT INTO "job_event" VALUES(5,8,'2026-11-26T08:31:30.101Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.07,"stops":0.09},"position":"PLAYING","typed":"leaves"}','demo-5-8');
INSERT INTO "job_event" VALUES(5,9,'2026-11-26T08:31:55.101Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.9},"position":"PLAYING","typed":"2.9"}','demo-5-9');
INSERT INTO "job_event" VALUES(5,10,'2026-11-26T08:32:20.101Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.75},"position":"PLAYING","typed":"2.75"}','demo-5-10');
INSERT INTO "job_event" VALUES(5,11,'2026-11-26T08:32:45.101Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.6},"position":"PLAYING","typed":"2.6"}','demo-5-11');
INSERT INTO "job_event" VALUES(5,12,'2026-11-26T08:33:10.101Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.35},"position":"PLAYING","typed":"2.35"}','demo-5-12');
INSERT INTO "job_event" VALUES(5,13,'2026-11-26T08:33:35.101Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.15},"position":"PLAYING","typed":"2.15"}','demo-5-13');
INSERT INTO "job_event" VALUES(5,14,'2026-11-26T08:34:00.101Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.9},"position":"PLAYING","typed":"1.9"}','demo-5-14');
INSERT INTO "job_event" VALUES(6,1,'2026-11-26T09:06:35.189Z','reading','{"string":8,"method":{"is":"relief","heldLow":1,"heldHigh":12,"gaugeFret":6},"tool":"LEAF","gap":{"is":"of","mm":0.115},"position":"PLAYING","typed":"0.115"}','demo-6-1');
INSERT INTO "job_event" VALUES(6,2,'2026-11-26T09:07:00.189Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":12,"gaugeFret":6},"tool":"LEAF","gap":{"is":"of","mm":0.085},"position":"PLAYING","typed":"0.085"}','demo-6-2');
INSERT INTO "job_event" VALUES(6,3,'2026-11-26T09:07:25.189Z','reading','{"string":8,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.22999999999999998,"stops":0.25},"position":"PLAYING","typed":"leaves"}','demo-6-3');
INSERT INTO "job_event" VALUES(6,4,'2026-11-26T09:07:50.189Z','reading','{"string":7,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.22,"stops":0.24000000000000002},"position":"PLAYING","typed":"leaves"}','demo-6-4');
INSERT INTO "job_event" VALUES(6,5,'2026-11-26T09:08:15.189Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.19,"stops":0.21000000000000002},"position":"PLAYING","typed":"leaves"}','demo-6-5');
INSERT INTO "job_event" VALUES(6,6,'2026-11-26T09:08:40.189Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.19999999999999998,"stops":0.22},"position":"PLAYING","typed":"leaves"}','demo-6-6');
INSERT INTO "job_event" VALUES(6,7,'2026-11-26T09:09:05.189Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.16999999999999998,"stops":0.19},"position":"PLAYING","typed":"leaves"}','demo-6-7');
INSERT INTO "job_event" VALUES(6,8,'2026-11-26T09:09:30.189Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.18,"stops":0.2},"position":"PLAYING","typed":"leaves"}','demo-6-8');
INSERT INTO "job_event" VALUES(6,9,'2026-11-26T09:09:55.189Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.15,"stops":0.17},"position":"PLAYING","typed":"leaves"}','demo-6-9');
INSERT INTO "job_event" VALUES(6,10,'2026-11-26T09:10:20.189Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.1,"stops":0.12},"position":"PLAYING","typed":"leaves"}','demo-6-10');
INSERT INTO "job_event" VALUES(6,11,'2026-11-26T09:10:45.189Z','reading','{"string":8,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.45},"position":"PLAYING","typed":"1.45"}','demo-6-11');
INSERT INTO "job_event" VALUES(6,12,'2026-11-26T09:11:10.189Z','reading','{"string":7,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.42},"position":"PLAYING","typed":"1.42"}','demo-6-12');
INSERT INTO "job_event" VALUES(6,13,'2026-11-26T09:11:35.189Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.4},"position":"PLAYING","typed":"1.4"}','demo-6-13');
INSERT INTO "job_event" VALUES(6,14,'2026-11-26T09:12:00.189Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.35},"position":"PLAYING","typed":"1.35"}','demo-6-14');
INSERT INTO "job_event" VALUES(6,15,'2026-11-26T09:12:25.189Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.3},"position":"PLAYING","typed":"1.3"}','demo-6-15');
INSERT INTO "job_event" VALUES(6,16,'2026-11-26T09:12:50.189Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.25},"position":"PLAYING","typed":"1.25"}','demo-6-16');
INSERT INTO "job_event" VALUES(6,17,'2026-11-26T09:13:15.189Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.2},"position":"PLAYING","typed":"1.2"}','demo-6-17');
INSERT INTO "job_event" VALUES(6,18,'2026-11-26T09:13:40.189Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.15},"position":"PLAYING","typed":"1.15"}','demo-6-18');
INSERT INTO "job_event" VALUES(7,1,'2026-11-26T08:09:35.315Z','note','{"text":"New strings, stretched 8 times"}','demo-7-1');
INSERT INTO "job_event" VALUES(7,2,'2026-11-26T08:10:00.315Z','target','{"target":{"school":null,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"bass":{"low":0.2,"high":0.28},"treble":{"low":0.16,"high":0.26}}}','demo-7-2');
INSERT INTO "job_event" VALUES(7,3,'2026-11-26T08:16:25.315Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.53},"position":"PLAYING","typed":"0.53"}','demo-7-3');
INSERT INTO "job_event" VALUES(7,4,'2026-11-26T08:16:50.315Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.47},"position":"PLAYING","typed":"0.47"}','demo-7-4');
INSERT INTO "job_event" VALUES(7,5,'2026-11-26T08:17:15.315Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.19,"stops":0.21000000000000002},"position":"PLAYING","typed":"leaves"}','demo-7-5');
INSERT INTO "job_event" VALUES(7,6,'2026-11-26T08:17:40.315Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.16,"stops":0.18000000000000002},"position":"PLAYING","typed":"leaves"}','demo-7-6');
INSERT INTO "job_event" VALUES(7,7,'2026-11-26T08:18:05.315Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.15,"stops":0.17},"position":"PLAYING","typed":"leaves"}','demo-7-7');
INSERT INTO "job_event" VALUES(7,8,'2026-11-26T08:18:30.315Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13,"stops":0.15000000000000002},"position":"PLAYING","typed":"leaves"}','demo-7-8');
INSERT INTO "job_event" VALUES(7,9,'2026-11-26T08:18:55.315Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.12000000000000001,"stops":0.14},"position":"PLAYING","typed":"leaves"}','demo-7-9');
INSERT INTO "job_event" VALUES(7,10,'2026-11-26T08:19:20.315Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.11,"stops":0.13},"position":"PLAYING","typed":"leaves"}','demo-7-10');
INSERT INTO "job_event" VALUES(7,11,'2026-11-26T08:19:45.315Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.7},"position":"PLAYING","typed":"2.7"}','demo-7-11');
INSERT INTO "job_event" VALUES(7,12,'2026-11-26T08:20:10.315Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.6},"position":"PLAYING","typed":"2.6"}','demo-7-12');
INSERT INTO "job_event" VALUES(7,13,'2026-11-26T08:20:35.315Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.5},"position":"PLAYING","typed":"2.5"}','demo-7-13');
INSERT INTO "job_event" VALUES(7,14,'2026-11-26T08:21:00.315Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.3},"position":"PLAYING","typed":"2.3"}','demo-7-14');
INSERT INTO "job_event" VALUES(7,15,'2026-11-26T08:21:25.315Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.2},"position":"PLAYING","typed":"2.2"}','demo-7-15');
INSERT INTO "job_event" VALUES(7,16,'2026-11-26T08:21:50.315Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.1},"position":"PLAYING","typed":"2.1"}','demo-7-16');
INSERT INTO "job_event" VALUES(7,17,'2026-11-26T08:25:15.315Z','rod-turned','{"net":{"sixteenths":2,"zero":false},"finishTightening":false,"free":false}','demo-7-17');
INSERT INTO "job_event" VALUES(7,18,'2026-11-26T08:26:40.315Z','retuned','{}','demo-7-18');
INSERT INTO "job_event" VALUES(7,19,'2026-11-26T08:39:05.315Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.44},"position":"PLAYING","typed":"0.44"}','demo-7-19');
INSERT INTO "job_event" VALUES(7,20,'2026-11-26T08:39:30.315Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.38},"position":"PLAYING","typed":"0.38"}','demo-7-20');
INSERT INTO "job_event" VALUES(7,21,'2026-11-26T08:42:55.315Z','rod-turned','{"net":{"sixteenths":2,"zero":false},"finishTightening":false,"free":false}','demo-7-21');
INSERT INTO "job_event" VALUES(7,22,'2026-11-26T08:44:20.315Z','retuned','{}','demo-7-22');
INSERT INTO "job_event" VALUES(7,23,'2026-11-26T08:56:45.315Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.36},"position":"PLAYING","typed":"0.36"}','demo-7-23');
INSERT INTO "job_event" VALUES(7,24,'2026-11-26T08:57:10.315Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.3},"position":"PLAYING","typed":"0.3"}','demo-7-24');
INSERT INTO "job_event" VALUES(8,1,'2026-11-26T09:20:35.459Z','reading','{"string":5,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.49},"position":"PLAYING","typed":"0.49"}','demo-8-1');
INSERT INTO "job_event" VALUES(8,2,'2026-11-26T09:21:00.459Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.44},"position":"PLAYING","typed":"0.44"}','demo-8-2');
INSERT INTO "job_event" VALUES(8,3,'2026-11-26T09:21:25.459Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.10500000000000001,"stops":0.125},"position":"PLAYING","typed":"leaves"}','demo-8-3');
INSERT INTO "job_event" VALUES(8,4,'2026-11-26T09:21:50.459Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.096,"stops":0.11599999999999999},"position":"PLAYING","typed":"leaves"}','demo-8-4');
INSERT INTO "job_event" VALUES(8,5,'2026-11-26T09:22:15.459Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.08800000000000001,"stops":0.108},"position":"PLAYING","typed":"leaves"}','demo-8-5');
INSERT INTO "job_event" VALUES(8,6,'2026-11-26T09:22:40.459Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.079,"stops":0.09899999999999999},"position":"PLAYING","typed":"leaves"}','demo-8-6');
INSERT INTO "job_event" VALUES(8,7,'2026-11-26T09:23:05.459Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.07,"stops":0.09},"position":"PLAYING","typed":"leaves"}','demo-8-7');
INSERT INTO "job_event" VALUES(8,8,'2026-11-26T09:23:30.459Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.3},"position":"PLAYING","typed":"2.3"}','demo-8-8');
INSERT INTO "job_event" VALUES(8,9,'2026-11-26T09:23:55.459Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.4},"position":"PLAYING","typed":"2.4"}','demo-8-9');
INSERT INTO "job_event" VALUES(8,10,'2026-11-26T09:24:20.459Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.3},"position":"PLAYING","typed":"2.3"}','demo-8-10');
INSERT INTO "job_event" VALUES(8,11,'2026-11-26T09:24:45.459Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.2},"position":"PLAYING","typed":"2.2"}','demo-8-11');
INSERT INTO "job_event" VALUES(8,12,'2026-11-26T09:25:10.459Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.1},"position":"PLAYING","typed":"2.1"}','demo-8-12');
INSERT INTO "job_event" VALUES(8,13,'2026-11-26T09:31:35.459Z','rod-turned','{"net":{"sixteenths":2,"zero":false},"finishTightening":false,"free":false}','demo-8-13');
INSERT INTO "job_event" VALUES(8,14,'2026-11-26T09:33:00.459Z','retuned','{}','demo-8-14');
INSERT INTO "job_event" VALUES(8,15,'2026-11-26T09:34:25.459Z','reading','{"string":5,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.34},"position":"PLAYING","typed":"0.34"}','demo-8-15');
INSERT INTO "job_event" VALUES(8,16,'2026-11-26T09:34:50.459Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.3},"position":"PLAYING","typed":"0.3"}','demo-8-16');
INSERT INTO "job_event" VALUES(9,1,'2026-11-26T08:47:35.583Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":12,"gaugeFret":6},"tool":"LEAF","gap":{"is":"of","mm":0.42},"position":"PLAYING","typed":"0.42"}','demo-9-1');
INSERT INTO "job_event" VALUES(9,2,'2026-11-26T08:48:00.583Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":12,"gaugeFret":6},"tool":"LEAF","gap":{"is":"of","mm":0.38},"position":"PLAYING","typed":"0.38"}','demo-9-2');
INSERT INTO "job_event" VALUES(9,3,'2026-11-26T08:48:25.583Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13,"stops":0.15000000000000002},"position":"PLAYING","typed":"leaves"}','demo-9-3');
INSERT INTO "job_event" VALUES(9,4,'2026-11-26T08:48:50.583Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.12000000000000001,"stops":0.14},"position":"PLAYING","typed":"leaves"}','demo-9-4');
INSERT INTO "job_event" VALUES(9,5,'2026-11-26T08:49:15.583Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.11,"stops":0.13},"position":"PLAYING","typed":"leaves"}','demo-9-5');
INSERT INTO "job_event" VALUES(9,6,'2026-11-26T08:49:40.583Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.1,"stops":0.12},"position":"PLAYING","typed":"leaves"}','demo-9-6');
INSERT INTO "job_event" VALUES(9,7,'2026-11-26T08:50:05.583Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.09000000000000001,"stops":0.11},"position":"PLAYING","typed":"leaves"}','demo-9-7');
INSERT INTO "job_event" VALUES(9,8,'2026-11-26T08:50:30.583Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.09000000000000001,"stops":0.11},"position":"PLAYING","typed":"leaves"}','demo-9-8');
INSERT INTO "job_event" VALUES(9,9,'2026-11-26T08:50:55.583Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":4.3},"position":"PLAYING","typed":"4.3"}','demo-9-9');
INSERT INTO "job_event" VALUES(9,10,'2026-11-26T08:51:20.583Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":4.2},"position":"PLAYING","typed":"4.2"}','demo-9-10');
INSERT INTO "job_event" VALUES(9,11,'2026-11-26T08:51:45.583Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":4.1},"position":"PLAYING","typed":"4.1"}','demo-9-11');
INSERT INTO "job_event" VALUES(9,12,'2026-11-26T08:52:10.583Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":3.9},"position":"PLAYING","typed":"3.9"}','demo-9-12');
INSERT INTO "job_event" VALUES(9,13,'2026-11-26T08:52:35.583Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":3.8},"position":"PLAYING","typed":"3.8"}','demo-9-13');
INSERT INTO "job_event" VALUES(9,14,'2026-11-26T08:53:00.583Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":3.6},"position":"PLAYING","typed":"3.6"}','demo-9-14');
CREATE TABLE player (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL,
  touch TEXT NOT NULL CHECK (touch IN ('light', 'medium', 'heavy')),
  created_at TEXT NOT NULL
) STRICT;
INSERT INTO "player" VALUES(1,'Island school, loan no. 9','light','2026-11-25T06:39:33.844Z');
INSERT INTO "player" VALUES(2,'Saltholm Ferry Band, deck loan no. 2','light','2026-11-26T08:59:34.700Z');
INSERT INTO "player" VALUES(3,'Saltholm Ferry Band, saloon loan no. 3','medium','2026-11-26T08:35:34.887Z');
INSERT INTO "player" VALUES(4,'Saltholm Ferry Band, saloon loan no. 7','medium','2026-11-26T09:27:34.993Z');
INSERT INTO "player" VALUES(5,'Island school, loan no. 2','medium','2026-11-26T08:28:35.101Z');
INSERT INTO "player" VALUES(6,'Saltholm Ferry Band, deck loan no. 5','medium','2026-11-26T09:06:35.189Z');
INSERT INTO "player" VALUES(7,'Saltholm Ferry Band, pit loan no. 6','medium','2026-11-26T08:09:35.315Z');
INSERT INTO "player" VALUES(8,'Island school, loan no. 12','heavy','2026-11-26T09:20:35.459Z');
INSERT INTO "player" VALUES(9,'Island school, loan no. 4','medium','2026-11-26T08:47:35.583Z');
INSERT INTO "player" VALUES(10,'Saltholm Ferry Band, saloon loan no. 1','medium','2026-11-26T09:21:35.712Z');
CREATE TABLE setting (
  scope TEXT NOT NULL CHECK (scope IN ('shop', 'player', 'instrument')),
  owner TEXT NOT NULL,
  name TEXT NOT NULL,
  body TEXT NOT NULL,
  version INTEGER NOT NULL,
  PRIMARY KEY (scope, owner, name)
) STRICT;
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
