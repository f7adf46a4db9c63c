package barytone.server.station.relief;

import barytone.core.advice.Advice;
import barytone.core.estimate.Band;
import barytone.core.estimate.Normal;
import barytone.core.height.HeightVerdict;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.station.relief.ReliefAdvice;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.ReliefSchool;
import barytone.core.station.relief.ReliefState;
import barytone.core.station.relief.RodStep;
import barytone.core.station.relief.RodWays;
import barytone.server.job.JobView;
import barytone.server.job.RoomVoice;
import barytone.server.job.Said;
import barytone.server.job.Words;
import barytone.server.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Says what to do at the rod. */
public final class ReliefWords extends RoomVoice<ReliefAdvice, ReliefEvent> {
    private static final String KEY_CAUTION = "Wrench fully seated; small steps; never force it.";

    private final JobState state;
    private final InstrumentSpec spec;
    private final LengthUnit unit;
    private final Words words;
    private final Shop.Schools schools;

    ReliefWords(JobState state, Words words, Shop.Schools schools) {
        super(Station.RELIEF, ReliefAdvice.class, ReliefEvent.class);
        this.state = state;
        this.spec = state.spec();
        this.unit = words.units().relief();
        this.schools = schools;
        this.words = words;
    }

    @Override
    protected Said said(ReliefAdvice advice) {
        return switch (advice) {
            case ReliefAdvice.Settle ignored ->
                Said.plain(
                                "settle",
                                "Leave the neck to settle",
                                List.of(
                                        "The readings are in the band, but the neck may still creep after the last turn.",
                                        "When the time is up, read both sides once more for the verdict."),
                                null)
                        .orElse(
                                "Do not wait",
                                "The neck may creep out of its band after the verdict, and is not looked at again for that.",
                                JobView.Anyway.FOLLOW);
            case ReliefAdvice.TurnRod t -> turn(t);
            case ReliefAdvice.WrongWay w -> wrongWay(w.step());
            case ReliefAdvice.FreePlay f -> freePlay(f.step());
            case ReliefAdvice.Stop s -> stop(s);
        };
    }

    @Override
    protected String rule(ReliefAdvice advice) {
        return switch (advice) {
            case ReliefAdvice.Settle ignored -> "A neck creeps after a turn: it is judged when it has had its time.";
            case ReliefAdvice.TurnRod ignored ->
                "Relief comes before nut and action: it changes every height. Small steps, then look.";
            case ReliefAdvice.WrongWay ignored ->
                "A rod that answers the wrong way is understood before it is turned on.";
            case ReliefAdvice.FreePlay ignored -> "Turns that do not bite do not count.";
            case ReliefAdvice.Stop ignored -> "Stop where turning on could break something.";
        };
    }

    @Override
    protected @Nullable String decline(ReliefAdvice advice) {
        return switch (advice) {
            case ReliefAdvice.TurnRod ignored -> "Leave the relief";
            case ReliefAdvice.Stop ignored -> "Leave the relief";
            default -> null;
        };
    }

    @Override
    protected String line(ReliefEvent event) {
        return switch (event) {
            case ReliefEvent.RodTurned e -> turned(e);
            case ReliefEvent.RodRanFree ignored -> "That turn ran free and does not count";
            case ReliefEvent.RodTurnedOtherWay ignored -> "That turn went the other way";
            case ReliefEvent.RodDirectionLearned e ->
                e.straightensAnticlockwise() ? "This rod straightens anticlockwise" : "This rod straightens clockwise";
            case ReliefEvent.RodStiff ignored -> "Rod stiff";
            case ReliefEvent.SettlingSkipped ignored -> "Did not wait for the neck to settle";
            case ReliefEvent.TargetSet e -> {
                yield "Relief target: " + Words.school(e.target().school()) + ", bass "
                        + words.band(Station.RELIEF, e.target().bass()) + ", treble "
                        + words.band(Station.RELIEF, e.target().treble()) + " "
                        + unit.suffix();
            }
            case ReliefEvent.RodWaysSet e ->
                "Rod: steps of " + e.ways().step().amount() + ", settle "
                        + e.ways().settleMinutes() + " min, limit "
                        + e.ways().limit().amount() + (e.ways().finishTightening() ? ", finish tightening" : "");
        };
    }

