package barytone.server.buzz;

import barytone.core.clearance.Crowns;
import barytone.core.clearance.SetupGaps;
import barytone.core.clearance.TargetFinder;
import barytone.core.clearance.WhatIf;
import barytone.core.instrument.Fittings;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.neck.StringState;
import barytone.core.quantity.Allowed;
import barytone.core.strings.Pitch;
import barytone.core.strings.StringSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What another setup would make of an instrument, and how low it could go; stable routes among the sums. Nothing is stored. */
@RestController
@RequestMapping(path = "/api/scratch", produces = MediaType.APPLICATION_JSON_VALUE)
class WhatIfController {
    private static final double CONCERT = 440;

    /**
     * An instrument with its strings.
     *
     * @param scaleLength mm
     * @param boardRadius mm; 0 for a flat board
     * @param strings gauge of each string, string 1 first, as they are typed: 10, 26w
     * @param tuning lowest string first, as it is spoken: E A D G B E
     */
    record StrungBoard(
            InstrumentKind kind,
            double scaleLength,
            int frets,
            int bodyJointFret,
            double boardRadius,
            List<String> strings,
            String tuning) {}

    /**
     * A setup; relief held at 1 and the body joint at 8, nut pressed at 3, string 1 first, mm.
     *
     * @param action over 12
     */
    record GapsGiven(double reliefBass, double reliefTreble, List<Double> nut, List<Double> action) {}

    /** What is changed of it; what is not given stays. */
    record GapsChanged(
            @Nullable Double reliefBass,
            @Nullable Double reliefTreble,
            @Nullable List<Double> nut,
            @Nullable List<Double> action,
            @Nullable String touch) {}

    record WhatIfAsked(
            StrungBoard instrument, GapsGiven now, @Nullable GapsChanged change) {}

    /**
     * A string of the changed setup.
     *
     * @param margin room over the crowns by note, from the open string to the last fret but one, mm; negative touches
     * @param cents how sharp each note is expected to be, from the open string to the last fret
     */
    record WhatIfString(int string, double action12, double nutPressed3, List<Double> margin, List<Double> cents) {}

    /** A note and the crown it touches. */
    record TouchesTold(int string, int fret, int on) {}

    /**
     * What it would make of every note.
     *
     * @param firstToHit the note with the least room, left out when all ring free
     */
    record WhatIfTold(List<WhatIfString> strings, @Nullable TouchesTold firstToHit) {}

    /** What another setup would make of every note. */
    @PostMapping("/what-if")
    WhatIfTold sumWhatIf(@RequestBody WhatIfAsked asked) {
        InstrumentSpec spec = spec(asked.instrument());
        GapsChanged change = asked.change();
        GapsGiven now = asked.now();
        SetupGaps gaps = change == null
                ? gaps(now)
                : new SetupGaps(
                        change.reliefBass() == null ? now.reliefBass() : change.reliefBass(),
                        change.reliefTreble() == null ? now.reliefTreble() : change.reliefTreble(),
                        change.nut() == null ? now.nut() : change.nut(),
                        change.action() == null ? now.action() : change.action());
        WhatIf told = WhatIf.of(
                spec,
                gaps.states(spec),
                Crowns.EVEN,
                touch("change.touch", change == null ? null : change.touch()),
                CONCERT);
        return new WhatIfTold(
                told.strings().stream()
                        .map(s -> new WhatIfString(
                                s.string(),
                                s.action(),
                                s.nutPressed(),
                                s.notes().stream().map(n -> n.margin()).toList(),
                                s.cents()))
                        .toList(),
                told.firstToHit()
                        .map(t -> new TouchesTold(
                                t.string(), t.note().fret(), t.note().hits()))
                        .orElse(null));
    }

    /** A crown that is not as high as it should be, mm above it; negative is worn. */
    record FretErrorGiven(int fret, double height) {}

    record TargetFinderAsked(
            StrungBoard instrument,
            GapsGiven now,
            @Nullable String touch,
            @Nullable List<FretErrorGiven> fretErrors) {}

    /** What it would be with all crowns in line. */
    record LevelledTold(double reliefBass, double reliefTreble, List<Double> action) {}

    /**
     * The lowest clean setup, mm.
     *
     * @param action at 12, string 1 first
     * @param limitedBy the note, and the crown it would touch, that stops each string from going lower
     */
    record TargetFinderTold(
            double reliefBass,
            double reliefTreble,
            List<Double> action,
            List<TouchesTold> limitedBy,
            LevelledTold levelled) {}

    /** How low the board can go as it is, and with its frets levelled. */
    @PostMapping("/target-finder")
    TargetFinderTold sumTargetFinder(@RequestBody TargetFinderAsked asked) {
        InstrumentSpec spec = spec(asked.instrument());
        List<Double> slots = gaps(asked.now()).states(spec).stream()
                .map(StringState::slotHeight)
                .toList();
        Touch touch = touch("touch", asked.touch());
        Map<Integer, Double> heights = new TreeMap<>();
        if (asked.fretErrors() != null)
            for (FretErrorGiven error : asked.fretErrors())
                heights.put(Allowed.whole("fretErrors.fret", error.fret(), 1, spec.frets()), error.height());
        TargetFinder asItIs =
                TargetFinder.of(spec, slots, new Crowns(heights), touch, 0, TargetFinder.Bounds.WIDE, CONCERT);
        TargetFinder levelled = TargetFinder.of(spec, slots, Crowns.EVEN, touch, 0, TargetFinder.Bounds.WIDE, CONCERT);
        return new TargetFinderTold(
                asItIs.relief(),
                asItIs.relief(),
                asItIs.actions(),
                asItIs.limits().stream()
                        .filter(limit -> limit.string() > 0)
                        .distinct()
                        .map(limit -> new TouchesTold(limit.string(), limit.fret(), limit.on()))
                        .toList(),
                new LevelledTold(levelled.relief(), levelled.relief(), levelled.actions()));
    }

    private static SetupGaps gaps(GapsGiven given) {
        return new SetupGaps(given.reliefBass(), given.reliefTreble(), given.nut(), given.action());
    }

    /** As a setup is spoken of, or as a note is played. */
    private static Touch touch(String field, @Nullable String given) {
        if (given == null) return Touch.MEDIUM;
        return switch (given) {
            case "light", "soft" -> Touch.LIGHT;
            case "medium", "normal" -> Touch.MEDIUM;
            case "heavy", "hard" -> Touch.HEAVY;
            default -> throw Allowed.broken(field, "“" + given + "”", "light, medium or heavy");
        };
    }

    private static InstrumentSpec spec(StrungBoard given) {
        InstrumentSpec usual = given.kind().usual();
        Allowed.whole("instrument.strings", given.strings().size(), 4, 12);
        StringSet set = StringSet.parse(String.join(" ", given.strings()));
        List<Pitch> tuning = InstrumentSpec.parseTuning(given.tuning(), given.kind());
        if (tuning.size() != set.strings().size())
            throw Allowed.broken(
                    "instrument.tuning",
                    "“" + given.tuning() + "”",
                    "a note for each of the " + set.strings().size() + " strings");
        Fittings is = usual.fittings();
        return new InstrumentSpec(
                usual.kind(),
                tuning,
                given.scaleLength(),
                given.frets(),
                given.bodyJointFret(),
                given.boardRadius(),
                usual.rod(),
                usual.access(),
                false,
                is.with(set));
    }
}
