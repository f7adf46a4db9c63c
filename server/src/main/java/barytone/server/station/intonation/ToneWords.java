package barytone.server.station.intonation;

import barytone.core.advice.Advice;
import barytone.core.bridge.Mechanism;
import barytone.core.bridge.Supports;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.NutOrSaddle;
import barytone.core.intonation.Sounded;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.quantity.Cents;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.station.intonation.Intonation;
import barytone.core.station.intonation.Intoned;
import barytone.core.station.intonation.ToneAdvice;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.intonation.Tones;
import barytone.server.job.JobView;
import barytone.server.job.RoomVoice;
import barytone.server.job.Said;
import barytone.server.job.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What is said at the intonation station. */
public final class ToneWords extends RoomVoice<ToneAdvice, ToneEvent> {
    private static final String EYES =
            "A string under tension can snap: slacken it before its saddle is moved, eyes away, glasses on.";

    /** A change smaller than this is no ripple, cents. */
    private static final double AUDIBLE = 0.3;

    private final JobState state;
    private final LengthUnit unit;
    private final Words words;
    private final Supports along;

    /** How deep the finger presses; null until it is asked for. */
    private @Nullable Normal finger;

    ToneWords(JobState state, Words words) {
        super(Station.INTONATION, ToneAdvice.class, ToneEvent.class);
        this.state = state;
        this.unit = words.units().saddle();
        this.words = words;
        this.along = state.spec().lengthwise();
    }

    @Override
    protected Said said(ToneAdvice advice) {
        return switch (advice) {
            case ToneAdvice.MoveSaddles m -> move(m);
            case ToneAdvice.SaddleLimit l ->
                limit(l).orElse(
                                "Go on as far as it goes",
                                "What is left of the error stays, and goes on the card.",
                                JobView.Anyway.DECLINE);
            case ToneAdvice.SaddleStayed s ->
                stayed(s)
                        .orElse(
                                "It did move",
                                "The turn counts as it is, and the screw is taken to move its saddle less than thought.",
                                JobView.Anyway.DECLINE);
            case ToneAdvice.SaddleWrongWay w ->
                wrongWay(w)
                        .unfollowed()
                        .orElse(
                                "They turn the other way",
                                "The earlier turns are counted the other way round, and the next ones are told so.",
                                JobView.Anyway.FOLLOW)
                        .orElse(
                                "Go on all the same",
                                "The next turns are told as before, though the last one answered the wrong way.",
                                JobView.Anyway.DECLINE);
            case ToneAdvice.ReplaceString r -> replace(r);
            case ToneAdvice.NutFirst n ->
                nutFirst(n)
                        .orElse(
                                "Go on with the saddles",
                                "The first frets stay sharp: no saddle puts them right.",
                                JobView.Anyway.DECLINE);
        };
    }

    @Override
    protected String rule(ToneAdvice advice) {
        return switch (advice) {
            case ToneAdvice.MoveSaddles ignored ->
                "Sharp: lengthen. Flat: shorten. A cent at 12 is the string's length over 1731.";
            case ToneAdvice.SaddleLimit ignored -> "A saddle at its end asks for its cause before it is forced.";
            case ToneAdvice.SaddleStayed ignored -> "A screw may back out without moving its saddle.";
            case ToneAdvice.SaddleWrongWay ignored ->
                "What answers the wrong way is understood before it is turned on.";
            case ToneAdvice.ReplaceString ignored -> "Intonation cannot be better than the string.";
            case ToneAdvice.NutFirst ignored ->
                "Sharp in the first frets is the nut, sharper and sharper up the neck the saddle.";
        };
    }

    @Override
    protected @Nullable String decline(ToneAdvice advice) {
        return switch (advice) {
            case ToneAdvice.MoveSaddles ignored -> "Leave the intonation";
            case ToneAdvice.ReplaceString ignored -> "Keep the string";
            default -> null;
        };
    }

    @Override
    protected String line(ToneEvent event) {
        return switch (event) {
            case ToneEvent.PitchRead e -> pitch(e);
            case ToneEvent.IntonationSet e ->
                "Intonation: frets "
                        + String.join(
                                ", ",
                                e.ways().frets().stream().map(String::valueOf).toList())
                        + ", " + e.ways().where().label();
            case ToneEvent.SaddlesMoved e -> along(e);
            case ToneEvent.LengthDirectionLearned e ->
                "Length screws: clockwise moves a saddle " + (e.clockwiseBack() ? "back" : "towards the nut");
            case ToneEvent.LengthTravelRead e ->
                alongName(e.support()) + " can go " + unit.showWithUnit(e.forward()) + " towards the nut, "
                        + unit.showWithUnit(e.back()) + " back";
            case ToneEvent.SaddlePlacesRead ignored -> "Where the saddles stand was measured";
            case ToneEvent.StringsStated e -> "Strings: " + e.age().label();
            case ToneEvent.Stretched e -> "Stretched string " + e.string() + ": " + Cents.signed(-e.drop()) + " cents";
            case ToneEvent.StringRenewed e -> "String " + e.string() + " replaced";
        };
    }

