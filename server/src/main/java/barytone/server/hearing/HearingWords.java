package barytone.server.hearing;

import barytone.core.intonation.Sounded;
import barytone.core.job.JobState;
import barytone.core.pitch.Heard;
import barytone.core.pitch.Listening;
import barytone.core.quantity.Cents;
import barytone.core.station.intonation.Hearing;
import barytone.core.station.intonation.Tones;
import barytone.server.job.JobView;
import barytone.server.sound.TracePoint;
import barytone.server.sound.TuneWords;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Says what was heard on a job. */
final class HearingWords {
    /**
     * What was heard.
     *
     * @param state nothing, ringing (heard but not steady) or steady
     * @param string recognised or expected
     * @param label the note as it is spoken
     * @param cents above the note's pitch
     * @param taken it was recorded
     * @param fresh this was plucked since the last one was taken
     * @param wavers it will not settle; it can be taken as it is
     * @param job as it stands after recording; null when nothing was
     */
    record HeardView(
            String state,
            String headline,
            String detail,
            int string,
            Sounded.How how,
            int fret,
            String label,
            @Nullable Double cents,
            @Nullable String centsText,
            double tolerance,
            boolean inTune,
            boolean taken,
            boolean fresh,
            boolean wavers,
            List<TracePoint> trace,
            @Nullable JobView job) {}

    private final JobState state;
    private final Hearing hearing;
    private final Listening heard;
    private final int pickup;

    HearingWords(JobState state, Hearing hearing, Listening heard, int pickup) {
        this.state = state;
        this.hearing = hearing;
        this.heard = heard;
        this.pickup = pickup;
    }

    /**
     * The hearing as the page draws it.
     *
     * @param job after recording; null when nothing was recorded
     */
    HeardView view(@Nullable JobView job) {
        Heard.Pitch pitch = hearing.call() == Hearing.Call.ANOTHER ? null : hearing.pitch();
        Double cents = pitch == null ? null : hearing.cents();
        double tolerance = Tones.of(state).ways().tolerance(hearing.note().string());
        return new HeardView(
                pitch == null ? "nothing" : heard.steady() != null ? "steady" : "ringing",
                headline(),
                detail(),
                hearing.note().string(),
                hearing.note().sounded().how(),
                hearing.note().sounded().fret(),
                label(),
                cents,
                cents == null ? null : Cents.signed(cents),
                tolerance,
                cents != null && Math.abs(cents) <= tolerance,
                job != null,
                hearing.call() != Hearing.Call.RINGS_ON,
                hearing.call() == Hearing.Call.WAVERS,
                pitch == null ? List.of() : TracePoint.of(heard, hearing.frequency()),
                job);
    }

    private String label() {
        int string = hearing.note().string();
        return string + " " + state.spec().stringName(string) + " "
                + hearing.note().sounded().label();
    }

    private String headline() {
        String name = label();
        return switch (hearing.call()) {
            case NOTHING, ANOTHER -> "Sound " + name;
            case RINGS_ON -> "Now sound " + name;
            case GRIPPED -> name + " is sharp and unsteady: a hard grip? Press only as hard as it needs";
            case WAVERS -> name + " wavers: damp the others. If it goes on, the string is false";
            case RINGING -> name + " is heard";
            case UP -> TuneWords.flat(name);
            case DOWN -> TuneWords.sharp(name);
            case DROP_AND_COME_UP -> TuneWords.cameDown(name);
            case TAKE -> taken(name);
        };
    }

    private String taken(String name) {
        Heard.Pitch pitch = hearing.pitch();
        return switch (hearing.mode()) {
            case NOTE -> name + (state.closed() ? " is heard; the job is closed" : " taken");
            case STRETCH -> name + " gave " + Cents.signed(Math.min(0, hearing.cents())) + " cents: tune it up again";
            case LEVEL ->
                name + " at " + Cents.signed(pitch == null ? 0 : pitch.loudness()) + " dB on the "
                        + state.spec().fittings().pickups().get(pickup).place().label();
        };
    }

    private String detail() {
        Heard.Pitch pitch = hearing.pitch();
        String wanted = TracePoint.hertz(hearing.frequency());
        return switch (hearing.call()) {
            case NOTHING -> heard.why();
            case RINGS_ON -> TuneWords.RINGS_ON;
            case ANOTHER ->
                TracePoint.hertz(pitch == null ? 0 : pitch.firstPartial()) + " is heard, " + wanted
                        + " is expected: another string, fret or octave?";
            default ->
                Cents.signed(hearing.cents()) + " cents, "
                        + TracePoint.hertz(pitch == null ? 0 : pitch.firstPartial()) + ", " + wanted
                        + " in equal temperament"
                        + (hearing.call() == Hearing.Call.RINGING ? TuneWords.LET_RING : "");
        };
    }
}
