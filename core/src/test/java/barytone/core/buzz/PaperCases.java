package barytone.core.buzz;

import static barytone.core.buzz.PaperCase.of;

import java.util.List;

/** Hunts as a handbook would tell them. */
final class PaperCases {
    static final List<PaperCase> ALL = List.of(
            of("electric", "back-bow", "b1-6:0-3 c1-6:7-12"),
            of("flat-top", "back-bow", "b2-6:0-2 c1-6:9-12 +since-season"),
            of("bass", "back-bow", "relief=back-bow b1-4:0-4"),
            of("electric", "too-much-relief", "relief=high b1-6:9-14 c1-6:0-5"),
            of("flat-top", "too-much-relief", "b2-5:8-13 c1-6:0-4 action=ok"),
            of("electric", "twist", "b4-6:0-3 c1-2:0-3 +sides-differ"),
            of("electric", "nut-slot-low@4:0", "b4:0 c1-3:0 c5-6:0 c4:1-7 nut4=low"),
            of("flat-top", "nut-slot-low@1:0", "b1:0 c2-6:0 c1:1-5"),
            of("bass", "nut-slot-low@2:0", "k2:0 c1:0 c3-4:0 c2:1-3"),
            of("electric", "nut-front@3:0", "b3:0 c3:1-5 c1-2:0 c4-6:0 nut3=ok look-slot=chipped:3"),
            of("electric", "nut-slot-wide@2:0", "b2:0 c2:1-4 nut2=ok +since-strings look-slot=wide:2"),
            of("flat-top", "nut-slot-tight@3:0", "c3:0-5 +goes-out nut3=ok look-slot=tight:3"),
            of("electric", "break-angle-nut@3:0", "b3:0 c3:1-5 c1-2:0 c4-6:0 nut3=ok +few-wraps"),
            of("semi", "ring-behind-nut", "@behind-nut +goes-on"),
            of("electric", "saddle-slot-wide@2:0", "b2:0-12 n2:9-12 c1:0-12 c3:0-12 press-at-saddle=stops:2"),
            of(
                    "bass",
                    "saddle-slot-narrow@4:0",
                    "d4:0-12 c1-3:0-12 +since-strings press-at-saddle=stops:4 reseat-string=stays:4"),
            of("flat-top", "saddle-flat", "b1-6:0-7 @at-bridge press-at-saddle=stops"),
            of("bass", "break-angle-saddle@1:0", "b1:0-9 c2-4:0-9 press-at-saddle=stops:1 +saddle-at-limit"),
            of("electric", "saddle-loose", "b1:3 b2:8 b3:12 c1:4-9 c3:1-9 @at-bridge +some-pitches"),
            of("semi", "bridge-loose", "@at-bridge @body +some-pitches tap-body=rattles hold-saddle=stops"),
            of("electric", "saddle-radius", "b3-4:1-14 b2:5 b2:7 b5:5 b5:9 c1:0-12 c6:0-12 gauge-at-bridge=middle-low"),
            of("electric", "action-low", "b1-6:2 b1-6:5 b1-6:8 b1-6:11 cs1-6:5 action=low relief=ok"),
            of("nylon", "action-low", "b4-6:1-9 action=low"),
            of("flat-top", "dry", "b1-6:1-12 rh=28 +since-season +sharp-fret-ends"),
            of("electric", "high-fret@0:9", "b1-6:8 b2-4:7 c1-6:9-12 c1-6:3-5"),
            of("flat-top", "high-fret@0:14", "b5-6:12-13 c1-3:12-13 c5-6:14 c5-6:10"),
            of("bass", "high-fret@0:4", "k1-4:3 b1-4:2 c1-4:4-7"),
            of("electric", "high-fret@0:16", "b1-6:15 k1-6:14 c1-6:16-18 rocker=rocks:0:16"),
            of("flat-top", "lifted-fret@0:12", "b1-2:11 b1:10 c3-6:11 c1-2:12 +comes-and-goes"),
            of("electric", "lifted-fret@0:17", "k6:16 b5:16 c1-4:16 c6:17 thumb-fret-end=moves:0:17"),
            of("electric", "worn-fret@2:2", "d2:2 b1:2 c2:1 c2:3 c1:1 c1:3 c2:0"),
            of("flat-top", "worn-fret@2:1", "b2:1 c2:0 c2:2-4 c1:1 c3:1"),
            of("electric", "rough-crown@0:5", "b1-6:5 c1-6:4 c1-6:6"),
            of(
                    "electric",
                    "uneven-frets",
                    "b1:5 b2:9 b3:3 b4:12 b5:7 b6:10 b1:14 c1:6-9 c2:4-7 c3:5-8 c4:6-9 c5:9-12 c6:4-7 action=low"),
            of("round", "bend-choke", "n1-2:12-17 c1-2:10-17 c1-2:1-5"),
            of("electric", "ramp", "d1-6:16-20 c1-6:1-12 n1-2:13-15"),
            of("flat-top", "ramp", "k1-6:14-17 c1-6:3-9 relief=ok"),
            of("flat-top", "neck-angle", "b1-6:12-18 c1-6:1-7 +falls-towards-end +saddle-at-limit"),
            of("semi", "loose-rod", "@inside-neck +some-pitches b2:3 b3:7"),
            of("electric", "old-string@3:0", "d3:0-12 c2:0-7 c4:0-7 age=200 +out-up-the-neck"),
            of("flat-top", "string-seat@5:0", "b5:0-9 c4:0-9 c6:0-9 +since-strings age=1"),
            of("electric", "slack-string", "bh6:0-7 b6:0-3 cs6:0-7 c1-4:0-5 +tuned-down action=ok"),
            of("flat-top", "bright-coating", "b1:2 b2:4 b3:1 b4:3 b5:2 +coated +only-unplugged action=ok relief=ok"),
            of("electric", "tuner-loose", "@behind-nut +some-pitches tap-head=rattles damp-behind-nut=stays"),
            of("electric", "plate-loose", "@body +some-pitches tap-body=rattles"),
            of("bass", "pickup-near", "b3-4:17-20 c3-4:1-12 +pickup-near"),
            of("flat-top", "cable-inside", "@body shake=rattles"),
            of("flat-top", "loose-brace", "@body +since-fall tap-top=rattles"),
            of("vibrato", "vibrato-springs", "@body +goes-on"),
            of("electric", "fretting-behind", "b3:2 b4:2 b2:1 b5:3 c1-6:0 fret-closer=stops"),
            of("electric", "heavy-touch", "bh1-6:3 bh1-6:5 bh1-6:8 c1-6:3-8 action=ok relief=ok"),
            of("electric", "room", "b1:3 b2:8 +some-pitches move-place=stops"),
            // two at once
            of("electric", "high-fret@0:9 nut-slot-low@4:0", "b1-6:8 b2-5:7 b4:0 c1-3:0 c5-6:0 c1-6:9-12 c4:1-5"),
            of(
                    "flat-top",
                    "back-bow worn-fret@2:9",
                    "relief=back-bow b1-6:0-3 d2:9 c2:8 c2:10 c1-6:11-13 look-fret=divot:2:9"),
            of("electric", "ramp nut-slot-low@1:0", "d1-6:16-20 c1-6:2-12 b1:0 nut1=low c2-6:0"),
            of("flat-top", "dry loose-brace", "b1-6:2-9 rh=27 +since-season +sharp-fret-ends @body tap-top=rattles"),
            of("electric", "old-string@3:0 nut-slot-low@5:0", "d3:0-12 age=200 b5:0 c5:1-5 c1-2:0-5 c6:0"),
            of("electric", "too-much-relief nut-slot-low@1:0", "relief=high b1-6:9-13 c1-6:2-5 b1:0 c2-6:0"),
            of(
                    "electric",
                    "lifted-fret@0:14 plate-loose",
                    "b1-2:13 k1:12 c3-6:13 c1-2:14 thumb-fret-end=moves:0:14 @body +some-pitches tap-body=rattles"),
            of(
                    "bass",
                    "break-angle-saddle@1:0 pickup-near",
                    "b1:0-9 c2-3:0-9 press-at-saddle=stops:1 b3-4:18-20 c3-4:1-9 +pickup-near"),
            of("electric", "high-fret@0:12 worn-fret@2:2", "b1-6:11 b3-5:10 c1-6:12-14 d2:2 c2:1 c2:3 c3:2"),
            of("flat-top", "action-low nut-slot-low@1:0", "action=low b4-6:2-9 b1:0 c1:1-5 c2:0-5 nut1=low"));

    private PaperCases() {}
}