    @Override
    protected Said reading(Advice.Measure m, List<String> why, boolean first) {
        why.add(
                "Playing position, a normal grip, thumb or soft pick. Tune the open string up to pitch, then sound each note: by ear through the input, or typed from a tuner.");
        return Said.reading(
                "measure",
                (first ? "Sound the notes of " : "Sound again the notes of ") + words.strings(m.strings()),
                why,
                m.strings(),
                null);
    }

    @Override
    protected List<String> retuning() {
        return List.of(
                "The strings were slack or moved. A reading off pitch is void.",
                "Push each saddle home against its screw, then tune up: hearing the open string in tune counts.");
    }

    @Override
    protected List<JobView.Ripple> ripple(SetupEstimate after) {
        List<JobView.Ripple> ripple = new ArrayList<>();
        for (int string : List.of(state.spec().bassString(), 1)) {
            Intoned now = Intoned.of(state, string);
            double shift = now.shift(state, after);
            if (Math.abs(shift) < AUDIBLE || !(now.read() || state.agreed(Station.INTONATION))) continue;
            ripple.add(new JobView.Ripple(
                    "Intonation at 12, cents, " + string + " " + state.spec().stringName(string),
                    now.read() ? Cents.signed(now.offset()) : "not read",
                    now.read() ? Cents.signed(now.offset() + shift) : "",
                    Cents.signed(shift)));
        }
        return ripple;
    }

    @Override
    protected String suffix() {
        return "cents";
    }

    @Override
    protected String subject() {
        return "The intonation";
    }

    @Override
    protected String standing() {
        String out = state.strings(Station.INTONATION).stream()
                .map(s -> Intoned.of(state, s))
                .filter(t -> t.outside() != 0)
                .map(t -> t.string() + " " + state.spec().stringName(t.string()) + " " + Cents.signed(t.offset()))
                .collect(Collectors.joining(", "));
        return out.isEmpty() ? "" : "Out, in cents at 12: " + out + ".";
    }

    /** Why strings that read out of tune are not moved any farther. */
    @Override
    protected String whyLeft() {
        List<Integer> chased = state.strings(Station.INTONATION).stream()
                .filter(s -> {
                    Intoned at = Intoned.of(state, s);
                    return at.outside() != 0 && at.chased(state);
                })
                .toList();
        return chased.isEmpty()
                ? ""
                : Words.sentence(words.strings(chased))
                        + ": all that was sounded says together that the saddle stands right. Finger and tuner vary by more than is left; press evenly, and sound it again.";
    }

    @Override
    protected List<String> onRecord() {
        return Tones.of(state).age().provisional()
                ? List.of("Intonation is provisional: the strings are old.")
                : List.of();
    }

    @Override
    protected List<String> handingOver() {
        return state.agreed(Station.INTONATION)
                ? List.of()
                : List.of("Intonation changes with every height: check it next.");
    }

    @Override
    public String targetLabel() {
        return Tones.of(state).ways().where().label() + ", against the "
                + (Tones.of(state).ways().reference() == IntonationWays.Reference.OPEN ? "open string" : "harmonic");
    }

    @Override
    protected Optional<String> topic(Topic topic) {
        // as earlier versions called it
        if (topic.is("intonation")) return Optional.of("intonation");
        if (topic.equals(ToneAdvice.NutFirst.TOPIC)) return Optional.of("a nut that is too high");
        if (topic.is(ToneAdvice.ReplaceString.KIND)) return Optional.of("the doubt about string " + topic.of());
        return topic.is(ToneAdvice.SaddleLimit.KIND)
                        || topic.is(ToneAdvice.SaddleStayed.KIND)
                        || topic.is(ToneAdvice.SaddleWrongWay.KIND)
                ? Optional.of("a saddle's travel")
                : Optional.empty();
    }

    private String pitch(ToneEvent.PitchRead e) {
        boolean slack = Tones.of(state).notes().stream().anyMatch(n -> n.offPitch() && n.read() == e);
        return "String " + e.string() + " " + e.sounded().label() + ": " + Cents.signed(e.cents()) + " cents, "
                + e.ear().label() + (e.wavered() ? ", wavering" : "") + (slack ? ", off pitch: void" : "");
    }

