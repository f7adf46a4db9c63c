package barytone.core.station.intonation;

import barytone.core.bridge.Supports;
import barytone.core.estimate.Normal;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.Sounded;
import barytone.core.intonation.ToneForecast;
import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Progress;
import barytone.core.job.RoomReplay;
import barytone.core.job.Setups;
import barytone.core.job.Station;
import barytone.core.quantity.Turns;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** Pitches read, saddles moved along the strings, and what one taught of the other. */
final class ToneHistory implements RoomReplay {
    /** A stated pitch of a length screw holds this well, as a share of it; one that is not known this badly. */
    private static final double STATED_SPREAD = 0.03;

    private static final double UNKNOWN_SPREAD = 0.3;

    /** A saddle that answers with less than this share of what its turn promised did not go with its screw. */
    private static final double FOLLOWS = 0.3;

    /** Moves that promise less than this teach nothing, cents. */
    private static final double TEACHES = 2.5;

    /** An open string this near to its pitch has been retuned, cents. */
    private static final double RETUNED = 5;

    private final InstrumentSpec spec;
    private final Supports supports;
    private final List<HeardNote> notes = new ArrayList<>();
    private final Map<Integer, Map<Integer, Double>> foundBefore = new TreeMap<>();
    private final List<Integer> sessions;
    private final TreeSet<Integer> slack = new TreeSet<>();
    private final List<Double> shifts;
    private final List<Double> moved;
    private final Map<Integer, Promise> promises = new HashMap<>();
    private final Map<Integer, Tones.Answer> answers = new TreeMap<>();
    private final Map<Integer, Double> owed = new TreeMap<>();
    private final Map<Integer, Tones.Room> room = new TreeMap<>();
    private final Map<Integer, List<Double>> stretches = new TreeMap<>();
    private Normal screwPitch;
    private boolean clockwiseBack;
    private IntonationWays ways;
    private StringAge age = StringAge.NEW;
    private @Nullable List<Double> places;

    /** Turns of a length screw since its note was read, and how far back they were promised to take the saddle, mm. */
    private record Promise(Turns turns, double back) {
        Promise plus(Promise more) {
            return new Promise(turns.plus(more.turns), back + more.back);
        }

        /** The pitch that was promised with, mm per turn; not today's, which may have learned since. */
        double pitch() {
            return Math.abs(back / turns.value());
        }
    }

    ToneHistory(InstrumentSpec spec, @Nullable IntonationWays chosen, List<LoggedEvent> counted) {
        this.spec = spec;
        this.supports = spec.lengthwise();
        this.clockwiseBack = spec.fittings().length().head().clockwiseBack();
        // which way its screws work counts from the start, whenever it was learned
        for (LoggedEvent logged : counted)
            if (logged.event() instanceof ToneEvent.LengthDirectionLearned e) clockwiseBack = e.clockwiseBack();
        this.sessions = new ArrayList<>(Collections.nCopies(spec.strings(), 0));
        this.shifts = new ArrayList<>(Collections.nCopies(spec.strings(), 0.0));
        this.moved = new ArrayList<>(Collections.nCopies(supports.size(), 0.0));
        double pitch = spec.fittings().length().pitchOrUsual();
        this.screwPitch =
                new Normal(pitch, pitch * (spec.fittings().length().pitch() == 0 ? UNKNOWN_SPREAD : STATED_SPREAD));
        this.ways = chosen != null && chosen.fits(spec.strings(), spec.frets())
                ? chosen
                : IntonationWays.usual(
                        spec.tuning().stream().map(p -> p.frequency(440)).toList(), spec.frets());
    }

    /** Whether what was noted fits the instrument, which may have been corrected since. */
    @Override
    public boolean fits(JobEvent event) {
        return switch (event) {
            case ToneEvent.PitchRead e ->
                e.string() <= spec.strings() && e.sounded().fret() <= spec.frets();
            case ToneEvent.SaddlesMoved e -> e.clockwise().size() == supports.size();
            case ToneEvent.LengthTravelRead e -> e.support() < supports.size();
            case ToneEvent.Stretched e -> e.string() <= spec.strings();
            case ToneEvent.StringRenewed e -> e.string() <= spec.strings();
            case ToneEvent.SaddlePlacesRead e -> e.places().size() == spec.strings();
            case ToneEvent.IntonationSet e -> e.ways().fits(spec.strings(), spec.frets());
            default -> true;
        };
    }

