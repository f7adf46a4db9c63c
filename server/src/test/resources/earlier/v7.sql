-- A shop as the version before the rooms left it: the demo of its day.
BEGIN TRANSACTION;
CREATE TABLE closed_job (
  job_id INTEGER PRIMARY KEY REFERENCES job (id),
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
  player TEXT NOT NULL,
  touch TEXT NOT NULL,
  schools TEXT NOT NULL
) STRICT;
INSERT INTO "closed_job" VALUES(1,'Left-handed electric “Knot”','ELECTRIC','E2 A2 D3 G3 B3 E4',648.0,22,16,254.0,'SINGLE','HEADSTOCK',1,'INDIVIDUAL',0.0,'BOLTED',0.0,52.0,'BONE',42.5,'10 13 17 26w 36w 46w',0.0,'TAIL',3.0,0.0,'neck usual springs, bridge usual springs','Island school, loan no. 9','light','{"relief":[{"code":"NEARLY_FLAT","label":"Nearly flat","low":0.03,"high":0.1,"reason":"Only enough to be sure that there is no back-bow. Wants a fret-level nut and even frets."},{"code":"LIGHT_BOW","label":"Light bow","low":0.1,"high":0.2,"reason":"For a light touch and a flat board."},{"code":"MIDDLE","label":"Middle","low":0.15,"high":0.28,"reason":"The common default: room for a medium touch."},{"code":"HEAVY_HANDS","label":"Bass and heavy hands","low":0.2,"high":0.33,"reason":"For strings that swing wide and hands that dig in."}],"nut":[{"code":"PRESSED","label":"Pressed gap","method":{"is":"nut-pressed","heldFret":3},"bass":{"low":0.1,"high":0.2},"treble":{"low":0.08,"high":0.17},"reason":"Slot height alone, whatever the saddle does. Wound strings swing wider and get more."},{"code":"OPEN","label":"Open at fret 1","method":{"is":"nut-open"},"bass":{"low":0.43,"high":0.55},"treble":{"low":0.38,"high":0.5},"reason":"What the leaf finds under the open string; it includes the slope to the saddle, so it is judged for the saddle at its target."},{"code":"FRET_LEVEL","label":"Fret-level","method":{"is":"nut-pressed","heldFret":3},"bass":{"low":0.03,"high":0.08},"treble":{"low":0.025,"high":0.075},"reason":"The nut acts as one more fret, the gap just visible. Wants level frets and good slots."},{"code":"SLIDE","label":"Slide","method":{"is":"nut-open"},"bass":{"low":0.7,"high":0.8},"treble":{"low":0.6,"high":0.7},"reason":"High enough that the slide does not knock on the frets."}],"action":[{"code":"ELECTRIC_LOW","label":"Low, electric","family":"ELECTRIC","bass":1.4,"treble":1.0,"tolerance":0.12,"steps":"EVEN","lowExtra":0.0,"reason":"For light hands, even frets and a flat board. It shows every flaw of the frets."},{"code":"ELECTRIC_MIDDLE","label":"Middle, electric","family":"ELECTRIC","bass":1.8,"treble":1.3,"tolerance":0.12,"steps":"EVEN","lowExtra":0.0,"reason":"The common default."},{"code":"ELECTRIC_HIGH","label":"High, electric","family":"ELECTRIC","bass":2.2,"treble":1.7,"tolerance":0.12,"steps":"EVEN","lowExtra":0.0,"reason":"For heavy hands, slide, hard strumming and instruments that travel."},{"code":"ACOUSTIC_LOW","label":"Low, acoustic","family":"ACOUSTIC","bass":1.8,"treble":1.4,"tolerance":0.15,"steps":"EVEN","lowExtra":0.0,"reason":"For light hands, even frets and a flat board. It shows every flaw of the frets."},{"code":"ACOUSTIC_MIDDLE","label":"Middle, acoustic","family":"ACOUSTIC","bass":2.2,"treble":1.55,"tolerance":0.15,"steps":"EVEN","lowExtra":0.0,"reason":"The common default."},{"code":"ACOUSTIC_HIGH","label":"High, acoustic","family":"ACOUSTIC","bass":2.7,"treble":2.1,"tolerance":0.15,"steps":"EVEN","lowExtra":0.0,"reason":"For heavy hands, slide, hard strumming and instruments that travel."},{"code":"NYLON_LOW","label":"Low, nylon-string","family":"NYLON","bass":3.1,"treble":2.5,"tolerance":0.2,"steps":"EVEN","lowExtra":0.0,"reason":"For light hands, even frets and a flat board. It shows every flaw of the frets."},{"code":"NYLON_MIDDLE","label":"Middle, nylon-string","family":"NYLON","bass":3.5,"treble":2.8,"tolerance":0.2,"steps":"EVEN","lowExtra":0.0,"reason":"The common default."},{"code":"NYLON_HIGH","label":"High, nylon-string","family":"NYLON","bass":4.0,"treble":3.2,"tolerance":0.2,"steps":"EVEN","lowExtra":0.0,"reason":"For heavy hands, slide, hard strumming and instruments that travel."},{"code":"BASS_LOW","label":"Low, bass","family":"BASS","bass":2.0,"treble":1.5,"tolerance":0.18,"steps":"EVEN","lowExtra":0.3,"reason":"For light hands, even frets and a flat board. It shows every flaw of the frets."},{"code":"BASS_MIDDLE","label":"Middle, bass","family":"BASS","bass":2.5,"treble":1.9,"tolerance":0.18,"steps":"EVEN","lowExtra":0.3,"reason":"The common default."},{"code":"BASS_HIGH","label":"High, bass","family":"BASS","bass":3.2,"treble":2.5,"tolerance":0.18,"steps":"EVEN","lowExtra":0.3,"reason":"For heavy hands, slide, hard strumming and instruments that travel."},{"code":"MANDOLIN_LOW","label":"Low, mandolin","family":"MANDOLIN","bass":1.2,"treble":0.9,"tolerance":0.12,"steps":"RADIUS","lowExtra":0.0,"reason":"For light hands, even frets and a flat board. It shows every flaw of the frets."},{"code":"MANDOLIN_MIDDLE","label":"Middle, mandolin","family":"MANDOLIN","bass":1.4,"treble":1.1,"tolerance":0.12,"steps":"RADIUS","lowExtra":0.0,"reason":"The common default."},{"code":"MANDOLIN_HIGH","label":"High, mandolin","family":"MANDOLIN","bass":1.7,"treble":1.4,"tolerance":0.12,"steps":"RADIUS","lowExtra":0.0,"reason":"For heavy hands, slide, hard strumming and instruments that travel."}]}');
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
INSERT INTO "flyway_schema_history" VALUES(1,'1','jobs','SQL','V1__jobs.sql',852319929,'','2026-11-27 01:16:36.452',3,1);
INSERT INTO "flyway_schema_history" VALUES(2,'2','string sets','SQL','V2__string_sets.sql',-515561897,'','2026-11-27 01:16:36.463',1,1);
INSERT INTO "flyway_schema_history" VALUES(3,'3','fittings and settings','SQL','V3__fittings_and_settings.sql',-75472020,'','2026-11-27 01:16:36.476',4,1);
INSERT INTO "flyway_schema_history" VALUES(4,'4','intonation and pickups','SQL','V4__intonation_and_pickups.sql',964798381,'','2026-11-27 01:16:36.483',2,1);
INSERT INTO "flyway_schema_history" VALUES(5,'5','closed jobs','SQL','V5__closed_jobs.sql',880209480,'','2026-11-27 01:16:36.490',0,1);
INSERT INTO "flyway_schema_history" VALUES(6,'6','requests','SQL','V6__requests.sql',-1272881892,'','2026-11-27 01:16:36.495',0,1);
INSERT INTO "flyway_schema_history" VALUES(7,'7','open jobs','SQL','V7__open_jobs.sql',1348733961,'','2026-11-27 01:16:36.503',1,1);
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
, bridge TEXT NOT NULL DEFAULT 'INDIVIDUAL', thread_pitch REAL NOT NULL DEFAULT 0, neck_joint TEXT NOT NULL DEFAULT 'BOLTED', end_radius REAL NOT NULL DEFAULT 0, bridge_spread REAL NOT NULL DEFAULT 52, nut_material TEXT NOT NULL DEFAULT 'BONE', nut_width REAL NOT NULL DEFAULT 43, strings TEXT NOT NULL DEFAULT '10 13 17 26w 36w 46w', length_pitch REAL NOT NULL DEFAULT 0, length_head TEXT NOT NULL DEFAULT 'TAIL', saddle_thickness REAL NOT NULL DEFAULT 3, plate_rise REAL NOT NULL DEFAULT 0, pickups TEXT NOT NULL DEFAULT '') STRICT;
INSERT INTO "instrument" VALUES(1,'Left-handed electric “Knot”','ELECTRIC','E2 A2 D3 G3 B3 E4',648.0,22,16,254.0,'SINGLE','HEADSTOCK',1,1,'2031-02-02T07:20:00.000Z','INDIVIDUAL',0.0,'BOLTED',0.0,52.0,'BONE',42.5,'10 13 17 26w 36w 46w',0.0,'TAIL',3.0,0.0,'neck usual springs, bridge usual springs');
INSERT INTO "instrument" VALUES(2,'Three-barrel electric “Turnstone”','ELECTRIC','E2 A2 D3 G3 B3 E4',648.0,22,16,254.0,'SINGLE','HEEL',0,1,'2031-02-03T09:40:00.000Z','BARRELS',0.0,'BOLTED',0.0,52.0,'BONE',42.5,'10 13 17 26w 36w 46w',0.0,'TAIL',3.0,0.0,'neck usual springs, bridge usual springs');
INSERT INTO "instrument" VALUES(3,'Two-post semi-hollow “Sandpiper”','SEMI_HOLLOW','E2 A2 D3 G3 B3 E4',628.0,22,16,305.0,'SINGLE','HEADSTOCK',0,1,'2031-02-03T09:16:00.000Z','TWO_POST',0.0,'SET',0.0,52.0,'BONE',43.0,'10 13 17 26w 36w 46w',0.0,'TAIL',3.0,0.0,'neck usual springs, bridge usual springs');
INSERT INTO "instrument" VALUES(4,'Twelve-string “Ruff”','TWELVE_STRING','E3 E2 A3 A2 D4 D3 G4 G3 B3 B3 E4 E4',645.0,20,14,406.0,'DOUBLE','SOUND_HOLE',0,1,'2031-02-03T10:08:00.000Z','FIXED',0.0,'SET',0.0,57.0,'BONE',48.0,'10 10 14 14 23b 8 30b 12 39b 18b 47b 27b',0.0,'TAIL',3.0,0.0,'');
INSERT INTO "instrument" VALUES(5,'Flat-top “Wigeon”','FLAT_TOP','E2 A2 D3 G3 B3 E4',645.0,20,14,406.0,'SINGLE','SOUND_HOLE',0,1,'2031-02-03T09:09:00.000Z','FIXED',0.0,'SET',0.0,55.0,'BONE',44.0,'12 16 24b 32b 42b 53b',0.0,'TAIL',3.0,0.0,'');
INSERT INTO "instrument" VALUES(6,'Mandolin “Dotterel”','MANDOLIN','G3 G3 D4 D4 A4 A4 E5 E5',352.0,20,12,0.0,'SINGLE','HEADSTOCK',0,1,'2031-02-03T09:47:00.000Z','FLOATING',0.0,'SET',0.0,41.0,'BONE',30.0,'11 11 15 15 26b 26b 40b 40b',0.0,'TAIL',3.0,0.0,'');
INSERT INTO "instrument" VALUES(7,'Long-scale baritone “Cormorant”','BARITONE','B1 E2 A2 D3 F#3 B3',705.0,22,16,305.0,'DOUBLE','HEADSTOCK',0,1,'2031-02-03T08:50:00.000Z','INDIVIDUAL',0.0,'BOLTED',0.0,52.0,'COMPOSITE',43.0,'14 18 26w 44w 56w 68w',0.0,'TAIL',3.0,0.0,'neck usual springs, bridge usual springs');
INSERT INTO "instrument" VALUES(8,'Five-string bass “Bittern”','BASS_5','B0 E1 A1 D2 G2',864.0,22,16,305.0,'DOUBLE','HEADSTOCK',0,1,'2031-02-03T10:01:00.000Z','BASS',0.0,'BOLTED',0.0,70.0,'GRAPHITE',46.0,'45s 65s 85s 105s 130s',0.0,'TAIL',3.0,0.0,'bridge usual wood');
INSERT INTO "instrument" VALUES(9,'Nylon-string “Plover”','NYLON','E2 A2 D3 G3 B3 E4',650.0,19,12,0.0,'NONE','SOUND_HOLE',0,1,'2031-02-03T09:28:00.000Z','FIXED',0.0,'SET',0.0,58.0,'BONE',52.0,'28n 32n 40n 30f 35f 43f',0.0,'TAIL',3.0,0.0,'');
INSERT INTO "instrument" VALUES(10,'Flat-top “Eider”','FLAT_TOP','E2 A2 D3 G3 B3 E4',645.0,20,14,406.0,'SINGLE','SOUND_HOLE',0,1,'2031-02-03T10:02:00.000Z','FIXED',0.0,'SET',0.0,55.0,'BONE',44.0,'12 16 24b 32b 42b 53b',0.0,'TAIL',3.0,0.0,'');
INSERT INTO "instrument" VALUES(11,'Six-saddle electric “Redshank”','ELECTRIC','E2 A2 D3 G3 B3 E4',648.0,22,16,254.0,'SINGLE','HEADSTOCK',0,1,'2031-02-03T08:57:00.000Z','INDIVIDUAL',0.0,'BOLTED',0.0,52.0,'BONE',42.5,'10 13 17 26w 36w 46w',0.0,'TAIL',3.0,0.0,'neck usual springs, bridge usual springs');
INSERT INTO "instrument" VALUES(12,'Three-barrel electric “Lapwing”','ELECTRIC','E2 A2 D3 G3 B3 E4',648.0,22,16,254.0,'SINGLE','HEADSTOCK',0,1,'2031-02-03T09:22:00.000Z','BARRELS',0.0,'BOLTED',0.0,52.0,'BONE',42.5,'10 13 17 26w 36w 46w',0.0,'TAIL',3.0,0.0,'neck usual springs, bridge usual springs');
CREATE TABLE job (
  id INTEGER PRIMARY KEY,
  ticket INTEGER NOT NULL UNIQUE,
  instrument_id INTEGER NOT NULL REFERENCES instrument (id),
  player_id INTEGER NOT NULL REFERENCES player (id),
  complaint TEXT NOT NULL,
  request_key TEXT NOT NULL UNIQUE,
  opened_at TEXT NOT NULL
, scope TEXT NOT NULL DEFAULT 'RELIEF', choices TEXT NOT NULL DEFAULT '[]', is_closed INTEGER NOT NULL DEFAULT 0 CHECK (is_closed IN (0, 1))) STRICT;
INSERT INTO "job" VALUES(1,101,1,1,'Only the neck this time: rattles on the deck, fine at home.','demo-Left-handed electric “Knot”','2031-02-02T07:20:00.000Z','RELIEF','[]',1);
INSERT INTO "job" VALUES(2,102,2,2,'Feels high in the middle.','demo-Three-barrel electric “Turnstone”','2031-02-03T09:40:00.000Z','ACTION INTONATION NUT PICKUPS RELIEF','[]',0);
INSERT INTO "job" VALUES(3,103,3,3,'Sinks on the bass side, buzzes when strummed.','demo-Two-post semi-hollow “Sandpiper”','2031-02-03T09:16:00.000Z','ACTION NUT RELIEF','[]',0);
INSERT INTO "job" VALUES(4,104,4,4,'Heavy to fret, never quite in tune.','demo-Twelve-string “Ruff”','2031-02-03T10:08:00.000Z','ACTION NUT RELIEF','[]',0);
INSERT INTO "job" VALUES(5,105,5,5,'High on the bass side since the summer.','demo-Flat-top “Wigeon”','2031-02-03T09:09:00.000Z','ACTION NUT RELIEF','[]',0);
INSERT INTO "job" VALUES(6,106,6,6,'Sharp in the first frets, sore fingertips.','demo-Mandolin “Dotterel”','2031-02-03T09:47:00.000Z','ACTION NUT RELIEF','[]',0);
INSERT INTO "job" VALUES(7,107,7,7,'Rattles above the fifth fret since the winter crossing. Stiff to play.','demo-Long-scale baritone “Cormorant”','2031-02-03T08:50:00.000Z','ACTION NUT RELIEF','[]',0);
INSERT INTO "job" VALUES(8,108,8,8,'Low B flaps. Hands dig in.','demo-Five-string bass “Bittern”','2031-02-03T10:01:00.000Z','ACTION NUT RELIEF','[]',0);
INSERT INTO "job" VALUES(9,109,9,9,'Hard to press past the seventh fret.','demo-Nylon-string “Plover”','2031-02-03T09:28:00.000Z','ACTION NUT RELIEF','[]',0);
INSERT INTO "job" VALUES(10,110,10,10,'Buzzes since the heating came on. Sharp fret ends.','demo-Flat-top “Eider”','2031-02-03T10:02:00.000Z','ACTION NUT RELIEF','[]',0);
INSERT INTO "job" VALUES(11,111,11,11,'Out of tune up the neck. Sounds fine open.','demo-Six-saddle electric “Redshank”','2031-02-03T08:57:00.000Z','ACTION INTONATION NUT PICKUPS RELIEF','[]',0);
INSERT INTO "job" VALUES(12,112,12,12,'Never quite in tune with the band.','demo-Three-barrel electric “Lapwing”','2031-02-03T09:22:00.000Z','ACTION INTONATION NUT PICKUPS RELIEF','[]',0);
CREATE TABLE job_event (
  job_id INTEGER NOT NULL REFERENCES job (id),
  seq INTEGER NOT NULL,
  happened_at TEXT NOT NULL,
  kind TEXT NOT NULL,
  body TEXT NOT NULL,
  request_key TEXT NOT NULL UNIQUE, request TEXT,
  PRIMARY KEY (job_id, seq)
) STRICT;
INSERT INTO "job_event" VALUES(1,1,'2031-02-02T07:20:00.000Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.33},"position":"PLAYING","typed":"0.33","unit":null}','demo-1-1',NULL);
INSERT INTO "job_event" VALUES(1,2,'2031-02-02T07:20:25.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.3},"position":"PLAYING","typed":"0.3","unit":null}','demo-1-2',NULL);
INSERT INTO "job_event" VALUES(1,3,'2031-02-02T07:23:50.000Z','rod-turned','{"net":{"sixteenths":2,"zero":false},"finishTightening":false,"free":false}','demo-1-3',NULL);
INSERT INTO "job_event" VALUES(1,4,'2031-02-02T07:25:15.000Z','retuned','{}','demo-1-4',NULL);
INSERT INTO "job_event" VALUES(1,5,'2031-02-02T07:36:40.000Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.24},"position":"PLAYING","typed":"0.24","unit":null}','demo-1-5',NULL);
INSERT INTO "job_event" VALUES(1,6,'2031-02-02T07:37:05.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.21},"position":"PLAYING","typed":"0.21","unit":null}','demo-1-6',NULL);
INSERT INTO "job_event" VALUES(1,7,'2031-02-02T07:40:30.000Z','rod-turned','{"net":{"sixteenths":1,"zero":false},"finishTightening":false,"free":false}','demo-1-7',NULL);
INSERT INTO "job_event" VALUES(1,8,'2031-02-02T07:41:55.000Z','retuned','{}','demo-1-8',NULL);
INSERT INTO "job_event" VALUES(1,9,'2031-02-02T07:54:20.000Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.19},"position":"PLAYING","typed":"0.19","unit":null}','demo-1-9',NULL);
INSERT INTO "job_event" VALUES(1,10,'2031-02-02T07:54:45.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.17},"position":"PLAYING","typed":"0.17","unit":null}','demo-1-10',NULL);
INSERT INTO "job_event" VALUES(1,11,'2031-02-02T07:55:10.000Z','note','{"text":"Played off on deck, no rattle."}','demo-1-11',NULL);
INSERT INTO "job_event" VALUES(1,12,'2031-02-02T07:55:35.000Z','closed','{}','demo-1-12',NULL);
INSERT INTO "job_event" VALUES(2,1,'2031-02-03T09:40:00.000Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.2},"position":"PLAYING","typed":"0.2","unit":null}','demo-2-1',NULL);
INSERT INTO "job_event" VALUES(2,2,'2031-02-03T09:40:25.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.17},"position":"PLAYING","typed":"0.17","unit":null}','demo-2-2',NULL);
INSERT INTO "job_event" VALUES(2,3,'2031-02-03T09:40:50.000Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13999999999999999,"stops":0.16},"position":"PLAYING","typed":"leaves","unit":null}','demo-2-3',NULL);
INSERT INTO "job_event" VALUES(2,4,'2031-02-03T09:41:15.000Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13499999999999998,"stops":0.155},"position":"PLAYING","typed":"leaves","unit":null}','demo-2-4',NULL);
INSERT INTO "job_event" VALUES(2,5,'2031-02-03T09:41:40.000Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13,"stops":0.15000000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-2-5',NULL);
INSERT INTO "job_event" VALUES(2,6,'2031-02-03T09:42:05.000Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.125,"stops":0.14500000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-2-6',NULL);
INSERT INTO "job_event" VALUES(2,7,'2031-02-03T09:42:30.000Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.12000000000000001,"stops":0.14},"position":"PLAYING","typed":"leaves","unit":null}','demo-2-7',NULL);
INSERT INTO "job_event" VALUES(2,8,'2031-02-03T09:42:55.000Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.115,"stops":0.135},"position":"PLAYING","typed":"leaves","unit":null}','demo-2-8',NULL);
INSERT INTO "job_event" VALUES(2,9,'2031-02-03T09:43:20.000Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.1},"position":"PLAYING","typed":"2.1","unit":null}','demo-2-9',NULL);
INSERT INTO "job_event" VALUES(2,10,'2031-02-03T09:43:45.000Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.0},"position":"PLAYING","typed":"2.0","unit":null}','demo-2-10',NULL);
INSERT INTO "job_event" VALUES(2,11,'2031-02-03T09:44:10.000Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.1},"position":"PLAYING","typed":"2.1","unit":null}','demo-2-11',NULL);
INSERT INTO "job_event" VALUES(2,12,'2031-02-03T09:44:35.000Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.9},"position":"PLAYING","typed":"1.9","unit":null}','demo-2-12',NULL);
INSERT INTO "job_event" VALUES(2,13,'2031-02-03T09:45:00.000Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.6},"position":"PLAYING","typed":"1.6","unit":null}','demo-2-13',NULL);
INSERT INTO "job_event" VALUES(2,14,'2031-02-03T09:45:25.000Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.5},"position":"PLAYING","typed":"1.5","unit":null}','demo-2-14',NULL);
INSERT INTO "job_event" VALUES(2,15,'2031-02-03T09:45:50.000Z','pitch','{"string":6,"sounded":{"how":"OPEN","fret":0},"cents":0.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.0"}','demo-2-15',NULL);
INSERT INTO "job_event" VALUES(2,16,'2031-02-03T09:46:15.000Z','pitch','{"string":6,"sounded":{"how":"FRETTED","fret":12},"cents":4.5,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"4.5"}','demo-2-16',NULL);
INSERT INTO "job_event" VALUES(2,17,'2031-02-03T09:46:40.000Z','pitch','{"string":5,"sounded":{"how":"OPEN","fret":0},"cents":0.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.0"}','demo-2-17',NULL);
INSERT INTO "job_event" VALUES(2,18,'2031-02-03T09:47:05.000Z','pitch','{"string":5,"sounded":{"how":"FRETTED","fret":12},"cents":2.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"2.0"}','demo-2-18',NULL);
INSERT INTO "job_event" VALUES(2,19,'2031-02-03T09:47:30.000Z','pitch','{"string":4,"sounded":{"how":"OPEN","fret":0},"cents":0.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.0"}','demo-2-19',NULL);
INSERT INTO "job_event" VALUES(2,20,'2031-02-03T09:47:55.000Z','pitch','{"string":4,"sounded":{"how":"FRETTED","fret":12},"cents":3.5,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"3.5"}','demo-2-20',NULL);
INSERT INTO "job_event" VALUES(2,21,'2031-02-03T09:48:20.000Z','pitch','{"string":3,"sounded":{"how":"OPEN","fret":0},"cents":0.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.0"}','demo-2-21',NULL);
INSERT INTO "job_event" VALUES(2,22,'2031-02-03T09:48:45.000Z','pitch','{"string":3,"sounded":{"how":"FRETTED","fret":12},"cents":-2.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"-2.0"}','demo-2-22',NULL);
INSERT INTO "job_event" VALUES(2,23,'2031-02-03T09:49:10.000Z','pitch','{"string":2,"sounded":{"how":"OPEN","fret":0},"cents":0.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.0"}','demo-2-23',NULL);
INSERT INTO "job_event" VALUES(2,24,'2031-02-03T09:49:35.000Z','pitch','{"string":2,"sounded":{"how":"FRETTED","fret":12},"cents":2.5,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"2.5"}','demo-2-24',NULL);
INSERT INTO "job_event" VALUES(2,25,'2031-02-03T09:50:00.000Z','pitch','{"string":1,"sounded":{"how":"OPEN","fret":0},"cents":0.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.0"}','demo-2-25',NULL);
INSERT INTO "job_event" VALUES(2,26,'2031-02-03T09:50:25.000Z','pitch','{"string":1,"sounded":{"how":"FRETTED","fret":12},"cents":0.5,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.5"}','demo-2-26',NULL);
INSERT INTO "job_event" VALUES(2,27,'2031-02-03T09:50:50.000Z','pickup-gap','{"pickup":0,"side":"BASS","gap":2.6,"typed":"2.6"}','demo-2-27',NULL);
INSERT INTO "job_event" VALUES(2,28,'2031-02-03T09:51:15.000Z','pickup-gap','{"pickup":0,"side":"TREBLE","gap":2.1,"typed":"2.1"}','demo-2-28',NULL);
INSERT INTO "job_event" VALUES(2,29,'2031-02-03T09:51:40.000Z','pickup-gap','{"pickup":1,"side":"BASS","gap":2.4,"typed":"2.4"}','demo-2-29',NULL);
INSERT INTO "job_event" VALUES(2,30,'2031-02-03T09:52:05.000Z','pickup-gap','{"pickup":1,"side":"TREBLE","gap":1.9,"typed":"1.9"}','demo-2-30',NULL);
INSERT INTO "job_event" VALUES(3,1,'2031-02-03T09:16:00.000Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.18},"position":"PLAYING","typed":"0.18","unit":null}','demo-3-1',NULL);
INSERT INTO "job_event" VALUES(3,2,'2031-02-03T09:16:25.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.15},"position":"PLAYING","typed":"0.15","unit":null}','demo-3-2',NULL);
INSERT INTO "job_event" VALUES(3,3,'2031-02-03T09:16:50.000Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13999999999999999,"stops":0.16},"position":"PLAYING","typed":"leaves","unit":null}','demo-3-3',NULL);
INSERT INTO "job_event" VALUES(3,4,'2031-02-03T09:17:15.000Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13499999999999998,"stops":0.155},"position":"PLAYING","typed":"leaves","unit":null}','demo-3-4',NULL);
INSERT INTO "job_event" VALUES(3,5,'2031-02-03T09:17:40.000Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13,"stops":0.15000000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-3-5',NULL);
INSERT INTO "job_event" VALUES(3,6,'2031-02-03T09:18:05.000Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.125,"stops":0.14500000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-3-6',NULL);
INSERT INTO "job_event" VALUES(3,7,'2031-02-03T09:18:30.000Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.12000000000000001,"stops":0.14},"position":"PLAYING","typed":"leaves","unit":null}','demo-3-7',NULL);
INSERT INTO "job_event" VALUES(3,8,'2031-02-03T09:18:55.000Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.115,"stops":0.135},"position":"PLAYING","typed":"leaves","unit":null}','demo-3-8',NULL);
INSERT INTO "job_event" VALUES(3,9,'2031-02-03T09:19:20.000Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.3},"position":"PLAYING","typed":"1.3","unit":null}','demo-3-9',NULL);
INSERT INTO "job_event" VALUES(3,10,'2031-02-03T09:19:45.000Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.3},"position":"PLAYING","typed":"1.3","unit":null}','demo-3-10',NULL);
INSERT INTO "job_event" VALUES(3,11,'2031-02-03T09:20:10.000Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.3},"position":"PLAYING","typed":"1.3","unit":null}','demo-3-11',NULL);
INSERT INTO "job_event" VALUES(3,12,'2031-02-03T09:20:35.000Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.3},"position":"PLAYING","typed":"1.3","unit":null}','demo-3-12',NULL);
INSERT INTO "job_event" VALUES(3,13,'2031-02-03T09:21:00.000Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.35},"position":"PLAYING","typed":"1.35","unit":null}','demo-3-13',NULL);
INSERT INTO "job_event" VALUES(3,14,'2031-02-03T09:21:25.000Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.35},"position":"PLAYING","typed":"1.35","unit":null}','demo-3-14',NULL);
INSERT INTO "job_event" VALUES(4,1,'2031-02-03T10:08:00.000Z','reading','{"string":12,"method":{"is":"relief","heldLow":1,"heldHigh":14,"gaugeFret":7},"tool":"LEAF","gap":{"is":"of","mm":0.21},"position":"PLAYING","typed":"0.21","unit":null}','demo-4-1',NULL);
INSERT INTO "job_event" VALUES(4,2,'2031-02-03T10:08:25.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":14,"gaugeFret":7},"tool":"LEAF","gap":{"is":"of","mm":0.19},"position":"PLAYING","typed":"0.19","unit":null}','demo-4-2',NULL);
INSERT INTO "job_event" VALUES(4,3,'2031-02-03T10:08:50.000Z','reading','{"string":12,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.15,"stops":0.17},"position":"PLAYING","typed":"leaves","unit":null}','demo-4-3',NULL);
INSERT INTO "job_event" VALUES(4,4,'2031-02-03T10:09:15.000Z','reading','{"string":11,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13999999999999999,"stops":0.16},"position":"PLAYING","typed":"leaves","unit":null}','demo-4-4',NULL);
INSERT INTO "job_event" VALUES(4,5,'2031-02-03T10:09:40.000Z','reading','{"string":10,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13999999999999999,"stops":0.16},"position":"PLAYING","typed":"leaves","unit":null}','demo-4-5',NULL);
INSERT INTO "job_event" VALUES(4,6,'2031-02-03T10:10:05.000Z','reading','{"string":9,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13,"stops":0.15000000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-4-6',NULL);
INSERT INTO "job_event" VALUES(5,1,'2031-02-03T09:09:00.000Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":14,"gaugeFret":7},"tool":"LEAF","gap":{"is":"of","mm":0.18},"position":"PLAYING","typed":"0.18","unit":null}','demo-5-1',NULL);
INSERT INTO "job_event" VALUES(5,2,'2031-02-03T09:09:25.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":14,"gaugeFret":7},"tool":"LEAF","gap":{"is":"of","mm":0.15},"position":"PLAYING","typed":"0.15","unit":null}','demo-5-2',NULL);
INSERT INTO "job_event" VALUES(5,3,'2031-02-03T09:09:50.000Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13999999999999999,"stops":0.16},"position":"PLAYING","typed":"leaves","unit":null}','demo-5-3',NULL);
INSERT INTO "job_event" VALUES(5,4,'2031-02-03T09:10:15.000Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13499999999999998,"stops":0.155},"position":"PLAYING","typed":"leaves","unit":null}','demo-5-4',NULL);
INSERT INTO "job_event" VALUES(5,5,'2031-02-03T09:10:40.000Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13,"stops":0.15000000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-5-5',NULL);
INSERT INTO "job_event" VALUES(5,6,'2031-02-03T09:11:05.000Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.125,"stops":0.14500000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-5-6',NULL);
INSERT INTO "job_event" VALUES(5,7,'2031-02-03T09:11:30.000Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.12000000000000001,"stops":0.14},"position":"PLAYING","typed":"leaves","unit":null}','demo-5-7',NULL);
INSERT INTO "job_event" VALUES(5,8,'2031-02-03T09:11:55.000Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.115,"stops":0.135},"position":"PLAYING","typed":"leaves","unit":null}','demo-5-8',NULL);
INSERT INTO "job_event" VALUES(5,9,'2031-02-03T09:12:20.000Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.9},"position":"PLAYING","typed":"2.9","unit":null}','demo-5-9',NULL);
INSERT INTO "job_event" VALUES(5,10,'2031-02-03T09:12:45.000Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.75},"position":"PLAYING","typed":"2.75","unit":null}','demo-5-10',NULL);
INSERT INTO "job_event" VALUES(5,11,'2031-02-03T09:13:10.000Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.6},"position":"PLAYING","typed":"2.6","unit":null}','demo-5-11',NULL);
INSERT INTO "job_event" VALUES(5,12,'2031-02-03T09:13:35.000Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.35},"position":"PLAYING","typed":"2.35","unit":null}','demo-5-12',NULL);
INSERT INTO "job_event" VALUES(5,13,'2031-02-03T09:14:00.000Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.15},"position":"PLAYING","typed":"2.15","unit":null}','demo-5-13',NULL);
INSERT INTO "job_event" VALUES(5,14,'2031-02-03T09:14:25.000Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.9},"position":"PLAYING","typed":"1.9","unit":null}','demo-5-14',NULL);
INSERT INTO "job_event" VALUES(6,1,'2031-02-03T09:47:00.000Z','reading','{"string":8,"method":{"is":"relief","heldLow":1,"heldHigh":12,"gaugeFret":6},"tool":"LEAF","gap":{"is":"of","mm":0.115},"position":"PLAYING","typed":"0.115","unit":null}','demo-6-1',NULL);
INSERT INTO "job_event" VALUES(6,2,'2031-02-03T09:47:25.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":12,"gaugeFret":6},"tool":"LEAF","gap":{"is":"of","mm":0.085},"position":"PLAYING","typed":"0.085","unit":null}','demo-6-2',NULL);
INSERT INTO "job_event" VALUES(6,3,'2031-02-03T09:47:50.000Z','reading','{"string":8,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.22999999999999998,"stops":0.25},"position":"PLAYING","typed":"leaves","unit":null}','demo-6-3',NULL);
INSERT INTO "job_event" VALUES(6,4,'2031-02-03T09:48:15.000Z','reading','{"string":7,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.22,"stops":0.24000000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-6-4',NULL);
INSERT INTO "job_event" VALUES(6,5,'2031-02-03T09:48:40.000Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.19,"stops":0.21000000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-6-5',NULL);
INSERT INTO "job_event" VALUES(6,6,'2031-02-03T09:49:05.000Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.19999999999999998,"stops":0.22},"position":"PLAYING","typed":"leaves","unit":null}','demo-6-6',NULL);
INSERT INTO "job_event" VALUES(6,7,'2031-02-03T09:49:30.000Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.16999999999999998,"stops":0.19},"position":"PLAYING","typed":"leaves","unit":null}','demo-6-7',NULL);
INSERT INTO "job_event" VALUES(6,8,'2031-02-03T09:49:55.000Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.18,"stops":0.2},"position":"PLAYING","typed":"leaves","unit":null}','demo-6-8',NULL);
INSERT INTO "job_event" VALUES(6,9,'2031-02-03T09:50:20.000Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.15,"stops":0.17},"position":"PLAYING","typed":"leaves","unit":null}','demo-6-9',NULL);
INSERT INTO "job_event" VALUES(6,10,'2031-02-03T09:50:45.000Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.1,"stops":0.12},"position":"PLAYING","typed":"leaves","unit":null}','demo-6-10',NULL);
INSERT INTO "job_event" VALUES(6,11,'2031-02-03T09:51:10.000Z','reading','{"string":8,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.45},"position":"PLAYING","typed":"1.45","unit":null}','demo-6-11',NULL);
INSERT INTO "job_event" VALUES(6,12,'2031-02-03T09:51:35.000Z','reading','{"string":7,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.42},"position":"PLAYING","typed":"1.42","unit":null}','demo-6-12',NULL);
INSERT INTO "job_event" VALUES(6,13,'2031-02-03T09:52:00.000Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.4},"position":"PLAYING","typed":"1.4","unit":null}','demo-6-13',NULL);
INSERT INTO "job_event" VALUES(6,14,'2031-02-03T09:52:25.000Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.35},"position":"PLAYING","typed":"1.35","unit":null}','demo-6-14',NULL);
INSERT INTO "job_event" VALUES(6,15,'2031-02-03T09:52:50.000Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.3},"position":"PLAYING","typed":"1.3","unit":null}','demo-6-15',NULL);
INSERT INTO "job_event" VALUES(6,16,'2031-02-03T09:53:15.000Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.25},"position":"PLAYING","typed":"1.25","unit":null}','demo-6-16',NULL);
INSERT INTO "job_event" VALUES(6,17,'2031-02-03T09:53:40.000Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.2},"position":"PLAYING","typed":"1.2","unit":null}','demo-6-17',NULL);
INSERT INTO "job_event" VALUES(6,18,'2031-02-03T09:54:05.000Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":1.15},"position":"PLAYING","typed":"1.15","unit":null}','demo-6-18',NULL);
INSERT INTO "job_event" VALUES(7,1,'2031-02-03T08:50:00.000Z','note','{"text":"New strings, stretched 8 times"}','demo-7-1',NULL);
INSERT INTO "job_event" VALUES(7,2,'2031-02-03T08:50:25.000Z','target','{"target":{"school":null,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"bass":{"low":0.2,"high":0.28},"treble":{"low":0.16,"high":0.26}}}','demo-7-2',NULL);
INSERT INTO "job_event" VALUES(7,3,'2031-02-03T08:56:50.000Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.53},"position":"PLAYING","typed":"0.53","unit":null}','demo-7-3',NULL);
INSERT INTO "job_event" VALUES(7,4,'2031-02-03T08:57:15.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.47},"position":"PLAYING","typed":"0.47","unit":null}','demo-7-4',NULL);
INSERT INTO "job_event" VALUES(7,5,'2031-02-03T08:57:40.000Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.25,"stops":0.27},"position":"PLAYING","typed":"leaves","unit":null}','demo-7-5',NULL);
INSERT INTO "job_event" VALUES(7,6,'2031-02-03T08:58:05.000Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.21,"stops":0.23},"position":"PLAYING","typed":"leaves","unit":null}','demo-7-6',NULL);
INSERT INTO "job_event" VALUES(7,7,'2031-02-03T08:58:30.000Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.16999999999999998,"stops":0.19},"position":"PLAYING","typed":"leaves","unit":null}','demo-7-7',NULL);
INSERT INTO "job_event" VALUES(7,8,'2031-02-03T08:58:55.000Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.15,"stops":0.17},"position":"PLAYING","typed":"leaves","unit":null}','demo-7-8',NULL);
INSERT INTO "job_event" VALUES(7,9,'2031-02-03T08:59:20.000Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13999999999999999,"stops":0.16},"position":"PLAYING","typed":"leaves","unit":null}','demo-7-9',NULL);
INSERT INTO "job_event" VALUES(7,10,'2031-02-03T08:59:45.000Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13,"stops":0.15000000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-7-10',NULL);
INSERT INTO "job_event" VALUES(7,11,'2031-02-03T09:00:10.000Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.7},"position":"PLAYING","typed":"2.7","unit":null}','demo-7-11',NULL);
INSERT INTO "job_event" VALUES(7,12,'2031-02-03T09:00:35.000Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.6},"position":"PLAYING","typed":"2.6","unit":null}','demo-7-12',NULL);
INSERT INTO "job_event" VALUES(7,13,'2031-02-03T09:01:00.000Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.5},"position":"PLAYING","typed":"2.5","unit":null}','demo-7-13',NULL);
INSERT INTO "job_event" VALUES(7,14,'2031-02-03T09:01:25.000Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.3},"position":"PLAYING","typed":"2.3","unit":null}','demo-7-14',NULL);
INSERT INTO "job_event" VALUES(7,15,'2031-02-03T09:01:50.000Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.2},"position":"PLAYING","typed":"2.2","unit":null}','demo-7-15',NULL);
INSERT INTO "job_event" VALUES(7,16,'2031-02-03T09:02:15.000Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.1},"position":"PLAYING","typed":"2.1","unit":null}','demo-7-16',NULL);
INSERT INTO "job_event" VALUES(7,17,'2031-02-03T09:05:40.000Z','rod-turned','{"net":{"sixteenths":2,"zero":false},"finishTightening":false,"free":false}','demo-7-17',NULL);
INSERT INTO "job_event" VALUES(7,18,'2031-02-03T09:07:05.000Z','retuned','{}','demo-7-18',NULL);
INSERT INTO "job_event" VALUES(7,19,'2031-02-03T09:19:30.000Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.44},"position":"PLAYING","typed":"0.44","unit":null}','demo-7-19',NULL);
INSERT INTO "job_event" VALUES(7,20,'2031-02-03T09:19:55.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.38},"position":"PLAYING","typed":"0.38","unit":null}','demo-7-20',NULL);
INSERT INTO "job_event" VALUES(7,21,'2031-02-03T09:23:20.000Z','rod-turned','{"net":{"sixteenths":2,"zero":false},"finishTightening":false,"free":false}','demo-7-21',NULL);
INSERT INTO "job_event" VALUES(7,22,'2031-02-03T09:24:45.000Z','retuned','{}','demo-7-22',NULL);
INSERT INTO "job_event" VALUES(7,23,'2031-02-03T09:37:10.000Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.36},"position":"PLAYING","typed":"0.36","unit":null}','demo-7-23',NULL);
INSERT INTO "job_event" VALUES(7,24,'2031-02-03T09:37:35.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.3},"position":"PLAYING","typed":"0.3","unit":null}','demo-7-24',NULL);
INSERT INTO "job_event" VALUES(8,1,'2031-02-03T10:01:00.000Z','reading','{"string":5,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.49},"position":"PLAYING","typed":"0.49","unit":null}','demo-8-1',NULL);
INSERT INTO "job_event" VALUES(8,2,'2031-02-03T10:01:25.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.44},"position":"PLAYING","typed":"0.44","unit":null}','demo-8-2',NULL);
INSERT INTO "job_event" VALUES(8,3,'2031-02-03T10:01:50.000Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.19999999999999998,"stops":0.22},"position":"PLAYING","typed":"leaves","unit":null}','demo-8-3',NULL);
INSERT INTO "job_event" VALUES(8,4,'2031-02-03T10:02:15.000Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.19,"stops":0.21000000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-8-4',NULL);
INSERT INTO "job_event" VALUES(8,5,'2031-02-03T10:02:40.000Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.18,"stops":0.2},"position":"PLAYING","typed":"leaves","unit":null}','demo-8-5',NULL);
INSERT INTO "job_event" VALUES(8,6,'2031-02-03T10:03:05.000Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.16999999999999998,"stops":0.19},"position":"PLAYING","typed":"leaves","unit":null}','demo-8-6',NULL);
INSERT INTO "job_event" VALUES(8,7,'2031-02-03T10:03:30.000Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.16,"stops":0.18000000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-8-7',NULL);
INSERT INTO "job_event" VALUES(8,8,'2031-02-03T10:03:55.000Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.3},"position":"PLAYING","typed":"2.3","unit":null}','demo-8-8',NULL);
INSERT INTO "job_event" VALUES(8,9,'2031-02-03T10:04:20.000Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.4},"position":"PLAYING","typed":"2.4","unit":null}','demo-8-9',NULL);
INSERT INTO "job_event" VALUES(8,10,'2031-02-03T10:04:45.000Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.3},"position":"PLAYING","typed":"2.3","unit":null}','demo-8-10',NULL);
INSERT INTO "job_event" VALUES(8,11,'2031-02-03T10:05:10.000Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.2},"position":"PLAYING","typed":"2.2","unit":null}','demo-8-11',NULL);
INSERT INTO "job_event" VALUES(8,12,'2031-02-03T10:05:35.000Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":2.1},"position":"PLAYING","typed":"2.1","unit":null}','demo-8-12',NULL);
INSERT INTO "job_event" VALUES(8,13,'2031-02-03T10:12:00.000Z','rod-turned','{"net":{"sixteenths":2,"zero":false},"finishTightening":false,"free":false}','demo-8-13',NULL);
INSERT INTO "job_event" VALUES(8,14,'2031-02-03T10:13:25.000Z','retuned','{}','demo-8-14',NULL);
INSERT INTO "job_event" VALUES(8,15,'2031-02-03T10:14:50.000Z','reading','{"string":5,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.27},"position":"PLAYING","typed":"0.27","unit":null}','demo-8-15',NULL);
INSERT INTO "job_event" VALUES(8,16,'2031-02-03T10:15:15.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.24},"position":"PLAYING","typed":"0.24","unit":null}','demo-8-16',NULL);
INSERT INTO "job_event" VALUES(9,1,'2031-02-03T09:28:00.000Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":12,"gaugeFret":6},"tool":"LEAF","gap":{"is":"of","mm":0.42},"position":"PLAYING","typed":"0.42","unit":null}','demo-9-1',NULL);
INSERT INTO "job_event" VALUES(9,2,'2031-02-03T09:28:25.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":12,"gaugeFret":6},"tool":"LEAF","gap":{"is":"of","mm":0.38},"position":"PLAYING","typed":"0.38","unit":null}','demo-9-2',NULL);
INSERT INTO "job_event" VALUES(9,3,'2031-02-03T09:28:50.000Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.18,"stops":0.2},"position":"PLAYING","typed":"leaves","unit":null}','demo-9-3',NULL);
INSERT INTO "job_event" VALUES(9,4,'2031-02-03T09:29:15.000Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.16999999999999998,"stops":0.19},"position":"PLAYING","typed":"leaves","unit":null}','demo-9-4',NULL);
INSERT INTO "job_event" VALUES(9,5,'2031-02-03T09:29:40.000Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.16,"stops":0.18000000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-9-5',NULL);
INSERT INTO "job_event" VALUES(9,6,'2031-02-03T09:30:05.000Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.15,"stops":0.17},"position":"PLAYING","typed":"leaves","unit":null}','demo-9-6',NULL);
INSERT INTO "job_event" VALUES(9,7,'2031-02-03T09:30:30.000Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13999999999999999,"stops":0.16},"position":"PLAYING","typed":"leaves","unit":null}','demo-9-7',NULL);
INSERT INTO "job_event" VALUES(9,8,'2031-02-03T09:30:55.000Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13999999999999999,"stops":0.16},"position":"PLAYING","typed":"leaves","unit":null}','demo-9-8',NULL);
INSERT INTO "job_event" VALUES(9,9,'2031-02-03T09:31:20.000Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":4.3},"position":"PLAYING","typed":"4.3","unit":null}','demo-9-9',NULL);
INSERT INTO "job_event" VALUES(9,10,'2031-02-03T09:31:45.000Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":4.2},"position":"PLAYING","typed":"4.2","unit":null}','demo-9-10',NULL);
INSERT INTO "job_event" VALUES(9,11,'2031-02-03T09:32:10.000Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":4.1},"position":"PLAYING","typed":"4.1","unit":null}','demo-9-11',NULL);
INSERT INTO "job_event" VALUES(9,12,'2031-02-03T09:32:35.000Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":3.9},"position":"PLAYING","typed":"3.9","unit":null}','demo-9-12',NULL);
INSERT INTO "job_event" VALUES(9,13,'2031-02-03T09:33:00.000Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":3.8},"position":"PLAYING","typed":"3.8","unit":null}','demo-9-13',NULL);
INSERT INTO "job_event" VALUES(9,14,'2031-02-03T09:33:25.000Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CARD","gap":{"is":"of","mm":3.6},"position":"PLAYING","typed":"3.6","unit":null}','demo-9-14',NULL);
INSERT INTO "job_event" VALUES(11,1,'2031-02-03T08:57:00.000Z','note','{"text":"New strings, stretched"}','demo-11-1',NULL);
INSERT INTO "job_event" VALUES(11,2,'2031-02-03T08:57:25.000Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.23},"position":"PLAYING","typed":"0.23","unit":null}','demo-11-2',NULL);
INSERT INTO "job_event" VALUES(11,3,'2031-02-03T08:57:50.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.2},"position":"PLAYING","typed":"0.2","unit":null}','demo-11-3',NULL);
INSERT INTO "job_event" VALUES(11,4,'2031-02-03T08:58:15.000Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13999999999999999,"stops":0.16},"position":"PLAYING","typed":"leaves","unit":null}','demo-11-4',NULL);
INSERT INTO "job_event" VALUES(11,5,'2031-02-03T08:58:40.000Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13499999999999998,"stops":0.155},"position":"PLAYING","typed":"leaves","unit":null}','demo-11-5',NULL);
INSERT INTO "job_event" VALUES(11,6,'2031-02-03T08:59:05.000Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13,"stops":0.15000000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-11-6',NULL);
INSERT INTO "job_event" VALUES(11,7,'2031-02-03T08:59:30.000Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.125,"stops":0.14500000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-11-7',NULL);
INSERT INTO "job_event" VALUES(11,8,'2031-02-03T08:59:55.000Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.12000000000000001,"stops":0.14},"position":"PLAYING","typed":"leaves","unit":null}','demo-11-8',NULL);
INSERT INTO "job_event" VALUES(11,9,'2031-02-03T09:00:20.000Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.115,"stops":0.135},"position":"PLAYING","typed":"leaves","unit":null}','demo-11-9',NULL);
INSERT INTO "job_event" VALUES(11,10,'2031-02-03T09:00:45.000Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CALIPER","gap":{"is":"of","mm":1.8},"position":"PLAYING","typed":"1.8","unit":null}','demo-11-10',NULL);
INSERT INTO "job_event" VALUES(11,11,'2031-02-03T09:01:10.000Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CALIPER","gap":{"is":"of","mm":1.7},"position":"PLAYING","typed":"1.7","unit":null}','demo-11-11',NULL);
INSERT INTO "job_event" VALUES(11,12,'2031-02-03T09:01:35.000Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CALIPER","gap":{"is":"of","mm":1.6},"position":"PLAYING","typed":"1.6","unit":null}','demo-11-12',NULL);
INSERT INTO "job_event" VALUES(11,13,'2031-02-03T09:02:00.000Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CALIPER","gap":{"is":"of","mm":1.5},"position":"PLAYING","typed":"1.5","unit":null}','demo-11-13',NULL);
INSERT INTO "job_event" VALUES(11,14,'2031-02-03T09:02:25.000Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CALIPER","gap":{"is":"of","mm":1.4},"position":"PLAYING","typed":"1.4","unit":null}','demo-11-14',NULL);
INSERT INTO "job_event" VALUES(11,15,'2031-02-03T09:02:50.000Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CALIPER","gap":{"is":"of","mm":1.3},"position":"PLAYING","typed":"1.3","unit":null}','demo-11-15',NULL);
INSERT INTO "job_event" VALUES(11,16,'2031-02-03T09:03:15.000Z','pitch','{"string":6,"sounded":{"how":"OPEN","fret":0},"cents":0.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.0"}','demo-11-16',NULL);
INSERT INTO "job_event" VALUES(11,17,'2031-02-03T09:03:40.000Z','pitch','{"string":6,"sounded":{"how":"FRETTED","fret":12},"cents":7.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"7.0"}','demo-11-17',NULL);
INSERT INTO "job_event" VALUES(11,18,'2031-02-03T09:04:05.000Z','pitch','{"string":5,"sounded":{"how":"OPEN","fret":0},"cents":0.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.0"}','demo-11-18',NULL);
INSERT INTO "job_event" VALUES(11,19,'2031-02-03T09:04:30.000Z','pitch','{"string":5,"sounded":{"how":"FRETTED","fret":12},"cents":4.2,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"4.2"}','demo-11-19',NULL);
INSERT INTO "job_event" VALUES(11,20,'2031-02-03T09:04:55.000Z','pitch','{"string":4,"sounded":{"how":"OPEN","fret":0},"cents":0.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.0"}','demo-11-20',NULL);
INSERT INTO "job_event" VALUES(11,21,'2031-02-03T09:05:20.000Z','pitch','{"string":4,"sounded":{"how":"FRETTED","fret":12},"cents":1.1,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"1.1"}','demo-11-21',NULL);
INSERT INTO "job_event" VALUES(11,22,'2031-02-03T09:05:45.000Z','pitch','{"string":3,"sounded":{"how":"OPEN","fret":0},"cents":0.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.0"}','demo-11-22',NULL);
INSERT INTO "job_event" VALUES(11,23,'2031-02-03T09:06:10.000Z','pitch','{"string":3,"sounded":{"how":"FRETTED","fret":12},"cents":-3.1,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"-3.1"}','demo-11-23',NULL);
INSERT INTO "job_event" VALUES(11,24,'2031-02-03T09:06:35.000Z','pitch','{"string":2,"sounded":{"how":"OPEN","fret":0},"cents":0.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.0"}','demo-11-24',NULL);
INSERT INTO "job_event" VALUES(11,25,'2031-02-03T09:07:00.000Z','pitch','{"string":2,"sounded":{"how":"FRETTED","fret":12},"cents":2.4,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"2.4"}','demo-11-25',NULL);
INSERT INTO "job_event" VALUES(11,26,'2031-02-03T09:07:25.000Z','pitch','{"string":1,"sounded":{"how":"OPEN","fret":0},"cents":0.0,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.0"}','demo-11-26',NULL);
INSERT INTO "job_event" VALUES(11,27,'2031-02-03T09:07:50.000Z','pitch','{"string":1,"sounded":{"how":"FRETTED","fret":12},"cents":0.6,"ear":"TUNER","inharmonicity":null,"wavered":false,"atPitch":false,"typed":"0.6"}','demo-11-27',NULL);
INSERT INTO "job_event" VALUES(11,28,'2031-02-03T09:08:15.000Z','pickup-gap','{"pickup":0,"side":"BASS","gap":2.5,"typed":"2.5"}','demo-11-28',NULL);
INSERT INTO "job_event" VALUES(11,29,'2031-02-03T09:08:40.000Z','pickup-gap','{"pickup":0,"side":"TREBLE","gap":2.0,"typed":"2.0"}','demo-11-29',NULL);
INSERT INTO "job_event" VALUES(11,30,'2031-02-03T09:09:05.000Z','pickup-gap','{"pickup":1,"side":"BASS","gap":2.4,"typed":"2.4"}','demo-11-30',NULL);
INSERT INTO "job_event" VALUES(11,31,'2031-02-03T09:09:30.000Z','pickup-gap','{"pickup":1,"side":"TREBLE","gap":2.0,"typed":"2.0"}','demo-11-31',NULL);
INSERT INTO "job_event" VALUES(12,1,'2031-02-03T09:22:00.000Z','reading','{"string":6,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.23},"position":"PLAYING","typed":"0.23","unit":null}','demo-12-1',NULL);
INSERT INTO "job_event" VALUES(12,2,'2031-02-03T09:22:25.000Z','reading','{"string":1,"method":{"is":"relief","heldLow":1,"heldHigh":16,"gaugeFret":8},"tool":"LEAF","gap":{"is":"of","mm":0.2},"position":"PLAYING","typed":"0.2","unit":null}','demo-12-2',NULL);
INSERT INTO "job_event" VALUES(12,3,'2031-02-03T09:22:50.000Z','reading','{"string":6,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13999999999999999,"stops":0.16},"position":"PLAYING","typed":"leaves","unit":null}','demo-12-3',NULL);
INSERT INTO "job_event" VALUES(12,4,'2031-02-03T09:23:15.000Z','reading','{"string":5,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13499999999999998,"stops":0.155},"position":"PLAYING","typed":"leaves","unit":null}','demo-12-4',NULL);
INSERT INTO "job_event" VALUES(12,5,'2031-02-03T09:23:40.000Z','reading','{"string":4,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.13,"stops":0.15000000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-12-5',NULL);
INSERT INTO "job_event" VALUES(12,6,'2031-02-03T09:24:05.000Z','reading','{"string":3,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.125,"stops":0.14500000000000002},"position":"PLAYING","typed":"leaves","unit":null}','demo-12-6',NULL);
INSERT INTO "job_event" VALUES(12,7,'2031-02-03T09:24:30.000Z','reading','{"string":2,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.12000000000000001,"stops":0.14},"position":"PLAYING","typed":"leaves","unit":null}','demo-12-7',NULL);
INSERT INTO "job_event" VALUES(12,8,'2031-02-03T09:24:55.000Z','reading','{"string":1,"method":{"is":"nut-pressed","heldFret":3},"tool":"LEAF","gap":{"is":"between","goes":0.115,"stops":0.135},"position":"PLAYING","typed":"leaves","unit":null}','demo-12-8',NULL);
INSERT INTO "job_event" VALUES(12,9,'2031-02-03T09:25:20.000Z','reading','{"string":6,"method":{"is":"action","gaugeFret":12},"tool":"CALIPER","gap":{"is":"of","mm":1.8},"position":"PLAYING","typed":"1.8","unit":null}','demo-12-9',NULL);
INSERT INTO "job_event" VALUES(12,10,'2031-02-03T09:25:45.000Z','reading','{"string":5,"method":{"is":"action","gaugeFret":12},"tool":"CALIPER","gap":{"is":"of","mm":1.7},"position":"PLAYING","typed":"1.7","unit":null}','demo-12-10',NULL);
INSERT INTO "job_event" VALUES(12,11,'2031-02-03T09:26:10.000Z','reading','{"string":4,"method":{"is":"action","gaugeFret":12},"tool":"CALIPER","gap":{"is":"of","mm":1.6},"position":"PLAYING","typed":"1.6","unit":null}','demo-12-11',NULL);
INSERT INTO "job_event" VALUES(12,12,'2031-02-03T09:26:35.000Z','reading','{"string":3,"method":{"is":"action","gaugeFret":12},"tool":"CALIPER","gap":{"is":"of","mm":1.5},"position":"PLAYING","typed":"1.5","unit":null}','demo-12-12',NULL);
INSERT INTO "job_event" VALUES(12,13,'2031-02-03T09:27:00.000Z','reading','{"string":2,"method":{"is":"action","gaugeFret":12},"tool":"CALIPER","gap":{"is":"of","mm":1.4},"position":"PLAYING","typed":"1.4","unit":null}','demo-12-13',NULL);
INSERT INTO "job_event" VALUES(12,14,'2031-02-03T09:27:25.000Z','reading','{"string":1,"method":{"is":"action","gaugeFret":12},"tool":"CALIPER","gap":{"is":"of","mm":1.3},"position":"PLAYING","typed":"1.3","unit":null}','demo-12-14',NULL);
CREATE TABLE player (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL,
  touch TEXT NOT NULL CHECK (touch IN ('light', 'medium', 'heavy')),
  created_at TEXT NOT NULL
) STRICT;
INSERT INTO "player" VALUES(1,'Island school, loan no. 9','light','2031-02-02T07:20:00.000Z');
INSERT INTO "player" VALUES(2,'Saltholm Ferry Band, deck loan no. 2','light','2031-02-03T09:40:00.000Z');
INSERT INTO "player" VALUES(3,'Saltholm Ferry Band, saloon loan no. 3','medium','2031-02-03T09:16:00.000Z');
INSERT INTO "player" VALUES(4,'Saltholm Ferry Band, saloon loan no. 7','medium','2031-02-03T10:08:00.000Z');
INSERT INTO "player" VALUES(5,'Island school, loan no. 2','medium','2031-02-03T09:09:00.000Z');
INSERT INTO "player" VALUES(6,'Saltholm Ferry Band, deck loan no. 5','medium','2031-02-03T09:47:00.000Z');
INSERT INTO "player" VALUES(7,'Saltholm Ferry Band, pit loan no. 6','medium','2031-02-03T08:50:00.000Z');
INSERT INTO "player" VALUES(8,'Island school, loan no. 12','heavy','2031-02-03T10:01:00.000Z');
INSERT INTO "player" VALUES(9,'Island school, loan no. 4','medium','2031-02-03T09:28:00.000Z');
INSERT INTO "player" VALUES(10,'Saltholm Ferry Band, saloon loan no. 1','medium','2031-02-03T10:02:00.000Z');
INSERT INTO "player" VALUES(11,'Island school, loan no. 7','medium','2031-02-03T08:57:00.000Z');
INSERT INTO "player" VALUES(12,'Island school, loan no. 8','medium','2031-02-03T09:22:00.000Z');
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
CREATE INDEX job_open ON job (ticket) WHERE is_closed = 0;
CREATE INDEX job_closed ON job (ticket) WHERE is_closed = 1;
CREATE TRIGGER job_closes AFTER INSERT ON closed_job BEGIN UPDATE job SET is_closed = 1 WHERE id = NEW.job_id; END;
CREATE TRIGGER job_reopens AFTER DELETE ON closed_job BEGIN UPDATE job SET is_closed = 0 WHERE id = OLD.job_id; END;
CREATE INDEX job_event_closed ON job_event (job_id) WHERE kind = 'closed';
COMMIT;