    private String alongName(int support) {
        List<String> names = state.spec().lengthwise().names();
        return support < names.size() ? Words.sentence(names.get(support)) : "Saddle";
    }

    private String along(ToneEvent.SaddlesMoved e) {
        List<String> moved = new ArrayList<>();
        for (int j = 0; j < e.clockwise().size(); j++) {
            Turns turns = e.clockwise().get(j);
            double back = e.back().get(j);
            if (!turns.isZero()) moved.add(alongName(j) + " " + Words.clockwise(turns));
            else if (back != 0)
                moved.add(
                        alongName(j) + " " + unit.showWithUnit(Math.abs(back)) + (back > 0 ? " back" : " to the nut"));
        }
        return String.join(", ", moved);
    }

    /** A saddle, barrel, crown or foot, beginning a sentence. */
    String support(int support) {
        return Words.sentence(along.names().get(support));
    }

    String note(int string, Sounded sounded) {
        return string + " " + state.spec().stringName(string) + " " + sounded.label();
    }

    /** How far a saddle goes. */
    private String way(double back) {
        return unit.showWithUnit(Math.abs(back)) + (back > 0 ? " back" : " towards the nut");
    }

    /** The same, and what its screw does for it. */
    String shift(double back, Turns clockwise) {
        if (!clockwise.isZero()) return Words.clockwise(clockwise) + ", " + way(back);
        return mechanism().along() == Mechanism.Along.FILED ? "file it " + way(back) : way(back);
    }

    /** What is done to it, and what that comes to. */
    private JobView.StepView step(ToneAdvice.MoveSaddles.Step s) {
        return s.clockwise().isZero()
                ? new JobView.StepView(support(s.support()), shift(s.back(), s.clockwise()), null, cents(s), null)
                : new JobView.StepView(
                        support(s.support()), Words.clockwise(s.clockwise()), way(s.back()), cents(s), null);
    }

    /** What the length screws are known to give. */
    String screw() {
        if (!state.spec().fittings().bridge().lengthScrewed()) return "";
        boolean stated = state.spec().fittings().length().pitch() != 0;
        double pitch = Tones.of(state).screwPitch().mean();
        boolean learned = Tones.of(state).screwPitch().sd() < 0.1 * pitch;
        return unit.showWithUnit(pitch) + " per turn"
                + (stated && learned ? "" : learned ? ", learned" : ", usual, not learned yet")
                + "; clockwise, as the screwdriver sees it, moves the saddle "
                + (Tones.of(state).clockwiseBack() ? "back" : "towards the nut");
    }

    Said move(ToneAdvice.MoveSaddles m) {
        Mechanism bridge = mechanism();
        List<JobView.StepView> steps = m.steps().stream().map(this::step).toList();
        List<String> why = new ArrayList<>();
        why.add("Sharp asks for a longer string, flat for a shorter one.");
        switch (bridge.along()) {
            case FILED ->
                why.add(
                        "File the top so that the crown comes to stand there; its height stays. Mark it under the string first.");
            case FEET ->
                why.add(
                        "The two outer strings decide where the feet stand; the others keep what their saddle gives. Mark the feet with tape first."
                                + rest(m));
            case SCREWS -> {
                why.add(
                        "Slacken, turn, then push the saddle home against its screw: a screw may back out without moving it.");
                why.add("These screws give " + screw() + ".");
            }
        }
        if (bridge.paired())
            why.add(
                    "One saddle under two strings: what is right for one is not for the other. The rule is in the ways.");
        why.add("Then tune up and sound the same notes again.");
        return Said.move(
                headline(m, bridge, steps),
                why,
                EYES,
                steps,
                bridge.along() == Mechanism.Along.FILED ? "Filed" : "Moved");
    }

    private String headline(ToneAdvice.MoveSaddles m, Mechanism bridge, List<JobView.StepView> steps) {
        if (bridge.along() == Mechanism.Along.FEET) return "Move the bridge on its feet";
        if (m.steps().size() == 1) {
            ToneAdvice.MoveSaddles.Step only = m.steps().getFirst();
            return steps.getFirst().where() + ": " + shift(only.back(), only.clockwise());
        }
        return (bridge.along() == Mechanism.Along.FILED ? "File " : "Move ")
                + m.steps().size() + " " + bridge.lengthNoun();
    }

