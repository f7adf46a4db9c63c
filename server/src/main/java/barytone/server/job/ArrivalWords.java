package barytone.server.job;

import barytone.core.arrival.Arrival;
import barytone.core.arrival.Complaint;
import barytone.core.arrival.Condition;
import barytone.core.arrival.ConditionMark;
import barytone.core.arrival.Sign;
import barytone.core.arrival.Spot;
import barytone.core.arrival.SpotLook;
import barytone.core.arrival.SpotState;
import barytone.core.arrival.StringsPlan;
import barytone.core.arrival.Style;
import barytone.core.arrival.Where;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.quantity.TensionUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What is said of an instrument as it came. */
final class ArrivalWords {
    private ArrivalWords() {}

    /** All of it, as the page shows it. */
    static ArrivalView view(OpenedJob job, JobView.@Nullable AirView air, @Nullable AgreementView agreement) {
        Arrival arrival = job.state().arrival();
        InstrumentSpec spec = job.state().spec();
        List<ArrivalView.SpotView> spots = spots(arrival, spec);
        List<ArrivalView.Step> steps = List.of(
                new ArrivalView.Step(
                        ArrivalView.Step.Code.WHO,
                        job.job().instrument() + ", " + job.job().player(),
                        true),
                hurt(job),
                look(arrival, spots),
                new ArrivalView.Step(ArrivalView.Step.Code.AIR, air == null ? "not read yet" : air.text(), air != null),
                strings(arrival),
                agreed(agreement));
        String missing = steps.stream()
                .filter(s -> !s.done())
                .map(s -> Words.within(s.label()))
                .collect(Collectors.joining(", "));
        StringsPlan plan = arrival.strings();
        return new ArrivalView(
                steps,
                missing.isEmpty() ? "" : "Still open: " + missing + ". None of it has to be done now.",
                hurtView(job),
                marks(arrival),
                spots,
                plan == null
                        ? null
                        : new ArrivalView.StringsView(
                                plan.change(),
                                plan.set(),
                                plan.tuning(),
                                plan.age(),
                                plan.by(),
                                plan.missing(),
                                plan.trial()),
                spec.everyString().reversed().stream()
                        .map(s -> new ArrivalView.StringName(s, s + " " + spec.stringName(s)))
                        .toList(),
                sayBefore(job),
                provisional(arrival, spec));
    }

    /** Low action shows every flaw of the frets. */
    private static @Nullable String sayBefore(OpenedJob job) {
        Arrival arrival = job.state().arrival();
        SpotLook frets = arrival.looks().get(Spot.FRETS);
        boolean worn = frets != null && frets.state() == SpotState.WRONG
                || arrival.marks().values().stream().anyMatch(mark -> mark.kind() == Condition.WORN_FRETS);
        return worn && job.state().agreed(Station.ACTION)
                ? "The frets are not right: low action on them will buzz. Say it before."
                : null;
    }

    private static ArrivalView.Step hurt(OpenedJob job) {
        String said = job.job().complaint();
        return new ArrivalView.Step(
                ArrivalView.Step.Code.HURT, said.isEmpty() ? "nothing said yet" : said, !said.isEmpty());
    }

    private static ArrivalView.Step look(Arrival arrival, List<ArrivalView.SpotView> spots) {
        long looked = spots.stream().filter(s -> s.state() != null).count();
        int marks = arrival.marks().size();
        String told = (marks == 0 ? "" : marks == 1 ? "1 mark, " : marks + " marks, ")
                + (looked == 0 ? "not looked at yet" : looked + " of " + spots.size() + " looked at");
        return new ArrivalView.Step(ArrivalView.Step.Code.LOOK, told, looked == spots.size());
    }

    private static ArrivalView.Step strings(Arrival arrival) {
        StringsPlan plan = arrival.strings();
        return new ArrivalView.Step(
                ArrivalView.Step.Code.STRINGS,
                plan == null ? "keep or change" : Words.within(plan(plan)),
                plan != null);
    }

