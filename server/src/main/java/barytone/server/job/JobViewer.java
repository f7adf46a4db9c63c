package barytone.server.job;

import barytone.core.advice.Advice;
import barytone.core.estimate.Band;
import barytone.core.estimate.SetupEstimate;
import barytone.core.height.HeightVerdict;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobReplay;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.station.NextMove;
import barytone.core.station.intonation.Tones;
import barytone.core.station.pickups.PickupState;
import barytone.core.station.relief.ReliefState;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Puts a job into the form that the page draws, in one unit and at one moment. */
final class JobViewer {
    private final JobLog.Opened opened;
    private final JobState state;
    private final InstrumentSpec spec;
    private final StringLine line;
    private final Units units;
    private final Instant now;
    private final Advice advice;
    private final Words words;
    private final Voices voices;
    private final JobView.AdviceView told;
    private final Bench bench;
    private final HeightViewer heights;
    private final ToneViewer tones;
    private final PickupViewer pickups;
    private final @Nullable SetupEstimate after;

    JobViewer(JobLog.Opened opened, Units units, Instant now, Bench bench) {
        this.opened = opened;
        this.state = opened.state();
        this.spec = state.spec();
        this.line = spec.line();
        this.units = units;
        this.now = now;
        this.bench = bench;
        this.advice = NextMove.advise(state, bench.means(), now);
        this.words = new Words(state, units);
        this.voices = Voices.of(state, words, bench);
        this.told = new AdviceWords(state, words, bench, voices).advice(advice);
        this.heights = new HeightViewer(state, words, bench, voices);
        this.tones = new ToneViewer(state, units, voices.the(ToneWords.class));
        this.pickups = new PickupViewer(state, units);
        this.after = advice.expected(state).orElse(null);
    }

    JobView view() {
        JobLog.Job job = opened.job();
        Set<Long> undone = JobReplay.undone(opened.log());
        Tape tape = new Tape(opened, words, voices);
        return new JobView(
                // filled in when it is sent, from all the rest
                "",
                job.id(),
                job.ticket(),
                opened.seq(),
                now,
                units.code(),
                units.action().suffix(),
                FactsViewer.of(opened.job()),
                job.player(),
                Words.lower(job.touch()),
                job.complaint(),
                state.closed(),
                state.strings(Station.NUT).stream().map(this::section).toList(),
                stations(),
                new ReliefPage(
                                state,
                                words,
                                bench,
                                voices,
                                heights,
                                opened.job().touch())
                        .view(),
                heights.station(Station.NUT),
                heights.station(Station.ACTION),
                heights.nutBench(),
                heights.bridge(advice, after, voices.the(ActionWords.class)),
                tones.intonation(),
                pickups.view(),
                heights.order(),
                told,
                state.closed() ? null : ReliefState.of(state).settlesAt(now),
                tape.lines(),
                tape.unfit(),
                // a closed job is reopened first
                !state.closed() && tape.anythingCounts(),
                !state.closed() && !undone.isEmpty(),
                closing());
    }

    /** The next move in words. */
    JobView.AdviceView told() {
        return told;
    }

    Advice advice() {
        return advice;
    }

    private boolean reliefRead(int string) {
        // the neck under the strings between lies between the two sides
        return state.strings(Station.RELIEF).contains(string)
                ? state.lastRelief(string).isPresent()
                : state.reliefStrings().stream()
                        .allMatch(s -> state.lastRelief(s).isPresent());
    }

    /** Whether the neck under a string was read as having no gap: what lies beyond is unknown, so it is drawn flat. */
    private boolean noGap(int string) {
        List<Integer> sides = state.strings(Station.RELIEF).contains(string) ? List.of(string) : state.reliefStrings();
        return sides.stream()
                .anyMatch(s -> HeightVerdict.of(state, Station.RELIEF, s).noGap());
    }