    private Mechanism mechanism() {
        return state.spec().fittings().bridge().mechanism();
    }

    private String rest(ToneAdvice.MoveSaddles m) {
        String rest = m.steps().getFirst().after().entrySet().stream()
                .filter(e -> e.getKey() != 1 && e.getKey() != state.spec().bassString())
                .map(e -> e.getKey() + " " + state.spec().stringName(e.getKey()) + " " + Cents.signed(e.getValue()))
                .collect(Collectors.joining(", "));
        return rest.isEmpty() ? "" : " Left over, in cents: " + rest + ".";
    }

    /** What is left over on each string, in cents at 12. */
    private String cents(ToneAdvice.MoveSaddles.Step step) {
        return step.after().keySet().stream()
                .sorted((a, b) -> b - a)
                .map(s -> (step.after().size() > 1 ? state.spec().stringName(s) + " " : "")
                        + Cents.signed(step.after().getOrDefault(s, 0.0)))
                .collect(Collectors.joining(", "));
    }

    Said limit(ToneAdvice.SaddleLimit l) {
        double back = l.step().back();
        boolean fixed = mechanism().along() == Mechanism.Along.FILED;
        List<String> why = new ArrayList<>();
        why.add("Its string wants " + unit.showWithUnit(Math.abs(back)) + (back > 0 ? " back" : " towards the nut")
                + "; there is room for "
                + unit.showWithUnit(Math.abs(back) - l.step().shortBy()) + ".");
        why.add(
                fixed
                        ? "Check the relief and the gauge first. Else a thicker saddle, or the slot moved: refer that."
                        : "Check the relief first. Then: turn the saddle or the bridge piece round; shorten a spring or the screw; look for worn frets and a wrong gauge. Else refer.");
        return Said.plain("limit", support(l.step().support()) + " has no room to go so far", why, null);
    }

    Said stayed(ToneAdvice.SaddleStayed s) {
        return Said.move(
                "Push " + along.names().get(s.support()) + " home against its screw",
                List.of(
                        "Its screw was turned, and the pitch hardly moved: the screw backs out, the saddle stays.",
                        "Slacken the string, push the saddle home, tune up and sound it again."),
                EYES,
                List.of(),
                "Pushed home");
    }

    Said wrongWay(ToneAdvice.SaddleWrongWay w) {
        return Said.move(
                support(w.support()) + " went the other way",
                List.of(
                        "After the turn the pitch moved the wrong way: on this bridge clockwise seems to move a saddle "
                                + (Tones.of(state).clockwiseBack() ? "towards the nut" : "back") + ".",
                        "If so, the earlier turns are counted that way too, and the next are told the right way round."),
                null,
                List.of(),
                "Turn them the other way");
    }

    Said replace(ToneAdvice.ReplaceString r) {
        return Said.move(
                Words.sentence(words.string(r.string())) + " is false: replace it",
                List.of(
                        r.disagreement()
                                .map(
                                        d -> "Its harmonic at 12 stands " + Cents.signed(d)
                                                + " cents from the open string, more than its stiffness explains: 2 is the limit.")
                                .orElse("Its open pitch wavers and will not settle."),
                        "No saddle puts a false string right. With a new one it is stretched, tuned and read again."),
                "Cutting a string: slacken it first, eyes away from its ends.",
                List.of(),
                "Replaced");
    }

    Said nutFirst(ToneAdvice.NutFirst n) {
        List<String> why = new ArrayList<>();
        for (int s : n.strings()) why.add(words.string(s) + ": " + split(Intoned.of(state, s)));
        why.add("Sharp in the first frets and right at 12 is the nut. Read it before the saddles are moved.");
        return Said.plain(
                "look",
                "Look at the nut first: " + words.strings(n.strings()),
                why.stream().map(Words::sentence).toList(),
                null);
    }

    /** What the frets read say of nut and saddle. */
    String split(Intoned at) {
        Normal deep = finger;
        if (deep == null) {
            deep = Intonation.of(state).finger();
            finger = deep;
        }
        NutOrSaddle split = at.split(state, deep).orElse(null);
        if (split == null) return "";
        Double back = split.saddleBack();
        Double lower = split.nutLower();
        if (back == null || lower == null)
            return "these frets cannot tell nut from saddle; read one of the first three, and one beyond 12.";
        return "saddle " + signed(back) + " ± " + unit.show(split.saddleError()) + " back, slot " + signed(lower)
                + " ± " + unit.show(split.nutError()) + " lower, in " + unit.suffix() + ".";
    }

    private String signed(double mm) {
        return unit.showChange(mm);
    }
}