    @Override
    public @Nullable String school() {
        return ReliefTarget.of(state).school();
    }

    @Override
    public String targetLabel() {
        String code = school();
        return code == null
                ? "set by hand"
                : ofShop(code).map(ReliefSchool::label).orElse(code);
    }

    @Override
    public String targetReason() {
        String code = school();
        return code == null
                ? "Bands typed for this job."
                : ofShop(code).map(ReliefSchool::reason).orElse("");
    }

    private Optional<ReliefSchool> ofShop(String code) {
        return schools.relief().stream().filter(s -> s.code().equals(code)).findFirst();
    }

    @Override
    protected List<String> retuning() {
        return List.of(
                "The turn moved the pitch. A reading off pitch is void.",
                "Tightening sharpens, loosening flattens. If the pitch did not move at all, the rod may not have bitten.");
    }

    @Override
    protected String suffix() {
        return words.units().relief().suffix();
    }

    @Override
    protected String subject() {
        return "The relief";
    }

    @Override
    protected Optional<Said> verdict(Advice.Done done) {
        return Optional.of(done(done));
    }

    @Override
    protected String standing() {
        return words.stillOut(Station.RELIEF);
    }

    @Override
    protected Optional<String> topic(Topic topic) {
        return topic.is("relief") ? Optional.of("relief") : Optional.empty();
    }

    private String turned(ReliefEvent.RodTurned e) {
        boolean tighter = (e.net().sixteenths() > 0) != ReliefState.of(state).reversed();
        return "Rod " + e.net().amount() + (tighter ? " tighter" : " looser")
                + (e.free() ? ", turned freely" : e.finishTightening() ? ", finished tightening" : "");
    }

    Said turn(ReliefAdvice.TurnRod t) {
        boolean tighter = (t.net().sixteenths() > 0) != ReliefState.of(state).reversed();
        List<String> why = new ArrayList<>();
        String per8 = unit.showWithUnit(Math.abs(t.perTurn().times(0.125).mean()));
        why.add(
                t.learned()
                        ? "This rod has been giving " + per8 + " per 1/8 turn. " + expectedText(t)
                        : "First turn on this rod: a usual one gives about " + per8
                                + " per 1/8 turn. Turn, and see what it does.");
        why.add(direction(t));
        if (t.path().size() > 1 && !t.stiffTry())
            why.add("It goes past and comes back tightening, so that nothing can creep.");
        return Said.turn(
                headline(t, tighter),
                why,
                caution(t, tighter),
                new JobView.TurnView(
                        ReliefState.of(state).reversed()
                                ? -t.net().sixteenths()
                                : t.net().sixteenths(),
                        t.net().amount(),
                        t.net().sixteenths() > 0,
                        seenFrom(),
                        t.path().size() > 1 && !t.stiffTry()));
    }

    private String headline(ReliefAdvice.TurnRod t, boolean tighter) {
        if (t.stiffTry())
            return "Ease the rod " + t.path().get(0).amount() + " looser, tighten "
                    + t.path().get(1).amount() + ", then retune";
        if (t.path().size() > 1)
            return "Loosen the rod " + t.path().get(0).amount() + " turn, tighten back "
                    + t.path().get(1).amount() + ", then retune";
        return (tighter ? "Tighten" : "Loosen") + " the rod " + t.net().amount() + " turn, then retune";
    }

    private String sides() {
        List<String> parts = new ArrayList<>();
        for (int s : state.reliefStrings()) {
            Band band = HeightVerdict.band(state, Station.RELIEF, s);
            HeightVerdict judged = HeightVerdict.of(state, Station.RELIEF, s);
            if (judged.outside() != 0)
                parts.add("Relief under " + words.string(s) + " is "
                        + (judged.noGap()
                                ? "nothing: straight or bent back"
                                : unit.showWithUnit(judged.value().mean()))
                        + ", target " + words.band(Station.RELIEF, band) + ".");
        }
        return String.join(" ", parts);
    }

