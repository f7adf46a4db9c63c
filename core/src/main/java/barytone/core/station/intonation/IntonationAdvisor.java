package barytone.core.station.intonation;

import barytone.core.advice.Advice;
import barytone.core.estimate.Normal;
import barytone.core.intonation.Finger;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Decides the next move at the intonation station: what to sound next, and where each saddle goes. */
public final class IntonationAdvisor {
    private final JobState job;
    private final Intonation all;

    private IntonationAdvisor(JobState job) {
        this.job = job;
        this.all = Intonation.of(job);
    }

    /** The advice for a job whose heights stand as they shall. */
    static Advice advise(JobState job) {
        return new IntonationAdvisor(job).advise();
    }

    private Advice advise() {
        List<Integer> unread = all.unread();
        if (!unread.isEmpty()) return new Advice.Measure(Station.INTONATION, unread, Advice.Measure.Reason.NOT_READ);
        Optional<Advice> odd = oddString();
        if (odd.isPresent()) return odd.get();
        Optional<Advice> answer = answered();
        if (answer.isPresent()) return answer.get();
        List<Integer> stale = all.where(Intoned::stale);
        if (!stale.isEmpty()) return new Advice.Measure(Station.INTONATION, stale, Advice.Measure.Reason.STALE);
        Optional<Advice> nut = nut();
        if (nut.isPresent()) return nut.get();
        List<ToneAdvice.MoveSaddles.Step> steps = all.steps();
        Optional<ToneAdvice.MoveSaddles.Step> tooFar = steps.stream()
                .filter(s -> s.shortBy() > 0 && !job.declined(ToneAdvice.SaddleLimit.topic(s.support())))
                .findFirst();
        if (tooFar.isPresent()) return new ToneAdvice.SaddleLimit(tooFar.get());
        if (!steps.isEmpty()) return new ToneAdvice.MoveSaddles(steps);
        return new Advice.Done(Station.INTONATION, reason());
    }

    /** Notes never condemn a nut that nobody has read: it is asked for first. */
    private Optional<Advice> nut() {
        if (job.declined(ToneAdvice.NutFirst.TOPIC)) return Optional.empty();
        // what all strings have in common a finger explains as well as a nut: a usual finger leaves the question open,
        // what was read answers it
        List<Integer> unread =
                all.where(at -> job.look(Station.NUT, at.string()).isEmpty() && at.nutToBlame(job, Finger.USUAL));
        if (!unread.isEmpty())
            return job.declined(Advice.Measure.closer(Station.NUT))
                    ? Optional.empty()
                    : Optional.of(new Advice.Measure(Station.NUT, unread, Advice.Measure.Reason.ACCUSED));
        Normal finger = all.finger();
        List<Integer> blamed =
                all.where(at -> job.look(Station.NUT, at.string()).isPresent() && at.nutToBlame(job, finger));
        return blamed.isEmpty() ? Optional.empty() : Optional.of(new ToneAdvice.NutFirst(blamed));
    }

    private Advice.Done.Reason reason() {
        boolean allIn = all.where(at -> at.outside() != 0).isEmpty();
        boolean moved = Tones.of(job).moved().stream().anyMatch(m -> m != 0);
        return !allIn
                ? Advice.Done.Reason.AS_NEAR_AS_IT_GOES
                : moved ? Advice.Done.Reason.IN_BAND : Advice.Done.Reason.LEAVE_IT;
    }

    private Optional<Advice> oddString() {
        for (int s : job.spec().everyString().reversed())
            if (Intoned.falseString(job, s) && !job.declined(ToneAdvice.ReplaceString.topic(s)))
                return Optional.of(new ToneAdvice.ReplaceString(s, Intoned.disagreement(job, s)));
        return Optional.empty();
    }

    /** A saddle that did not go with its screw, or went the other way, is understood before it is moved on. */
    private Optional<Advice> answered() {
        for (Map.Entry<Integer, Tones.Answer> e : Tones.of(job).answers().entrySet()) {
            if (e.getValue() == Tones.Answer.WRONG_WAY && !job.declined(ToneAdvice.SaddleWrongWay.topic(e.getKey())))
                return Optional.of(new ToneAdvice.SaddleWrongWay(e.getKey()));
            if (e.getValue() == Tones.Answer.STAYED && !job.declined(ToneAdvice.SaddleStayed.topic(e.getKey())))
                return Optional.of(new ToneAdvice.SaddleStayed(
                        e.getKey(), Tones.of(job).owed().getOrDefault(e.getKey(), 0.0)));
        }
        return Optional.empty();
    }
}
