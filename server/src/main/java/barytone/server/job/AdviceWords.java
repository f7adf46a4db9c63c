package barytone.server.job;

import barytone.core.estimate.Band;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.estimate.Verdict;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.joblog.JobState;
import barytone.core.joblog.RodStep;
import barytone.core.plan.Advice;
import barytone.core.plan.RodAdvisor;
import barytone.core.plan.Station;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Says what to do next, why, what it changes and what to beware of. */
final class AdviceWords {
    private static final String KEY_CAUTION = "Wrench fully seated; small steps; never force it.";

    private final JobState state;
    private final InstrumentSpec spec;
    private final LengthUnit unit;
    private final Toolkit tools;
    private final Words words;
    private final HeightWords heights;
    private final Rules rules;

    AdviceWords(JobState state, LengthUnit unit, Bench bench) {
        this.state = state;
        this.spec = state.spec();
        this.unit = unit;
        this.tools = bench.tools();
        this.words = new Words(state, unit);
        this.heights = new HeightWords(state, unit, words);
        this.rules = new Rules(state, bench.schools());
    }

    JobView.AdviceView advice(Advice advice) {
        Said said = said(advice);
        return new JobView.AdviceView(
                said.kind(),
                advice.station(),
                said.headline(),
                said.why().stream().filter(l -> !l.isEmpty()).toList(),
                rules.rule(advice),
                rules.school(advice.station()),
                said.caution(),
                said.ripple(),
                said.turn(),
                said.steps(),
                said.strings(),
                said.event(),
                advice instanceof Advice.Measure m && m.tool() != null
                        ? m.tool().code()
                        : null,
                said.follow(),
                rules.decline(advice));
    }

    /** What is said of an advice before rule and school are added. */
    record Said(
            String kind,
            String headline,
            List<String> why,
            @Nullable String caution,
            List<JobView.Ripple> ripple,
            JobView.@Nullable TurnView turn,
            List<Integer> strings,
            @Nullable Long event,
            List<JobView.StepView> steps,
            @Nullable String follow) {
        Said(
                String kind,
                String headline,
                List<String> why,
                @Nullable String caution,
                List<JobView.Ripple> ripple,
                JobView.@Nullable TurnView turn,
                List<Integer> strings,
                @Nullable Long event) {
            this(kind, headline, why, caution, ripple, turn, strings, event, List.of(), null);
        }

        /** A move that is ticked off with a button. */
        static Said move(
                String headline,
                List<String> why,
                @Nullable String caution,
                List<JobView.Ripple> ripple,
                List<JobView.StepView> steps,
                String follow) {
            return new Said("move", headline, why, caution, ripple, null, List.of(), null, steps, follow);
        }
    }

    private Said said(Advice advice) {
        return switch (advice) {
            case Advice.Measure m -> measure(m);
            case Advice.MeasureAgain m -> measureAgain(m);
            case Advice.Retune r -> retune(r.station());
            case Advice.Settle ignored ->
                plain(
                        "settle",
                        "Leave the neck to settle",
                        List.of(
                                "The readings are in the band, but the neck may still creep after the last turn.",
                                "When the time is up, read both sides once more for the verdict."),
                        null);
            case Advice.TurnRod t -> turn(t);
            case Advice.WrongWay w -> wrongWay(w.step());
            case Advice.FreePlay f -> freePlay(f.step());
            case Advice.Stop s -> stop(s);
            case Advice.Done d -> d.station() == Station.RELIEF ? done(d) : heights.done(d);
            case Advice.LevelVibrato ignored -> heights.level();
            case Advice.FileSlots f -> heights.file(f);
            case Advice.LowerNut l -> heights.lower(l);
            case Advice.RaiseNut r -> heights.raise(r);
            case Advice.TurnScrews t -> heights.screws(t);
            case Advice.ReworkSaddle r -> heights.saddle(r);
            case Advice.BridgeLimit b -> heights.limit(b);
            case Advice.Finished f -> heights.finished(f);
            case Advice.ClosedJob ignored ->
                plain(
                        "closed",
                        "Closed",
                        List.of("As found and as left are on record. Reopen the job to go on."),
                        null);
        };
    }

