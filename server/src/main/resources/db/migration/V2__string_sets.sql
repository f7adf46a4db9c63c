-- Generic sets of gauges, string 1 first, as the shop keeps them. Gauges are in thou; w nickel, s steel, b bronze, n nylon.
CREATE TABLE string_set (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL UNIQUE,
  gauges TEXT NOT NULL
) STRICT;

INSERT INTO string_set (name, gauges) VALUES
  ('Electric, 9 to 42', '9 11 16 24w 32w 42w'),
  ('Electric, 10 to 46', '10 13 17 26w 36w 46w'),
  ('Electric, 11 to 49', '11 14 18 28w 38w 49w'),
  ('Electric, 12 to 52, wound third', '12 16 24w 32w 42w 52w'),
  ('Baritone, 14 to 68', '14 18 26w 44w 56w 68w'),
  ('Flat-top, 11 to 52', '11 15 22b 32b 42b 52b'),
  ('Flat-top, 12 to 53', '12 16 24b 32b 42b 53b'),
  ('Flat-top, 13 to 56', '13 17 26b 35b 45b 56b'),
  ('Twelve-string, 10 to 47', '10 10 14 14 23b 8 30b 12 39b 18b 47b 27b'),
  ('Nylon, medium', '28n 32n 40n 30n 36n 44n'),
  ('Bass four, 45 to 105', '45s 65s 85s 105s'),
  ('Bass five, 45 to 130', '45s 65s 85s 105s 130s'),
  ('Bass six, 32 to 130', '32s 45s 65s 85s 105s 130s'),
  ('Mandolin, 11 to 40', '11 11 15 15 26b 26b 40b 40b');