    private static ArrivalView.Step agreed(@Nullable AgreementView agreement) {
        boolean accepted = agreement != null && !agreement.acceptedBy().isEmpty();
        String told = agreement == null
                ? "nothing yet"
                : agreement.total() + (accepted ? ", by " + agreement.acceptedBy() : ", not accepted yet");
        return new ArrivalView.Step(ArrivalView.Step.Code.AGREED, told, accepted);
    }

    private static ArrivalView.HurtView hurtView(OpenedJob job) {
        Complaint said = job.state().arrival().complaint();
        Complaint c = said == null ? Complaint.of(job.job().complaint()) : said;
        return new ArrivalView.HurtView(c.words(), c.signs(), c.where(), c.strings(), c.styles(), c.capo(), c.like());
    }

    private static List<ArrivalView.MarkView> marks(Arrival arrival) {
        List<ArrivalView.MarkView> marks = new ArrayList<>();
        Map<Long, ConditionMark> stopping = arrival.stopping();
        new TreeMap<>(arrival.marks())
                .forEach((event, mark) -> marks.add(new ArrivalView.MarkView(
                        event,
                        mark.kind(),
                        named(mark),
                        mark.side(),
                        mark.x(),
                        mark.y(),
                        mark.note(),
                        stopping.containsKey(event))));
        return marks;
    }

    private static List<ArrivalView.SpotView> spots(Arrival arrival, InstrumentSpec spec) {
        return Spot.on(spec).stream()
                .map(spot -> {
                    SpotLook look = arrival.looks().get(spot);
                    return new ArrivalView.SpotView(
                            spot,
                            spot.label(),
                            look == null ? null : look.state(),
                            look == null ? "" : look.note(),
                            look == null ? "not looked at" : told(look));
                })
                .toList();
    }

    private static String told(SpotLook look) {
        String state = look.state().label();
        if (look.note().isEmpty()) return state;
        return switch (look.state()) {
            case FINE -> state + ", " + look.note();
            case WRONG -> look.note();
            case FIXED -> look.note() + ", " + state;
        };
    }

    /** What was seen, with its note. */
    static String named(ConditionMark mark) {
        return mark.note().isEmpty() ? mark.kind().label() : mark.kind().label() + ", " + mark.note();
    }

    private static String placed(ConditionMark mark) {
        return mark.side().label() + ": " + named(mark);
    }

    /** What was seen, with its side, for the card. */
    static List<String> condition(Arrival arrival) {
        return new TreeMap<>(arrival.marks())
                .values().stream()
                        .map(mark -> Words.sentence(placed(mark)) + ".")
                        .toList();
    }

    /** Small fixes that were done for nothing. */
    static List<String> fixed(Arrival arrival) {
        return arrival.looks().values().stream()
                .filter(look -> look.state() == SpotState.FIXED)
                .sorted(Comparator.comparing(SpotLook::spot))
                .map(look -> look.spot().label() + ": " + (look.note().isEmpty() ? "put right" : look.note())
                        + ", for nothing")
                .toList();
    }

    /** An entry of the tape; empty when it is none of these. */
    static Optional<String> line(JobEvent event) {
        return switch (event) {
            case JobEvent.HurtSaid e -> Optional.of("What hurts: " + complaint(e.complaint()));
            case JobEvent.ConditionMarked e -> Optional.of("Seen on the " + placed(e.mark()));
            case JobEvent.ConditionUnmarked ignored -> Optional.of("A mark taken off the drawing");
            case JobEvent.SpotLooked e ->
                Optional.of("Looked at: " + Words.within(e.look().spot().label()) + ", " + told(e.look()));
            case JobEvent.DamageAgreed e ->
                Optional.of("Damage agreed on" + (e.how().isEmpty() ? "" : ": " + e.how()));
            case JobEvent.StringsPlanned e -> Optional.of("Strings: " + Words.within(plan(e.plan())));
            default -> Optional.empty();
        };
    }