    private Said measure(Advice.Measure m) {
        String which = words.strings(m.strings());
        String what = words.quantity(m.station());
        String how = "Hold and gauge as in the ledger: " + words.method(m.station()) + ".";
        List<String> line = new ArrayList<>();
        String headline = switch (m.reason()) {
            case FIRST -> {
                line.add(
                        state.readings().isEmpty()
                                ? "As found comes first, before anything is touched. Tune to pitch."
                                : m.strings().size()
                                                == state.strings(m.station()).size()
                                        ? "As found comes first, before anything is touched."
                                        : "The others are read; these are still unknown.");
                yield "Read the " + what + " under " + which;
            }
            case STALE -> {
                line.add("Since the last move it is only expected, and not closely enough for the target.");
                yield "Read the " + what + " again under " + which;
            }
            case SECOND_LOOK -> {
                line.add("The neck has had its time since the last turn. This reading is the verdict.");
                yield "Second look: read " + which;
            }
            case FINER_TOOL -> {
                Tool tool = m.tool() == null ? Tool.LEAF : m.tool();
                line.add(words.tooCoarse(m.station(), m.strings().get(0)));
                yield "Cannot tell with this tool: use a " + shortName(tool) + " on " + which;
            }
            case ONCE_MORE -> {
                line.add(
                        state.tool(m.station()) == Tool.LEAF
                                ? "It lies near the edge of its band. Lay two leaves together to come between two sizes: "
                                        + words.nearStack(
                                                m.station(), m.strings().get(0), tools) + "."
                                : "It lies near the edge of its band, and one reading with this tool cannot tell.");
                if (state.tool(m.station()) != Tool.LEAF)
                    line.add(words.wouldTell(m.station(), m.strings().get(0), tools));
                yield "Look more closely at the " + what + " of " + which;
            }
            case RECHECK -> {
                line.add("It was moved, or moved along, since it was last read: what stands there is predicted.");
                yield "Last look: read the " + what + " of " + which;
            }
        };
        line.add(how);
        return reading("measure", headline, line, m.strings());
    }

    private static String shortName(Tool tool) {
        return tool == Tool.LEAF ? "leaf" : tool.label();
    }

    private Said measureAgain(Advice.MeasureAgain m) {
        var taken = m.doubted();
        Normal expected = taken.expected();
        return new Said(
                "measure-again",
                "Measure " + words.string(taken.reading().string()) + " again",
                List.of(
                        unit.showWithUnit(taken.reading().gap().shown()) + " was read, "
                                + unit.showWithUnit(expected.mean()) + " ± " + unit.show(expected.sd())
                                + " was expected. "
                                + words.mixUp(taken.reading(), taken.evidence())
                                + "Check the held frets, the gauge fret, the unit, the pitch and the position.",
                        "A second reading that agrees settles it. Or keep it, or drop it."),
                null,
                List.of(),
                null,
                List.of(taken.reading().string()),
                taken.seq());
    }

    private Said retune(Station after) {
        return plain(
                "retune",
                "Retune, tuning up to pitch",
                List.of(
                        after == Station.RELIEF
                                ? "The turn moved the pitch. A reading off pitch is void."
                                : "The strings were slack or moved. A reading off pitch is void.",
                        after == Station.RELIEF
                                ? "Tightening sharpens, loosening flattens. If the pitch did not move at all, the rod may not have bitten."
                                : "Seat the strings at nut and saddle first."),
                null);
    }

    private Said turn(Advice.TurnRod t) {
        boolean tighter = (t.net().sixteenths() > 0) != state.reversed();
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
        return new Said(
                "turn",
                headline(t, tighter),
                why,
                caution(t, tighter),
                ripple(t),
                new JobView.TurnView(
                        state.reversed() ? -t.net().sixteenths() : t.net().sixteenths(),
                        t.net().amount(),
                        t.net().sixteenths() > 0,
                        seenFrom(),
                        t.path().size() > 1 && !t.stiffTry()),
                List.of(),
                null);
    }

