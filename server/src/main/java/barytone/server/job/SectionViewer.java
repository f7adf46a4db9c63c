package barytone.server.job;

import barytone.core.estimate.Band;
import barytone.core.estimate.SetupEstimate;
import barytone.core.height.HeightVerdict;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.LengthUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Puts the neck under a string into the form of the lit section. */
final class SectionViewer {
    private final JobState state;
    private final InstrumentSpec spec;
    private final StringLine line;
    private final Words words;
    private final @Nullable SetupEstimate after;

    SectionViewer(JobState state, Words words, @Nullable SetupEstimate after) {
        this.state = state;
        this.spec = state.spec();
        this.line = spec.line();
        this.words = words;
        this.after = after;
    }

    private boolean reliefRead(int string) {
        return reliefUnder(string).stream().allMatch(s -> state.lastRelief(s).isPresent());
    }

    /** Where the relief is read that the neck under a string has: under the strings between it lies between the two sides. */
    private List<Integer> reliefUnder(int string) {
        return state.strings(Station.RELIEF).contains(string) ? List.of(string) : state.reliefStrings();
    }

    /** Whether the neck under a string was read as having no gap: what lies beyond is unknown, so it is drawn flat. */
    private boolean noGap(int string) {
        return reliefUnder(string).stream()
                .anyMatch(s -> HeightVerdict.of(state, Station.RELIEF, s).noGap());
    }

    JobView.SectionView section(int string) {
        StringState estimated = state.estimate().likely(string);
        // an unread neck is drawn straight: nothing is known of its bow
        boolean noGap = noGap(string);
        StringState likely = reliefRead(string) && !noGap
                ? estimated
                : new StringState(0, estimated.slotHeight(), estimated.saddleHeight());
        Chord chord = new Chord(line, spec.bodyJointFret(), likely.curvature());
        List<JobView.FretPoint> frets = IntStream.rangeClosed(1, spec.frets())
                .mapToObj(n -> new JobView.FretPoint(n, drawn(line.scale().crown(n)), drawn(chord.above(n))))
                .toList();
        JobView.After then = null;
        if (after != null && !noGap) {
            StringState moved = after.likely(string);
            Chord thenChord = new Chord(line, spec.bodyJointFret(), moved.curvature());
            // drawn in today's frame at fret 1 and the joint, so that the relief is seen to change, and the string with
            // it
            then = new JobView.After(
                    IntStream.rangeClosed(1, spec.frets())
                            .mapToObj(n -> drawn(thenChord.above(n)))
                            .toList(),
                    drawn(line.nutHeight(moved) - thenChord.at(0)),
                    drawn(moved.saddleHeight() - thenChord.at(line.saddle())));
        }
        GapMethod.Relief habit = state.habit().method();
        boolean known = state.look(Station.ACTION, string).isPresent();
        return new JobView.SectionView(
                string,
                spec.stringName(string),
                spec.scaleLength(),
                line.saddle(),
                spec.bodyJointFret(),
                frets,
                drawn(line.nutHeight(likely) - chord.at(0)),
                drawn(likely.saddleHeight() - chord.at(line.saddle())),
                reliefUnder(string).stream()
                        .allMatch(s -> state.look(Station.RELIEF, s).isPresent()),
                known,
                habit.heldLow(),
                habit.heldHigh(),
                then,
                noGap ? "no gap: straight or bent back" : null,
                dimensions(string, chord),
                known ? ghosts(string, likely, chord) : List.of());
    }

    /**
     * A setup that is tried, drawn as it would be, with how it stands now behind it.
     *
     * @param dimensions of what is tried
     */
    static JobView.SectionView tried(
            InstrumentSpec spec, int string, StringState tried, StringState now, List<JobView.Dimension> dimensions) {
        StringLine line = spec.line();
        Chord chord = new Chord(line, spec.bodyJointFret(), tried.curvature());
        Chord before = new Chord(line, spec.bodyJointFret(), now.curvature());
        return new JobView.SectionView(
                string,
                spec.stringName(string),
                spec.scaleLength(),
                line.saddle(),
                spec.bodyJointFret(),
                IntStream.rangeClosed(1, spec.frets())
                        .mapToObj(
                                n -> new JobView.FretPoint(n, drawn(line.scale().crown(n)), drawn(chord.above(n))))
                        .toList(),
                drawn(line.nutHeight(tried) - chord.at(0)),
                drawn(tried.saddleHeight() - chord.at(line.saddle())),
                true,
                true,
                1,
                spec.bodyJointFret(),
                new JobView.After(
                        IntStream.rangeClosed(1, spec.frets())
                                .mapToObj(n -> drawn(before.above(n)))
                                .toList(),
                        drawn(line.nutHeight(now) - before.at(0)),
                        drawn(now.saddleHeight() - before.at(line.saddle()))),
                null,
                dimensions,
                List.of());
    }

