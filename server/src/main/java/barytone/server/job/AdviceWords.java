package barytone.server.job;

import barytone.core.advice.Advice;
import barytone.core.height.HeightLook;
import barytone.core.height.HeightVerdict;
import barytone.core.height.Mistaken;
import barytone.core.height.Rigid;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.quantity.Cents;
import barytone.core.quantity.Units;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import barytone.core.station.NextMove;
import barytone.core.station.action.ActionAdvice;
import barytone.core.station.intonation.Intoned;
import barytone.core.station.intonation.ToneAdvice;
import barytone.core.station.intonation.Tones;
import barytone.core.station.nut.NutAdvice;
import barytone.core.station.nut.NutState;
import barytone.core.station.pickups.PickupAdvice;
import barytone.core.station.pickups.PickupState;
import barytone.core.station.relief.ReliefAdvice;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Says what to do next, why, what it changes and what to beware of. */
final class AdviceWords {
    private final JobState state;
    private final Toolkit tools;
    private final Words words;
    private final RodWords rod;
    private final NutWords nut;
    private final BridgeWords bridge;
    private final ToneWords tones;
    private final PickupWords pickups;
    private final Ripples ripples;
    private final Rules rules;

    AdviceWords(JobState state, Units units, Bench bench) {
        this.state = state;
        this.tools = bench.tools();
        this.words = new Words(state, units);
        this.rod = new RodWords(state, units, words);
        this.nut = new NutWords(state, units, words);
        this.bridge = new BridgeWords(state, units);
        this.tones = new ToneWords(state, units, words);
        this.pickups = new PickupWords(state, units);
        this.ripples = new Ripples(state, words);
        this.rules = new Rules(state, bench.schools());
    }

    JobView.AdviceView advice(Advice advice) {
        Said said = said(advice);
        // where the steps say what to expect of their own strings, the ripple is about the others
        boolean withOwn = said.steps().stream().allMatch(s -> s.expected().isEmpty());
        return new JobView.AdviceView(
                said.kind(),
                advice.station(),
                said.headline(),
                said.why().stream().filter(l -> !l.isEmpty()).toList(),
                advice.station() == Station.INTONATION
                        ? "cents"
                        : words.unit(advice.station()).suffix(),
                rules.rule(advice),
                rules.school(advice.station()),
                said.caution(),
                NextMove.expected(state, advice)
                        .map(after -> ripples.of(after, advice.station(), withOwn))
                        .orElse(List.of()),
                said.turn(),
                said.steps(),
                said.strings(),
                said.event(),
                advice instanceof Advice.Measure m && m.tool() != null
                        ? m.tool().code()
                        : null,
                said.follow(),
                advice instanceof ActionAdvice.ReworkSaddle saddle && saddle.inSteps() ? "All of it sanded" : null,
                rules.decline(advice),
                rules.canWait(advice));
    }

