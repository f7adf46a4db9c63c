package barytone.server.job;

import barytone.core.advice.Advice;
import barytone.core.height.HeightLook;
import barytone.core.height.Mistaken;
import barytone.core.height.Rigid;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import barytone.core.station.NextMove;
import barytone.core.station.Room;
import barytone.core.station.Stations;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/** Says what to do next, why, what it changes and what to beware of. */
final class AdviceWords {
    private final JobState state;
    private final Toolkit tools;
    private final Words words;
    private final Voices voices;
    private final Ripples ripples;
    private final Rules rules;
    private final Instant now;

    AdviceWords(JobState state, Words words, Bench bench, Voices voices, Instant now) {
        this.now = now;
        this.state = state;
        this.tools = bench.tools();
        this.words = words;
        this.voices = voices;
        this.ripples = new Ripples(state, words, voices);
        this.rules = new Rules(state, voices);
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
                voices.of(advice.station()).suffix(),
                rules.rule(advice),
                rules.school(advice.station()),
                said.caution(),
                advice.expected(state)
                        .map(after -> ripples.of(after, advice.station(), withOwn))
                        .orElse(List.of()),
                said.turn(),
                said.steps(),
                said.strings(),
                said.event(),
                advice instanceof Advice.Measure m && m.tool() != null
                        ? m.tool().code()
                        : null,
                said.button(),
                said.does(),
                advice.becomesWhole(state).isPresent() ? "All of it sanded" : null,
                rules.decline(advice),
                rules.canWait(
                        advice,
                        rules.decline(advice) != null
                                || said.goOn().stream().anyMatch(g -> g.does() == JobView.Anyway.DECLINE)),
                identity(advice, said),
                said.goOn(),
                said.otherwise());
    }

    /** The same for the same advice, whatever the unit and the hour. */
    private String identity(Advice advice, Said said) {
        String what = String.join(
                "|",
                said.kind(),
                advice.station().name(),
                advice.topic().code(),
                advice.becomes(state).map(Object::toString).orElse(""),
                said.strings().toString());
        return UUID.nameUUIDFromBytes(what.getBytes(StandardCharsets.UTF_8))
                .toString()
                .substring(0, 13);
    }

    private Said said(Advice advice) {
        return switch (advice) {
            case Advice.Measure m -> m.station().height() ? measure(m) : measureTone(m);
            case Advice.MeasureAgain m -> measureAgain(m);
            case Advice.AgreeDamage d -> damage(d);
            case Advice.Waits w -> WaitWords.advice(w, state.waiting(), now);
            case Advice.PutOn p -> putOn(p);
            case Advice.Retune r -> retune(r.station());
            case Advice.Done d -> voices.of(d.station()).verdict(d).orElseGet(() -> done(d));
            case Advice.Finished f -> finished(f);
            case Advice.ClosedJob ignored ->
                Said.closed("Closed", List.of("As found and as left are on record. Reopen the job to go on."));
            default ->
                voices.first(voice -> voice.of(advice))
                        .orElseThrow(() -> new IllegalStateException("nobody says what to do: " + advice));
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
            case CONDEMNED -> {
                line.add(
                        "It reads so low that the slot would have to be raised. One reading may be a slip, and condemns nothing.");
                yield "Read the " + what + " of " + which + " once more";
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
        if (m.reason() == Advice.Measure.Reason.FIRST) line.add(missing(m.station()));
        return Said.reading("measure", headline, line, m.strings(), null);
    }

    /** What is to be read as found besides this, as a set; empty when it is all. Each of it can be left out when it is its turn. */
    private String missing(Station now) {
        List<String> others = new ArrayList<>();
        for (Room room : Stations.ALL) {
            Station station = room.station();
            if (station == now || !state.agreed(station) || state.left(station) || room.idle(state)) continue;
            if (state.declined(Advice.Measure.unread(station))) continue;
            List<Integer> unread = room.unread(state);
            if (unread.isEmpty()) continue;
            others.add(words.quantity(station) + (station.height() ? " under " + words.strings(unread) : ""));
        }
        return others.isEmpty() ? "" : "Missing as found after that: " + String.join("; ", others) + ".";
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
        if (asFound) line.add(missing(m.station()));
        return voices.of(m.station()).reading(m, line, first);
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

    private static Said damage(Advice.AgreeDamage d) {
        List<String> why = new ArrayList<>(ArrivalWords.damage(d.marks()));
        why.add(
                "Rod, saddles and string tension wait until the player has said what happens. Reading and slackening do not.");
        return Said.plain(
                        "damage",
                        "Agree first what happens about the " + ArrivalWords.stopping(d.marks()),
                        why,
                        "What was glued holds tension when the glue has cured, not before. What you are not equipped for is referred.")
                .orElse(
                        "It is agreed what happens",
                        "Rod, saddles and string tension may then load what is damaged. Say what was agreed, and how.",
                        JobView.Anyway.AGREE);
    }

    private Said putOn(Advice.PutOn p) {
        return Said.plain(
                        "put-on",
                        "Put on " + words.strings(p.missing()) + " first",
                        List.of(
                                "Without it the neck is pulled less than it will be, and nothing can be read under it.",
                                "What was read before is asked for again once the set is whole."),
                        "Glasses on: a string that breaks goes for the eyes.")
                .followed("Put on");
    }

    private Said retune(Station after) {
        return Said.plain(
                        "retune", "Retune, tuning up to pitch", voices.of(after).retuning(), null)
                .followed("Retuned");
    }

    /** The verdict of a station that stands alone. */
    private Said done(Advice.Done d) {
        RoomVoice<?, ?> voice = voices.of(d.station());
        String name = voice.subject();
        return switch (d.reason()) {
            case LEAVE_IT ->
                done(
                        "Leave it: nothing needs doing",
                        List.of(name + " is in its band as found. Close the job; the readings stay on record."));
            case IN_BAND -> done(name + " is in its band", List.of("Read since the last move."));
            case AS_NEAR_AS_IT_GOES ->
                done(
                        name + " is as near as it goes",
                        Stream.of("No finer move would better it. " + voice.standing(), voice.whyLeft())
                                .filter(line -> !line.isEmpty())
                                .toList());
            case SIDES_DIFFER -> done(name + " is as near as it goes", List.of(voice.standing()));
            case NOT_WORTH_IT ->
                done(
                        name + " is barely out, and not worth a slackening",
                        List.of(
                                voice.standing(),
                                "By all that was read and moved it is likelier in its band than a round with the strings slack is worth. What that takes is said under tools and schools."));
        };
    }

    private static Said done(String headline, List<String> why) {
        return Said.done(headline, why, null);
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
                        case AS_NEAR_AS_IT_GOES ->
                            ("as near as it goes. " + voices.of(r.station()).standing()).strip();
                        case SIDES_DIFFER -> "the sides differ, no turn helps both.";
                        case NOT_WORTH_IT ->
                            ("barely out, not worth another round. "
                                            + voices.of(r.station()).standing())
                                    .strip();
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
                    + String.join(", ", f.declined().stream().map(rules::topic).toList()) + ".");
        why.addAll(voices.each(RoomVoice::onRecord));
        why.addAll(voices.each(RoomVoice::handingOver));
        String provisional = ArrivalWords.provisional(state.arrival(), state.spec());
        if (provisional != null) why.add(provisional);
        if (leave) return done("Leave it: nothing needs doing", why);
        return done(f.declined().isEmpty() ? agreed() : "Done, but for what you left", why);
    }

    /** That the work agreed on is done. */
    private String agreed() {
        List<String> stations =
                Stations.workedOn(state).stream().map(words::quantity).toList();
        if (stations.isEmpty()) return "Nothing is left to do";
        String all = stations.size() == 1
                ? stations.getFirst() + " is done"
                : String.join(", ", stations.subList(0, stations.size() - 1)) + " and " + stations.getLast()
                        + " are done";
        return Words.sentence(all);
    }
}