    @Override
    public void play(LoggedEvent logged, Progress job) {
        List<Integer> slackened = logged.event().slackens(spec);
        if (!slackened.isEmpty()) slackened(slackened);
        switch (logged.event()) {
            case ToneEvent e -> own(logged, e, job);
            case JobEvent.Retuned ignored -> retuned();
            case JobEvent.StringsChanged ignored -> {
                for (int s : spec.everyString()) renewed(s, job.setups());
            }
            default -> {}
        }
    }

    private void own(LoggedEvent logged, ToneEvent event, Progress job) {
        switch (event) {
            case ToneEvent.PitchRead e -> {
                job.pass(logged.at());
                if (read(logged.seq(), e, job.setups())) job.atPitch();
            }
            case ToneEvent.IntonationSet e -> ways = e.ways();
            case ToneEvent.SaddlesMoved e -> moved(e);
            case ToneEvent.LengthDirectionLearned ignored -> {}
            case ToneEvent.LengthTravelRead e -> room.put(e.support(), new Tones.Room(e.forward(), e.back()));
            case ToneEvent.SaddlePlacesRead e -> places = e.places();
            case ToneEvent.StringsStated e -> age = e.age();
            case ToneEvent.Stretched e ->
                stretches.computeIfAbsent(e.string(), s -> new ArrayList<>()).add(e.drop());
            case ToneEvent.StringRenewed e -> {
                job.touched(Station.INTONATION, List.of());
                renewed(e.string(), job.setups());
            }
        }
    }

    @Override
    public Tones state(Setups setups) {
        return tones(setups);
    }

    /**
     * A pitch was read.
     *
     * @return whether this brought the last slack string back to pitch
     */
    private boolean read(long seq, ToneEvent.PitchRead e, Setups setups) {
        boolean wasSlack = slack.contains(e.string());
        boolean tuned = e.sounded().how() == Sounded.How.OPEN && Math.abs(e.cents()) <= RETUNED;
        if (wasSlack && (tuned || e.atPitch())) slack.remove(e.string());
        boolean offPitch = slack.contains(e.string()) && e.sounded().how() != Sounded.How.OPEN;
        Tones until = tones(setups);
        HeardNote note = note(seq, e, offPitch, setups);
        if (!offPitch && e.sounded().how() == Sounded.How.FRETTED)
            until.last(e.string(), e.sounded()).ifPresent(before -> learn(until, before, note));
        // after learning: a saddle that stayed where it was stands elsewhere than its turns say
        notes.add(note(seq, e, offPitch, setups));
        return wasSlack && slack.isEmpty();
    }

    private HeardNote note(long seq, ToneEvent.PitchRead e, boolean offPitch, Setups setups) {
        int string = e.string() - 1;
        return new HeardNote(
                seq,
                e,
                sessions.get(string),
                shifts.get(string),
                setups.now().likely(e.string()),
                offPitch,
                setups.moves(),
                setups.asFound());
    }