    private JobView.SectionView section(int string) {
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
                known,
                habit.heldLow(),
                habit.heldHigh(),
                then,
                noGap ? "no gap: straight or bent back" : null,
                dimensions(string, chord),
                known ? ghosts(string, likely, chord) : List.of());
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
    private static double drawn(double mm) {
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

    /** How every station stands, in their places along the instrument. */
    List<JobView.StationView> stations() {
        List<JobView.StationView> stations = new ArrayList<>();
        stations.add(station(Station.NUT, 3));
        stations.add(station(Station.RELIEF, 2));
        stations.add(station(Station.ACTION, 4));
        stations.add(new JobView.StationView("frets", 5, "Frets", "not on this job", "later"));
        stations.add(tone(Station.PICKUPS, 7, pickups.note(), pickups.good()));
        stations.add(tone(Station.INTONATION, 6, tones.note(), tones.good()));
        return stations;
    }

    private JobView.StationView tone(Station station, int number, String note, boolean good) {
        String how = atNow(station) ? "now" : !state.agreed(station) ? "left" : good ? "done" : "waiting";
        return new JobView.StationView(words.quantity(station), number, station.label(), note, how);
    }

    private boolean atNow(Station station) {
        boolean over = state.closed() || advice instanceof Advice.Finished || advice instanceof Advice.Done;
        return !over && advice.station() == station;
    }

    private JobView.StationView station(Station station, int number) {
        // the same verdicts as in the ledger: what cannot be told is no tick
        boolean inBand = state.strings(station).stream()
                .map(s -> HeightVerdict.of(state, station, s))
                .allMatch(j -> words.verdict(j).equals("in"));
        String how = atNow(station)
                ? "now"
                : state.agreed(station) && inBand ? "done" : state.agreed(station) ? "waiting" : "left";
        return new JobView.StationView(words.quantity(station), number, station.label(), words.note(station), how);
    }

    private JobView.ClosingView closing() {
        List<JobView.ClosingRow> rows = new ArrayList<>();
        for (Station station : Station.HEIGHTS) {
            boolean any = state.strings(station).stream()
                    .anyMatch(s -> state.look(station, s).isPresent());
            if (!state.agreed(station) && !any) continue;
            for (int s : state.strings(station)) rows.add(closingRow(station, s));
        }
        if (state.agreed(Station.INTONATION) || !Tones.of(state).notes().isEmpty()) rows.addAll(tones.closing());
        if (state.agreed(Station.PICKUPS) || !PickupState.of(state).gaps().isEmpty()) rows.addAll(pickups.closing());
        List<String> remarks = new ArrayList<>();
        remarks.addAll(voices.each(RoomVoice::onRecord));
        for (Station station : Station.HEIGHTS)
            if (state.agreed(station)) remarks.add(station.label() + " as " + words.method(station) + ".");
        if (ReliefState.of(state).netTurns().isZero()
                && ReliefState.of(state).steps().isEmpty()) remarks.add("The rod was not turned.");
        else remarks.add("Rod: " + words.netTurns() + ".");
        if (ReliefState.of(state).steps().stream()
                        .mapToInt(s -> Math.abs(s.net().sixteenths()))
                        .sum()
                > Turns.QUARTER.sixteenths()) remarks.add("More than 1/4 turn was made: look again tomorrow.");
        boolean ready = advice instanceof Advice.Done || advice instanceof Advice.Finished || state.closed();
        if (!ready) remarks.add("Not finished: " + told.headline() + ".");
        return new JobView.ClosingView(rows, remarks, ready);
    }

    private JobView.ClosingRow closingRow(Station station, int string) {
        HeightVerdict judged = HeightVerdict.of(state, station, string);
        JobView.LedgerRow row = heights.row(station, string);
        String suffix = " " + words.unit(station).suffix();
        String reckoned = row.now() == null
                ? "not read since it was moved"
                : "reckoned " + row.now() + suffix + " ± " + row.spread()
                        + (row.note() == null ? "" : ", " + row.note());
        return new JobView.ClosingRow(
                station.label() + ", string " + string + " " + spec.stringName(string),
                row.found() == null
                        ? Words.NOT_READ
                        : row.found() + suffix + (row.foundBy() == null ? "" : ", " + row.foundBy()),
                !judged.known() ? Words.NOT_READ : row.reckoned() ? reckoned : row.now() + suffix,
                row.reckoned(),
                row.target() + suffix,
                row.verdict(),
                state.left(station) ? "left as it is, by choice" : row.verdictText());
    }
}
