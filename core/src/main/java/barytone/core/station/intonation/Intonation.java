package barytone.core.station.intonation;

import barytone.core.estimate.Normal;
import barytone.core.intonation.Finger;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.Sounded;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** How the intonation of a job stands, string by string, and which notes are still to be sounded. */
public final class Intonation {
    private final JobState job;
    private final Tones tones;
    private final Map<Integer, Intoned> strings = new TreeMap<>();

    private Intonation(JobState job) {
        this.job = job;
        this.tones = Tones.of(job);
        for (int s : job.spec().everyString()) strings.put(s, Intoned.of(job, s));
    }

    /** The intonation of a job as it stands. */
    public static Intonation of(JobState job) {
        return new Intonation(job);
    }

    /** How deep the player's finger presses, as far as the notes of all strings tell; mm. */
    public Normal finger() {
        return Finger.of(strings.values().stream().map(at -> at.forFinger(job)).toList());
    }

    /** A string. */
    public Intoned at(int string) {
        Intoned at = strings.get(string);
        if (at == null) throw new IllegalArgumentException("no string " + string);
        return at;
    }

    /** All strings, lowest first. */
    public List<Intoned> lowestFirst() {
        return List.copyOf(strings.values()).reversed();
    }

    /** Those that are on it. */
    private List<Intoned> there() {
        List<Integer> on = job.strings(Station.INTONATION);
        return lowestFirst().stream().filter(at -> on.contains(at.string())).toList();
    }

    /** A note to be sounded. */
    public record Wanted(int string, Sounded sounded) {}

    /** Every note that is still to be read: string by string from the lowest, open first. */
    public List<Wanted> wanted() {
        List<Wanted> wanted = new ArrayList<>();
        for (Intoned at : there())
            for (Sounded sounded : notes(at.string())) wanted.add(new Wanted(at.string(), sounded));
        return List.copyOf(wanted);
    }

    /** The next of them; empty when every chosen note is read and stands. */
    public Optional<Wanted> next() {
        return wanted().stream().findFirst();
    }

    /** The notes of a string that are still to be read. */
    public List<Sounded> notes(int string) {
        IntonationWays ways = tones.ways();
        int session = tones.session(string);
        Intoned now = at(string);
        boolean again = now.stale();
        List<Sounded> frets = new ArrayList<>();
        for (int fret : ways.frets()) {
            boolean here = tones.in(session, string, Sounded.at(fret)).isPresent();
            boolean known = now.errors().stream().anyMatch(e -> e.fret() == fret);
            if (!known || (again && !here)) frets.add(Sounded.at(fret));
        }
        boolean harmonic = tones.againstHarmonic()
                && tones.in(session, string, Sounded.HARMONIC).isEmpty();
        if (frets.isEmpty() && !(again && harmonic)) return List.of();
        List<Sounded> notes = new ArrayList<>();
        if (tones.in(session, string, Sounded.OPEN).isEmpty()) notes.add(Sounded.OPEN);
        if (harmonic) notes.add(Sounded.HARMONIC);
        notes.addAll(frets);
        return List.copyOf(notes);
    }

    /** Strings with a chosen fret that was never read, lowest first. */
    List<Integer> unread() {
        return there().stream()
                .filter(at -> !at.complete(tones.ways()))
                .map(Intoned::string)
                .toList();
    }

    /** The strings of which something holds, lowest first. */
    List<Integer> where(java.util.function.Predicate<Intoned> holds) {
        return lowestFirst().stream().filter(holds).map(Intoned::string).toList();
    }

    /** What every saddle should do, those that should stay left out; from bass to treble. */
    public List<ToneAdvice.MoveSaddles.Step> steps() {
        return new SaddleSteps(job, this).steps();
    }

    /**
     * How far apart the two strings of a saddle want their places, in mm along the string; positive when the lower string wants to be
     * farther back. Over the distance between the strings it is the angle of a compensated barrel.
     *
     * @param pair the lower string first
     */
    public double apart(List<Integer> pair) {
        return at(pair.getFirst()).saddleBack() - at(pair.getLast()).saddleBack();
    }
}