    /** What a saddle's turn did, now that the same note was read before and after it. */
    private void learn(Tones until, HeardNote before, HeardNote after) {
        int string = after.read().string();
        for (int j = 0; j < supports.size(); j++) {
            Promise promise = promises.get(j);
            if (promise == null
                    || promise.turns().isZero()
                    || !supports.strings(j).contains(string)) continue;
            int fret = after.read().sounded().fret();
            double[] was = ToneForecast.cents(spec, ways.a4(), string, before.shift(), before.setup());
            double[] heights = ToneForecast.cents(spec, ways.a4(), string, before.shift(), after.setup());
            double[] then = ToneForecast.cents(spec, ways.a4(), string, after.shift(), after.setup());
            double promised = then[fret] - heights[fret];
            if (Math.abs(promised) < TEACHES) continue;
            double came = until.error(after) - until.error(before) - (heights[fret] - was[fret]);
            double share = came / promised;
            promises.remove(j);
            answers.put(
                    j,
                    share < -FOLLOWS
                            ? Tones.Answer.WRONG_WAY
                            : share < FOLLOWS ? Tones.Answer.STAYED : Tones.Answer.FOLLOWED);
            if (share < FOLLOWS) {
                double missing = (share - 1) * (after.shift() - before.shift());
                if (share >= -FOLLOWS) owed.put(j, -missing);
                went(j, missing);
                for (int s : supports.strings(j)) shifts.set(s - 1, shifts.get(s - 1) + missing);
                continue;
            }
            double spread =
                    Math.hypot(before.read().ear().spread(), after.read().ear().spread()) / Math.abs(promised);
            // a normal belief about the pitch, improved by one more reading of it
            double measured = promise.pitch() * share;
            double variance = Math.pow(promise.pitch() * spread, 2);
            double belief = screwPitch.sd() * screwPitch.sd();
            double gain = belief / (belief + variance);
            screwPitch = new Normal(
                    screwPitch.mean() + gain * (measured - screwPitch.mean()), Math.sqrt((1 - gain) * belief));
        }
    }

    /** Every string, or some, went off pitch. */
    private void slackened(List<Integer> strings) {
        slack.addAll(strings);
        newSession(strings);
    }

    private void retuned() {
        newSession(spec.everyString());
        slack.clear();
    }

    private void newSession(List<Integer> strings) {
        for (int s : strings) sessions.set(s - 1, sessions.get(s - 1) + 1);
    }

    /** Saddles were moved along their strings. */
    private void moved(ToneEvent.SaddlesMoved e) {
        List<Double> back = new ArrayList<>();
        for (int j = 0; j < supports.size(); j++) {
            Turns turns = e.clockwise().get(j);
            double d = turns.isZero() ? e.back().get(j) : turns.value() * screwPitch.mean() * (clockwiseBack ? 1 : -1);
            back.add(d);
            if (!turns.isZero()) promises.merge(j, new Promise(turns, d), Promise::plus);
            if (d != 0) {
                answers.remove(j);
                owed.remove(j);
            }
            went(j, d);
        }
        List<Double> got = supports.atStrings(back);
        for (int s = 0; s < got.size(); s++) shifts.set(s, shifts.get(s) + got.get(s));
    }

    /** A support went back by so much, mm; what room it has left goes with it. */
    private void went(int support, double back) {
        moved.set(support, moved.get(support) + back);
        room.computeIfPresent(support, (j, left) -> new Tones.Room(left.forward() + back, left.back() - back));
    }

    /** A string was replaced: what was heard of the old one says nothing of it. */
    private void renewed(int string, Setups setups) {
        Map<Integer, Double> found = new TreeMap<>();
        Tones now = tones(setups);
        for (int fret : IntonationWays.CHOICES) now.found(string, fret).ifPresent(cents -> found.put(fret, cents));
        foundBefore.put(string, Map.copyOf(found));
        notes.removeIf(n -> n.read().string() == string);
        stretches.remove(string);
    }

    private Tones tones(Setups setups) {
        return new Tones(
                ways,
                notes.stream().map(n -> n.known(setups)).toList(),
                Map.copyOf(foundBefore),
                List.copyOf(sessions),
                List.copyOf(slack),
                List.copyOf(shifts),
                List.copyOf(moved),
                screwPitch,
                clockwiseBack,
                Collections.unmodifiableMap(new TreeMap<>(answers)),
                Map.copyOf(owed),
                shown(),
                age,
                Map.copyOf(stretches),
                places);
    }

    /** The room left; a saddle that went farther than it was thought to has none. */
    private Map<Integer, Tones.Room> shown() {
        Map<Integer, Tones.Room> left = new TreeMap<>();
        room.forEach((j, r) -> left.put(j, new Tones.Room(Math.max(0, r.forward()), Math.max(0, r.back()))));
        return Map.copyOf(left);
    }
}