    private String headline(Advice.TurnRod t, boolean tighter) {
        if (t.stiffTry())
            return "Ease the rod " + t.path().get(0).amount() + " looser, tighten "
                    + t.path().get(1).amount() + ", then retune";
        if (t.path().size() > 1)
            return "Loosen the rod " + t.path().get(0).amount() + " turn, tighten back "
                    + t.path().get(1).amount() + ", then retune";
        return (tighter ? "Tighten" : "Loosen") + " the rod " + t.net().amount() + " turn, then retune";
    }

    private String standing() {
        List<String> parts = new ArrayList<>();
        for (int s : state.reliefStrings()) {
            Band band = RodAdvisor.band(state, s);
            if (band.verdict(state.relief(s)) != Verdict.IN)
                parts.add("Relief under " + words.string(s) + " is "
                        + unit.showWithUnit(state.relief(s).mean()) + ", target " + words.band(band) + ".");
        }
        return String.join(" ", parts);
    }

    private String expectedText(Advice.TurnRod t) {
        int bass = spec.bassString();
        Normal expected = t.expected().getOrDefault(bass, state.relief(bass));
        Band band = RodAdvisor.band(state, bass);
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
    private String direction(Advice.TurnRod t) {
        boolean clockwise = t.net().sixteenths() > 0;
        boolean fromHead = spec.access() == RodAccess.HEADSTOCK;
        boolean towardsBass = (clockwise == fromHead) != spec.leftHanded();
        String way = (clockwise ? "Clockwise" : "Anticlockwise") + ", " + seenFrom()
                + ": the top of the wrench goes towards the " + (towardsBass ? "bass" : "treble") + " side.";
        if (t.path().size() > 1)
            way = "First " + (t.path().get(0).sixteenths() > 0 ? "clockwise" : "anticlockwise") + ", then back, "
                    + seenFrom() + ".";
        return state.reversed() ? way + " This rod straightens anticlockwise." : way;
    }

    private String caution(Advice.TurnRod t, boolean tighter) {
        StringBuilder caution = new StringBuilder(KEY_CAUTION);
        if (!state.netTurns().isZero())
            caution.append(" Now ").append(words.netTurns()).append(".");
        if (tighter)
            caution.append(" Stop at ").append(state.ways().limit().amount()).append(" tighter than found.");
        if (!t.learned()) caution.append(" If the nut turns freely at first, those turns do not count.");
        if (spec.access() == RodAccess.HEEL)
            caution.append(" If the neck must come off: strings slack first, and support it.");
        if (Math.abs(t.remaining()) > 0.5)
            caution.append(
                    " A long way to go: help the neck gently by hand the way it should move, so that the rod does not do it all.");
        return caution.toString();
    }

    private List<JobView.Ripple> ripple(Advice.TurnRod t) {
        SetupEstimate after = RodAdvisor.after(state, t.net());
        List<JobView.Ripple> ripple = new ArrayList<>();
        for (int s : state.reliefStrings()) {
            Normal now = state.relief(s);
            Normal then = after.now(s, state.habit().method());
            ripple.add(new JobView.Ripple(
                    "Relief at " + state.habit().method().gaugeFret() + ", " + words.string(s),
                    unit.show(now.mean()),
                    unit.show(then.mean()) + " ± " + unit.show(then.sd()),
                    unit.showChange(then.mean() - now.mean())));
        }
        ripple.addAll(heights.others(after, Station.RELIEF));
        return ripple;
    }

    private Said wrongWay(RodStep step) {
        return new Said(
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
                List.of(),
                null,
                List.of(),
                step.turn());
    }

    private Said freePlay(RodStep step) {
        return new Said(
                "free-play",
                "No response: free play in the middle of the rod",
                List.of(
                        stepText(step) + ".",
                        "A double-action rod does nothing in the middle. It is no fault: mark the turn as free, and go on in 1/8 steps until it bites."),
                KEY_CAUTION,
                List.of(),
                null,
                List.of(),
                step.turn());
    }

    private String stepText(RodStep step) {
        Normal change = step.change();
        boolean tighter = (step.net().sixteenths() > 0) != state.reversed();
        return (tighter ? "Tightened " : "Loosened ") + step.net().amount() + ", and the relief changed by "
                + (change == null ? "an unknown amount" : unit.showChange(change.mean()) + " " + unit.suffix());
    }

    private Said stop(Advice.Stop s) {
        RodStep step = s.step();
        return switch (s.reason()) {
            case NO_ROD ->
                plain(
                        "stop",
                        "No rod to turn: refer or accept",
                        List.of(
                                standing(),
                                "This neck has no rod. What remains: other string tension, a board or fret job, or leave it. Note what the player wants."),
                        null);
            case STIFF ->
                plain(
                        "stop",
                        "Stop: the rod is stiff",
                        List.of(
                                "It stayed stiff after easing. A forced rod breaks, and a broken rod is a neck repair.",
                                "Put it back as found and refer it."),
                        KEY_CAUTION);
            case NO_RESPONSE ->
                plain(
                        "stop",
                        "Stop: the rod turns without effect",
                        List.of(
                                step == null ? standing() : stepText(step) + ".",
                                "A rod at its end, a stripped nut or a crack looks like this. Refer it."),
                        KEY_CAUTION);
            case SLACK ->
                plain(
                        "stop",
                        "The rod is slack: loosening does no more",
                        List.of(
                                standing(),
                                "The strings pull the neck no further. Heavier strings or time can; the rod cannot."),
                        null);
            case LIMIT ->
                plain(
                        "stop",
                        "Stop: " + state.tighterThanFound().amount() + " turn tighter than found",
                        List.of(
                                standing(),
                                "The limit for this job is "
                                        + state.ways().limit().amount()
                                        + " turn. Refer it, or raise the limit if you know this rod."),
                        KEY_CAUTION);
        };
    }

    private Said done(Advice.Done d) {
        String nextDay = state.steps().stream()
                                .mapToInt(s -> Math.abs(s.net().sixteenths()))
                                .sum()
                        > Turns.QUARTER.sixteenths()
                ? "More than 1/4 turn was made: look again tomorrow."
                : "";
        return switch (d.reason()) {
            case LEAVE_IT ->
                plain(
                        "done",
                        "Leave it: nothing needs doing",
                        List.of("Relief is in its band as found. Close the job; the readings stay on record."),
                        null);
            case IN_BAND ->
                plain(
                        "done",
                        "Relief is in its band",
                        lines(
                                "Settled and read since the last turn. Close the job, or go on when the next stations need it.",
                                nextDay),
                        null);
            case AS_NEAR_AS_IT_GOES ->
                plain(
                        "done",
                        "As near as the rod goes",
                        lines(
                                "The reading lies at the edge of the band, and a smaller step than 1/16 turn cannot be made.",
                                nextDay),
                        null);
            case SIDES_DIFFER ->
                plain(
                        "done",
                        "The sides differ: no turn helps both",
                        lines(
                                standing(),
                                "The rod moves both sides alike. Widen the target, or note a twist for the player.",
                                nextDay),
                        null);
        };
    }

    private static List<String> lines(String... lines) {
        return java.util.Arrays.stream(lines).filter(l -> !l.isEmpty()).toList();
    }

    private static Said plain(String kind, String headline, List<String> why, @Nullable String caution) {
        return new Said(kind, headline, why, caution, List.of(), null, List.of(), null);
    }

    private static Said reading(String kind, String headline, List<String> why, List<Integer> strings) {
        return new Said(kind, headline, why, null, List.of(), null, strings, null);
    }
}
