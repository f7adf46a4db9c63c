package barytone.core.station.frets;

import barytone.core.job.JobState;
import barytone.core.pitch.NoteEar;
import barytone.core.pitch.Sound;
import barytone.core.playoff.NoteMark;
import barytone.core.quantity.Cents;
import java.util.List;

/**
 * Hears the notes of the board while both hands are on the instrument: which one was played, and how it sounds. A fret of the same string that was not the expected one
 * is recognised; another string is not, for most of its notes are on this one too.
 *
 * @param call what to make of it
 * @param fret of the note that was heard; the expected one where none was
 * @param note as it was heard
 */
public record FretEar(Call call, int fret, NoteEar.Note note) {
    /** So long after the pluck a note can be judged, s. */
    private static final double JUDGED = 0.8;

    /** What is listened to before the pluck, s. */
    private static final double BEFORE = 0.05;

    /** So near a fret is recognised that was not the expected one, cents. */
    private static final double RECOGNISED = 40;

    /** What to make of it. */
    public enum Call {
        /** Nothing was plucked yet. */
        WAITING,
        /** Plucked, and too soon to say. */
        LISTENING,
        /** No one note: silence, talk, several strings, an overdriven input. */
        NOTHING,
        /** A note that this string does not have. */
        ANOTHER,
        /** The note, and no verdict on it. */
        UNSURE,
        /** To be marked. */
        TAKE
    }

    /**
     * Hears.
     *
     * @param sound the last moments, or a recording
     * @param whole a recording: its loudest pluck is meant
     * @param others notes of the string that were heard before and did not buzz
     */
    public static FretEar of(
            JobState job, Sound sound, int string, int fret, boolean whole, List<NoteEar.Shape> others) {
        Sound part = sound;
        if (!whole) {
            double ago = NoteEar.pluckedAgo(sound);
            if (ago < 0 || ago < JUDGED)
                return new FretEar(ago < 0 ? Call.WAITING : Call.LISTENING, fret, NoteEar.Note.NONE);
            part = sound.part(sound.seconds() - ago - BEFORE, sound.seconds());
        }
        NoteEar.Note note = NoteEar.hear(part, pitch(job, string, fret), others);
        if (note.frequency() == null) return new FretEar(Call.NOTHING, fret, note);
        double above = Cents.above(pitch(job, string, 0), note.frequency());
        int heard = (int) Math.round(above / 100);
        if (heard != fret && Math.abs(above - 100 * fret) > NoteEar.ANOTHER) {
            if (heard < 0 || heard > job.spec().frets() || Math.abs(above - 100 * heard) > RECOGNISED)
                return new FretEar(Call.ANOTHER, fret, note);
            note = NoteEar.hear(part, pitch(job, string, heard), others);
        } else heard = fret;
        return new FretEar(note.verdict() == NoteEar.Verdict.UNSURE ? Call.UNSURE : Call.TAKE, heard, note);
    }

    private static double pitch(JobState job, int string, int fret) {
        return job.spec().tuning().get(string - 1).frequency(job.a4()) * Cents.ratio(100.0 * fret);
    }

    /** The mark that it makes. */
    public NoteMark mark() {
        return switch (note.verdict()) {
            case BUZZ -> NoteMark.BUZZ;
            case CHOKED -> NoteMark.CHOKE;
            case CLEAN -> NoteMark.CLEAN;
            case UNSURE -> throw new IllegalStateException("what is unsure is never marked");
        };
    }
}