    private String expectedText(ReliefAdvice.TurnRod t) {
        int bass = spec.bassString();
        if (HeightVerdict.of(state, Station.RELIEF, bass).noGap())
            return "There is no gap yet, so what this one comes to cannot be told.";
        Normal expected = t.expected().getOrDefault(bass, state.relief(bass));
        Band band = HeightVerdict.band(state, Station.RELIEF, bass);
        String place = band.outside(expected.mean()) == 0 ? ", inside the band." : ".";
        return "This one brings " + words.string(bass) + " to about " + unit.show(expected.mean()) + place;
    }

    private String seenFrom() {
        return switch (spec.access()) {
            case HEADSTOCK -> "seen from the headstock end";
            case HEEL -> "seen from the heel end";
            case SOUND_HOLE -> "seen from the sound hole";
        };
    }

    /** The wrench's movement: from the headstock the top of a clockwise wrench goes to the bass side, from the body to the treble. */
    private String direction(ReliefAdvice.TurnRod t) {
        boolean clockwise = t.net().sixteenths() > 0;
        boolean fromHead = spec.access() == RodAccess.HEADSTOCK;
        boolean towardsBass = (clockwise == fromHead) != spec.leftHanded();
        String way = (clockwise ? "Clockwise" : "Anticlockwise") + ", " + seenFrom()
                + ": the top of the wrench goes towards the " + (towardsBass ? "bass" : "treble") + " side.";
        if (t.path().size() > 1)
            way = "First " + (t.path().get(0).sixteenths() > 0 ? "clockwise" : "anticlockwise") + ", then back, "
                    + seenFrom() + ".";
        return ReliefState.of(state).reversed() ? way + " This rod straightens anticlockwise." : way;
    }

    private String caution(ReliefAdvice.TurnRod t, boolean tighter) {
        StringBuilder caution = new StringBuilder(KEY_CAUTION);
        if (!ReliefState.of(state).netTurns().isZero())
            caution.append(" Now ").append(netTurns(state)).append(".");
        if (tighter)
            caution.append(" Stop at ")
                    .append(RodWays.of(state).limit().amount())
                    .append(" tighter than found.");
        if (!t.learned()) caution.append(" If the nut turns freely at first, those turns do not count.");
        if (spec.access() == RodAccess.HEEL)
            caution.append(" If the neck must come off: strings slack first, and support it.");
        if (Math.abs(t.remaining()) > 0.5)
            caution.append(
                    " A long way to go: help the neck gently by hand the way it should move, so that the rod does not do it all.");
        return caution.toString();
    }

    Said wrongWay(RodStep step) {
        return Said.about(
                        "wrong-way",
                        "The relief moved the wrong way",
                        List.of(
                                stepText(step) + ".",
                                "Was the wrench turned the other way than noted? Or does this rod work the other way round? "
                                        + (spec.rod() == RodType.DOUBLE
                                                ? "A double-action rod also does this past its free play. "
                                                : "")
                                        + "Say which, and Barytone keeps count accordingly."),
                        KEY_CAUTION,
                        step.turn())
                .orElse(
                        "This rod works the other way",
                        "Its turns are counted the other way round from the first one on, and told so from now on.",
                        JobView.Anyway.FOLLOW);
    }

    Said freePlay(RodStep step) {
        return Said.about(
                        "free-play",
                        "No response: free play in the middle of the rod",
                        List.of(
                                stepText(step) + ".",
                                "A double-action rod does nothing in the middle. It is no fault: mark the turn as free, and go on in 1/8 steps until it bites."),
                        KEY_CAUTION,
                        step.turn())
                .orElse(
                        "It ran free",
                        "That turn does not count, and nothing is learned from it.",
                        JobView.Anyway.FOLLOW);
    }