    /** How far the crown of a fret lies above the line through those of 1 and the body joint, mm. */
    static double above(InstrumentSpec spec, StringState tried, int fret) {
        return new Chord(spec.line(), spec.bodyJointFret(), tried.curvature()).above(fret);
    }

    /** A string over the neck of an estimate, for the card. */
    HandedOver.Profile profile(SetupEstimate estimate, int string) {
        StringState likely = estimate.likely(string);
        Chord chord = new Chord(line, spec.bodyJointFret(), likely.curvature());
        return new HandedOver.Profile(
                IntStream.rangeClosed(1, spec.frets())
                        .mapToObj(n -> drawn(line.scale().crown(n)))
                        .toList(),
                IntStream.rangeClosed(1, spec.frets())
                        .mapToObj(n -> drawn(chord.above(n)))
                        .toList(),
                drawn(line.nutHeight(likely) - chord.at(0)),
                drawn(likely.saddleHeight() - chord.at(line.saddle())),
                line.saddle());
    }

    private List<JobView.Dimension> dimensions(int string, Chord chord) {
        List<JobView.Dimension> dimensions = new ArrayList<>();
        for (Station station : Station.HEIGHTS) {
            if (!state.strings(station).contains(string)
                    || state.look(station, string).isEmpty()) continue;
            HeightVerdict judged = HeightVerdict.of(state, station, string);
            if (judged.noGap()) continue;
            GapMethod method = judged.method();
            LengthUnit unit = words.unit(station);
            double value = judged.value().mean();
            double crown = chord.above(method.gaugeFret());
            dimensions.add(new JobView.Dimension(
                    words.quantity(station),
                    method.gaugeFret(),
                    drawn(crown),
                    drawn(crown + value),
                    unit.show(value),
                    words.quantity(station) + " at " + method.gaugeFret(),
                    unit.suffix(),
                    words.verdict(judged)));
        }
        return dimensions;
    }

    /** Where the open string is wanted over the fret of its action, and over fret 1. */
    private List<JobView.Ghost> ghosts(int string, StringState likely, Chord chord) {
        List<JobView.Ghost> ghosts = new ArrayList<>();
        for (Station station : List.of(Station.NUT, Station.ACTION)) {
            if (state.look(station, string).isEmpty()) continue;
            HeightVerdict judged = HeightVerdict.of(state, station, string);
            GapMethod shown =
                    station == Station.NUT ? new GapMethod.NutOpen() : new GapMethod.Action(spec.actionFret());
            Band band = judged.inTerms(shown, state.estimate());
            int fret = shown.gaugeFret();
            double crown = line.crownHeight(likely.curvature(), fret)
                    - chord.at(line.scale().crown(fret));
            ghosts.add(new JobView.Ghost(
                    words.quantity(station), fret, drawn(crown + band.low()), drawn(crown + band.high())));
        }
        return ghosts;
    }

    /** A place of the drawing, mm: no screen shows a tenth of a micrometre, and a reply is read by people with a thumb on the next leaf. */
    static double drawn(double mm) {
        // no place stands at minus nothing
        return Math.rint(mm * 10000) / 10000 + 0.0;
    }

    /** The line through the crowns of fret 1 and the body joint, from which the section is drawn. */
    private record Chord(StringLine line, int joint, double curvature) {
        double at(double x) {
            double x1 = line.scale().crown(1);
            double xJ = line.scale().crown(joint);
            double y1 = line.crownHeight(curvature, 1);
            return y1 + (line.crownHeight(curvature, joint) - y1) * (x - x1) / (xJ - x1);
        }

        double above(int fret) {
            return line.crownHeight(curvature, fret) - at(line.scale().crown(fret));
        }
    }
}