    private Said said(Advice advice) {
        return switch (advice) {
            case Advice.Measure m -> m.station().height() ? measure(m) : measureTone(m);
            case Advice.MeasureAgain m -> measureAgain(m);
            case Advice.Retune r -> retune(r.station());
            case ReliefAdvice.Settle ignored ->
                Said.plain(
                        "settle",
                        "Leave the neck to settle",
                        List.of(
                                "The readings are in the band, but the neck may still creep after the last turn.",
                                "When the time is up, read both sides once more for the verdict."),
                        null);
            case ReliefAdvice.TurnRod t -> rod.turn(t);
            case ReliefAdvice.WrongWay w -> rod.wrongWay(w.step());
            case ReliefAdvice.FreePlay f -> rod.freePlay(f.step());
            case ReliefAdvice.Stop s -> rod.stop(s);
            case Advice.Done d -> d.station() == Station.RELIEF ? rod.done(d) : heightDone(d);
            case ActionAdvice.LevelVibrato ignored -> bridge.level();
            case NutAdvice.FileSlots f -> nut.file(f);
            case NutAdvice.LowerNut l -> nut.lower(l);
            case NutAdvice.RaiseNut r -> nut.raise(r);
            case ActionAdvice.TurnScrews t -> bridge.screws(t);
            case ActionAdvice.ReworkSaddle r -> bridge.saddle(r);
            case ActionAdvice.ShimNeck s -> bridge.shimNeck(s);
            case ActionAdvice.LookAtSaddle ignored -> bridge.proud();
            case ActionAdvice.BridgeLimit b -> bridge.limit(b);
            case ToneAdvice.MoveSaddles m -> tones.move(m);
            case ToneAdvice.SaddleLimit l -> tones.limit(l);
            case ToneAdvice.SaddleStayed s -> tones.stayed(s);
            case ToneAdvice.SaddleWrongWay w -> tones.wrongWay(w);
            case ToneAdvice.ReplaceString r -> tones.replace(r);
            case ToneAdvice.NutFirst n -> tones.nutFirst(n);
            case PickupAdvice.TurnPickup t -> pickups.turn(t);
            case PickupAdvice.TiredSpring t -> pickups.tired(t);
            case Advice.Finished f -> finished(f);
            case Advice.ClosedJob ignored ->
                Said.plain(
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
                                : "As found comes first, before anything is touched.");
                if (m.station() == Station.ACTION && Rigid.saddle(state))
                    line.add(
                            "The saddle is one rigid piece: its two outer strings are enough. The others may be read too.");
                yield "Read the " + what + " under " + which;
            }
            case NOT_READ -> {
                line.add("Not read yet, or made new since it was read.");
                yield "Read the " + what + " under " + which;
            }
            case STALE -> {
                line.add("Since the last move it is only reckoned, and not closely enough for the target.");
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
                String sum = words.between(m.station(), m.strings().get(0), tools);
                line.add(
                        "It is near the edge of its band: whether it is worked on depends on it. Lay two leaves together to come between two sizes"
                                + (sum.isEmpty() ? "." : ": " + sum + "."));
                yield "Look more closely at the " + what + " of " + which;
            }
            case CONTRADICTED -> {
                line.add(
                        "It reads in its band, but by what was read and moved before it should not: one more reading settles it.");
                yield "Read the " + what + " of " + which + " once more";
            }
            case ACCUSED -> {
                line.add(
                        "The first frets are sharp, which a nut that is too high would explain, and so would a heavy finger. Nothing is said of a nut that nobody has read.");
                yield "Read the " + what + " of " + which;
            }
            case BEFORE_WORK -> {
                line.add(
                        "What is filed or sanded off does not come back: nothing is done on a reading from before the last move, or by a tool that cannot see it.");
                if (m.tool() != null) line.add("Use a " + shortName(m.tool()) + ".");
                else if (!HeightLook.sees(m.station(), state.tool(m.station())))
                    line.add("None of the shop's tools can see it: borrow "
                            + (m.station() == Station.NUT ? "feeler leaves." : "a caliper or an action card."));
                yield "Read the " + what + " of " + which + " before the work";
            }
            case RECHECK -> {
                line.add("It was moved, or moved along, since it was last read: what stands there is reckoned.");
                yield "Last look: read the " + what + " of " + which;
            }
        };
        line.add(how);
        return Said.reading("measure", headline, line, m.strings(), null);
    }

    /** Notes to sound, or pickup gaps to read. */
    private Said measureTone(Advice.Measure m) {
        boolean asFound = m.reason() == Advice.Measure.Reason.FIRST;
        boolean first = asFound || m.reason() == Advice.Measure.Reason.NOT_READ;
        List<String> line = new ArrayList<>();
        line.add(
                !first
                        ? "It was moved, or moved along, since it was read: what stands there is reckoned."
                        : asFound ? "As found comes first, before anything is touched." : "Not read yet on this job.");
        if (m.station() == Station.PICKUPS) {
            line.add(
                    "Press the string at the last fret; from its underside to pole or cover, with a ruler that is not magnetic.");
            return Said.reading(
                    "measure",
                    (first ? "Read the gaps of the " : "Read again the gaps of the ") + pickups.gaps(m.strings()),
                    line,
                    List.of(),
                    null);
        }
        line.add(
                "Playing position, a normal grip, thumb or soft pick. Tune the open string up to pitch, then sound each note: by ear through the input, or typed from a tuner.");
        return Said.reading(
                "measure",
                (first ? "Sound the notes of " : "Sound again the notes of ") + words.strings(m.strings()),
                line,
                m.strings(),
                null);
    }

    private static String shortName(Tool tool) {
        return tool == Tool.LEAF ? "leaf" : tool.label();
    }

    private Said measureAgain(Advice.MeasureAgain m) {
        TakenReading first = m.first();
        List<Integer> strings = m.doubts().stream()
                .filter(d -> d.station() == first.station())
                .map(TakenReading::string)
                .distinct()
                .toList();
        List<String> why = new ArrayList<>();
        for (TakenReading doubt : m.doubts()) why.add(words.doubt(doubt));
        Mistaken.swapped(state)
                .ifPresent(s -> why.add("Each of " + words.strings(List.of(s, s + 1))
                        + " fits the other's reading: they were perhaps typed in the wrong order."));
        why.add("A second reading that agrees settles it. Or say in its row what it is: right, wrong, or moved.");
        return Said.reading(
                "measure-again",
                m.doubts().size() == 1
                        ? "Measure the " + words.quantity(first.station()) + " of " + words.string(first.string())
                                + " again"
                        : m.doubts().size() + " readings are in doubt: measure them again",
                why,
                strings,
                first.seq());
    }

    private Said retune(Station after) {
        return Said.plain(
                "retune",
                "Retune, tuning up to pitch",
                List.of(
                        after == Station.RELIEF
                                ? "The turn moved the pitch. A reading off pitch is void."
                                : "The strings were slack or moved. A reading off pitch is void.",
                        after == Station.RELIEF
                                ? "Tightening sharpens, loosening flattens. If the pitch did not move at all, the rod may not have bitten."
                                : after == Station.INTONATION
                                        ? "Push each saddle home against its screw, then tune up: hearing the open string in tune counts."
                                        : "Seat the strings at nut and saddle first."),
                null);
    }

    /** The verdict of a station that stands alone. */
    private Said heightDone(Advice.Done d) {
        String name = switch (d.station()) {
            case NUT -> "The nut";
            case INTONATION -> "The intonation";
            case PICKUPS -> "The pickup height";
            case ACTION, RELIEF -> "The action";
        };
        return switch (d.reason()) {
            case LEAVE_IT ->
                done(
                        "Leave it: nothing needs doing",
                        List.of(name + " is in its band as found. Close the job; the readings stay on record."));
            case IN_BAND -> done(name + " is in its band", List.of("Read since the last move."));
            case AS_NEAR_AS_IT_GOES ->
                done(
                        name + " is as near as it goes",
                        Stream.of("No finer move would better it. " + standing(d.station()), chased(d.station()))
                                .filter(line -> !line.isEmpty())
                                .toList());
            case SIDES_DIFFER -> done(name + " is as near as it goes", List.of(standing(d.station())));
            case NOT_WORTH_IT ->
                done(
                        name + " is barely out, and not worth a slackening",
                        List.of(
                                standing(d.station()),
                                "By all that was read and moved it is likelier in its band than a round with the strings slack is worth. What that takes is said under tools and schools."));
        };
    }

    private static Said done(String headline, List<String> why) {
        return Said.plain("done", headline, why, null);
    }

    private Said finished(Advice.Finished f) {
        List<String> why = new ArrayList<>();
        boolean leave = f.results().stream().allMatch(r -> r.reason() == Advice.Done.Reason.LEAVE_IT)
                && f.declined().isEmpty();
        for (Advice.Done r : f.results())
            why.add(r.station().label() + ": "
                    + switch (r.reason()) {
                        case LEAVE_IT -> "in its band as found.";
                        case IN_BAND -> "in its band.";
                        case AS_NEAR_AS_IT_GOES -> ("as near as it goes. " + standing(r.station())).strip();
                        case SIDES_DIFFER -> "the sides differ, no turn helps both.";
                        case NOT_WORTH_IT -> ("barely out, not worth another round. " + standing(r.station())).strip();
                    });
        for (Station station : Station.HEIGHTS) {
            List<Integer> predicted = NextMove.reckoned(state, station);
            if (!predicted.isEmpty())
                why.add("Reckoned, not read since the last move: " + words.quantity(station) + " of "
                        + words.strings(predicted) + ".");
        }
        List<String> later = state.putOff().keySet().stream()
                .filter(s -> state.agreed(s) && f.results().stream().noneMatch(d -> d.station() == s))
                .map(words::quantity)
                .toList();
        if (!later.isEmpty()) why.add("Put off: " + String.join(", ", later) + ".");
        if (!f.declined().isEmpty())
            why.add("Left as it is, by choice: "
                    + String.join(", ", f.declined().stream().map(Rules::topic).toList()) + ".");
        if (NutState.of(state).temporary())
            why.add("A temporary repair was made at the nut: note a date to look at it again.");
        if (state.spec().fittings().bridge().balanced())
            why.add("Take the block out of the vibrato and tune once more.");
        if (!state.agreed(Station.INTONATION)) why.add("Intonation changes with every height: check it next.");
        if (PickupState.of(state).lowered()) why.add("The pickups are still lowered: bring them back.");
        if (Tones.of(state).age().provisional()) why.add("Intonation is provisional: the strings are old.");
        if (leave) return done("Leave it: nothing needs doing", why);
        return done(f.declined().isEmpty() ? agreed() : "Done, but for what you left", why);
    }

    /** That the work agreed on is done. */
    private String agreed() {
        List<String> stations =
                state.chosen().scope().stream().sorted().map(words::quantity).toList();
        String all = stations.size() == 1
                ? stations.getFirst() + " is done"
                : String.join(", ", stations.subList(0, stations.size() - 1)) + " and " + stations.getLast()
                        + " are done";
        return Words.sentence(all);
    }

    /** Why strings that read out of tune are not moved any farther. */
    private String chased(Station station) {
        if (station != Station.INTONATION) return "";
        List<Integer> chased = state.strings(station).stream()
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

    private String standing(Station station) {
        if (station == Station.INTONATION) return outOfTune();
        if (station == Station.PICKUPS) return "";
        String out = state.strings(station).stream()
                .map(s -> HeightVerdict.of(state, station, s))
                .filter(j -> j.read() && j.outside() != 0)
                .map(j -> j.string() + " " + state.spec().stringName(j.string()) + " " + words.verdictText(j))
                .collect(Collectors.joining(", "));
        return out.isEmpty() ? "" : "Still out, in " + words.unit(station).spoken() + ": " + out + ".";
    }

    private String outOfTune() {
        String out = state.strings(Station.INTONATION).stream()
                .map(s -> Intoned.of(state, s))
                .filter(t -> t.outside() != 0)
                .map(t -> t.string() + " " + state.spec().stringName(t.string()) + " " + Cents.signed(t.offset()))
                .collect(Collectors.joining(", "));
        return out.isEmpty() ? "" : "Out, in cents at 12: " + out + ".";
    }
}