    private String stepText(RodStep step) {
        Normal change = step.change();
        boolean tighter = (step.net().sixteenths() > 0) != ReliefState.of(state).reversed();
        return (tighter ? "Tightened " : "Loosened ") + step.net().amount() + ", and the relief changed by "
                + (change == null ? "an unknown amount" : unit.showChange(change.mean()) + " " + unit.suffix());
    }

    Said stop(ReliefAdvice.Stop s) {
        RodStep step = s.step();
        return switch (s.reason()) {
            case NO_ROD ->
                Said.plain(
                        "stop",
                        "No rod to turn: refer or accept",
                        List.of(
                                sides(),
                                "This neck has no rod. What remains: other string tension, a board or fret job, or leave it. Note what the player wants."),
                        null);
            case STIFF ->
                Said.plain(
                        "stop",
                        "Stop: the rod is stiff",
                        List.of(
                                "It stayed stiff after easing. A forced rod breaks, and a broken rod is a neck repair.",
                                "Put it back as found and refer it."),
                        KEY_CAUTION);
            case NO_RESPONSE ->
                Said.plain(
                        "stop",
                        "Stop: the rod turns without effect",
                        List.of(
                                step == null ? sides() : stepText(step) + ".",
                                "A rod at its end, a stripped nut or a crack looks like this. Refer it."),
                        KEY_CAUTION);
            case SLACK ->
                Said.plain(
                        "stop",
                        "The rod is slack: loosening does no more",
                        List.of(
                                sides(),
                                "The strings pull the neck no further. Heavier strings or time can; the rod cannot."),
                        null);
            case LIMIT ->
                Said.plain(
                        "stop",
                        "Stop: " + ReliefState.of(state).tighterThanFound().amount() + " turn tighter than found",
                        List.of(
                                sides(),
                                "The limit for this job is "
                                        + RodWays.of(state).limit().amount()
                                        + " turn. Refer it, or raise the limit if you know this rod."),
                        KEY_CAUTION);
        };
    }

    Said done(Advice.Done d) {
        String nextDay = ReliefState.of(state).steps().stream()
                                .mapToInt(s -> Math.abs(s.net().sixteenths()))
                                .sum()
                        > Turns.QUARTER.sixteenths()
                ? "More than 1/4 turn was made: look again tomorrow."
                : "";
        return switch (d.reason()) {
            case LEAVE_IT ->
                Said.done(
                        "Leave it: nothing needs doing",
                        List.of("Relief is in its band as found. Close the job; the readings stay on record."),
                        null);
            case IN_BAND ->
                Said.done(
                        "Relief is in its band",
                        lines(
                                "Settled and read since the last turn. Close the job, or go on when the next stations need it.",
                                nextDay),
                        null);
            case AS_NEAR_AS_IT_GOES ->
                Said.done(
                        "As near as the rod goes",
                        lines(
                                "The reading lies at the edge of the band, and a smaller step than 1/16 turn cannot be made.",
                                nextDay),
                        null);
            case NOT_WORTH_IT ->
                Said.done(
                        "Barely out, and not worth a turn",
                        lines(
                                sides(),
                                "By all that was read and moved it is likelier in its band than the retuning and the looks of another turn are worth.",
                                nextDay),
                        null);
            case SIDES_DIFFER ->
                Said.done(
                        "The sides differ: no turn helps both",
                        lines(
                                sides(),
                                "The rod moves both sides alike. Widen the target, or note a twist for the player.",
                                nextDay),
                        null);
        };
    }

    private static List<String> lines(String... lines) {
        return java.util.Arrays.stream(lines).filter(l -> !l.isEmpty()).toList();
    }

    /** Where the rod stands against as found. */
    static String netTurns(JobState state) {
        Turns tighter = ReliefState.of(state).tighterThanFound();
        if (tighter.isZero()) return "as found";
        return tighter.amount() + " turn" + (tighter.sixteenths() > 0 ? " tighter" : " looser") + " than found";
    }
}