    /** What hurts, in a line. */
    static String complaint(Complaint c) {
        List<String> signs = new ArrayList<>();
        c.signs().stream().map(Sign::label).forEach(signs::add);
        c.where().stream().map(Where::label).forEach(signs::add);
        if (!c.strings().isEmpty())
            signs.add((c.strings().size() == 1 ? "string " : "strings ")
                    + c.strings().stream().map(String::valueOf).collect(Collectors.joining(", ")));
        String marks = String.join("; ", signs);
        if (c.words().isEmpty()) return Words.sentence(marks);
        return marks.isEmpty() ? c.words() : c.words() + " (" + marks + ")";
    }

    /** How it is played, in a line; empty when nothing was said. */
    static String played(Complaint c) {
        List<String> said = new ArrayList<>();
        c.styles().stream().map(Style::label).forEach(said::add);
        if (c.capo() != null) said.add("capo at " + c.capo());
        if (!c.like().isEmpty()) said.add("to be like: " + c.like());
        return String.join(", ", said);
    }

    private static String plan(StringsPlan plan) {
        List<String> said = new ArrayList<>();
        said.add(plan.change() ? "change" + (plan.set().isEmpty() ? "" : " to " + plan.set()) : "keep");
        if (!plan.tuning().isEmpty()) said.add("tuned " + plan.tuning());
        if (!plan.by().isEmpty()) said.add("from " + plan.by());
        if (!plan.age().isEmpty()) said.add("now on: " + plan.age());
        if (!plan.missing().isEmpty())
            said.add("missing " + plan.missing().stream().map(String::valueOf).collect(Collectors.joining(", ")));
        if (plan.trial()) said.add("on trial strings");
        return Words.sentence(String.join(", ", said));
    }

    /** That readings are of a set that is not whole; null when it is. */
    static @Nullable String provisional(Arrival arrival, InstrumentSpec spec) {
        StringsPlan plan = arrival.strings();
        if (plan == null || !plan.provisional()) return null;
        String why = plan.missing().isEmpty()
                ? "on trial strings"
                : (plan.missing().size() == 1 ? "without string " : "without strings ")
                        + plan.missing().stream()
                                .filter(s -> s <= spec.strings())
                                .map(s -> s + " " + spec.stringName(s))
                                .collect(Collectors.joining(", "));
        return "Read " + why + ": all of it is provisional, and is asked for again once the whole set is on.";
    }

    /** Less than this moves no neck by anything that can be read, N. */
    private static final double SAME_PULL = 5;

    /** How much more other strings pull, and what follows. */
    static String pull(double more, double before, TensionUnit unit) {
        String all = unit.show(before) + " now, " + unit.show(before + more) + " then";
        if (Math.abs(more) < SAME_PULL) return "They pull as much as what is on: " + all + ". The neck stays as it is.";
        return more > 0
                ? "They pull " + unit.show(more) + " more (" + all
                        + "): the neck bows forward, relief and action rise. Expected, to be read when they are on:"
                : "They pull " + unit.show(-more) + " less (" + all
                        + "): the neck straightens, relief and action fall. Expected, to be read when they are on:";
    }

    /** Why the job stops: each damage with what tension does to it. */
    static List<String> damage(Map<Long, ConditionMark> stopping) {
        return new TreeMap<>(stopping)
                .values().stream()
                        .map(mark -> Words.sentence(placed(mark)) + ". "
                                + mark.kind().danger() + ".")
                        .toList();
    }

    /** What stops it, in a few words. */
    static String stopping(Map<Long, ConditionMark> stopping) {
        return new TreeMap<>(stopping)
                .values().stream()
                        .map(mark -> mark.kind().label().toLowerCase(Locale.ROOT))
                        .distinct()
                        .collect(Collectors.joining(", "));
    }
}
