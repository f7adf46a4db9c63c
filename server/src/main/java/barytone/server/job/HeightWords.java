package barytone.server.job;

import barytone.core.bridge.NeckShim;
import barytone.core.bridge.Supports;
import barytone.core.estimate.Move;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.joblog.JobState;
import barytone.core.neck.GapMethod;
import barytone.core.plan.Advice;
import barytone.core.plan.BridgeAdvisor;
import barytone.core.plan.Judged;
import barytone.core.plan.NextMove;
import barytone.core.plan.NutAdvisor;
import barytone.core.plan.Station;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Says what to do at nut and bridge. */
final class HeightWords {
    private static final String FILE_CAUTION =
            "Dust of bone, shell and metal: keep it wet or take it off, mask on. File away from you.";
    private static final String SLACK_CAUTION =
            "Slacken the strings that go up before you raise them: one raised at pitch can snap. Glasses on. Metric and inch keys look alike and round out screws.";

    private final JobState state;
    private final LengthUnit unit;
    private final Words words;

    HeightWords(JobState state, LengthUnit unit, Words words) {
        this.state = state;
        this.unit = unit;
        this.words = words;
    }

    AdviceWords.Said level() {
        return AdviceWords.Said.move(
                "Bring the vibrato level at pitch, then block it",
                List.of(
                        "It hangs between strings and springs: every string that is changed moves all the others.",
                        "Blocked, the heights hold still while they are read. Take the block out before hand-over and tune once more."),
                "Springs and strings pull hard: slacken before you touch the claw.",
                List.of(),
                List.of(),
                "Level and blocked");
    }

    AdviceWords.Said file(Advice.FileSlots f) {
        List<JobView.StepView> steps = f.slots().stream()
                .map(s -> new JobView.StepView(
                        s.string() + " " + state.spec().stringName(s.string()),
                        strokes(s) + ", " + file(s),
                        unit.show(s.expected().mean()) + " ± "
                                + unit.show(s.expected().sd())))
                .toList();
        List<String> why = new ArrayList<>();
        why.add(
                f.learned()
                        ? "This nut has been giving " + micro(f.bite().mean()) + " per stroke."
                        : "The bite is not known on this nut yet: about "
                                + micro(f.bite().mean())
                                + " per stroke is usual. One slot first, tune, read, then the others.");
        if (f.slots().stream().anyMatch(Advice.FileSlots.Slot::underTwoStrokes))
            why.add("What remains is under two strokes' worth: light strokes, and look after each.");
        why.add(
                "Along the line from string to tuner; the floor falls gently towards the tuner and the string leaves at the front edge.");
        List<Integer> near = f.slots().stream()
                .map(Advice.FileSlots.Slot::string)
                .filter(s -> NutAdvisor.strokesToFretLevel(state.estimate(), s) < 8)
                .toList();
        String caution = near.isEmpty()
                ? FILE_CAUTION
                : FILE_CAUTION + " " + sentence(words.strings(near)) + " would be level with the frets in about "
                        + Math.round(NutAdvisor.strokesToFretLevel(state.estimate(), near.getFirst()))
                        + " strokes: never below.";
        why.addAll(beforeFiling());
        SetupEstimate after = state.estimate();
        for (Advice.FileSlots.Slot s : f.slots())
            after = after.after(new Move.SlotFiled(s.string(), s.strokes() * (s.light() ? 0.5 : 1)));
        return AdviceWords.Said.move(
                f.slots().size() == 1
                        ? "File slot " + f.slots().getFirst().string() + " "
                                + state.spec().stringName(f.slots().getFirst().string()) + ": "
                                + strokes(f.slots().getFirst())
                        : "File " + f.slots().size() + " slots, then tune once",
                why,
                caution,
                others(after, Station.NUT),
                steps,
                "Filed");
    }

    private List<String> beforeFiling() {
        List<String> warnings = new ArrayList<>();
        if (state.declined("relief") || !state.agreed(Station.RELIEF))
            warnings.add("Relief is not settled on this job: what is filed now may not suit it later.");
        if (BridgeAdvisor.far(state))
            warnings.add(
                    "The saddle is still far from its target: an open reading at the first fret looks wrong until it is near.");
        List<Integer> flawed = NutAdvisor.flawed(state);
        if (!flawed.isEmpty())
            warnings.add("The slot of " + words.strings(flawed)
                    + " was found wrong in shape: put that right with the same strokes.");
        return warnings;
    }

    private static String strokes(Advice.FileSlots.Slot s) {
        return s.strokes() + (s.light() ? " light" : "") + (s.strokes() == 1 ? " stroke" : " strokes");
    }

    private String file(Advice.FileSlots.Slot s) {
        if (s.file() == null)
            return "no owned file fits: borrow one of "
                    + unit.showWithUnit(state.spec().gauge(s.string()));
        String width = unit.showWithUnit(s.file().width()) + " file";
        return s.file().rolled() ? width + ", rolled sideways for the width" : width;
    }

    private String micro(double mm) {
        return unit == LengthUnit.MM ? Math.round(mm * 1000) + " µm" : unit.showWithUnit(mm);
    }

    AdviceWords.Said lower(Advice.LowerNut l) {
        List<JobView.StepView> steps = l.remains().entrySet().stream()
                .map(e -> new JobView.StepView(
                        e.getKey() + " " + state.spec().stringName(e.getKey()),
                        "then " + unit.showChange(e.getValue()) + " " + unit.suffix() + " left",
                        unit.show(Judged.of(state, Station.NUT, e.getKey())
                                        .value()
                                        .mean()
                                - fall(l, e.getKey()))))
                .toList();
        return AdviceWords.Said.move(
                "Sand " + unit.showWithUnit(l.amount()) + " off the underside of the nut",
                List.of(
                        "Every slot is too high. " + sentence(words.string(l.governing()))
                                + " has the least to give; that much comes off below, less a little for the file.",
                        "On a flat surface, the nut held upright against a block. Check with a caliper at both ends.",
                        "A glued nut: score the finish around it first, then tap it out gently."),
                "Dust: wet or take it off, mask on. Hold small parts in a clamp, not in the fingers.",
                List.of(),
                steps,
                "Sanded and back");
    }

    private double fall(Advice.LowerNut l, int string) {
        Judged j = Judged.of(state, Station.NUT, string);
        return l.amount() * j.leverage(state.estimate());
    }

    AdviceWords.Said raise(Advice.RaiseNut r) {
        String which = words.strings(r.low());
        return r.shim()
                ? AdviceWords.Said.move(
                        "Shim the nut by " + unit.showWithUnit(r.amount()) + ", then file",
                        List.of(
                                sentence(which) + " are too low to be filed right.",
                                "Card or veneer under the whole nut, a little more than needed, so that the slots can be filed to their height.",
                                "Better still: a new nut. A card shim is temporary and gets a follow-up date."),
                        FILE_CAUTION,
                        List.of(),
                        List.of(),
                        "Shimmed")
                : AdviceWords.Said.move(
                        "Fill the slot of " + which + " by " + unit.showWithUnit(r.amount()) + ", then file",
                        List.of(
                                "It is too low: the open string will buzz on fret 1.",
                                "Glue and powder of the nut's own stuff, a little more than needed, filed to height when hard. It is temporary and will fail one day: say so. A new nut is the lasting way."),
                        "Glue and accelerator: ventilate, gloves, glasses. " + FILE_CAUTION,
                        List.of(),
                        List.of(),
                        "Filled");
    }

    AdviceWords.Said screws(Advice.TurnScrews t) {
        Supports supports = state.spec().supports();
        List<JobView.StepView> steps = new ArrayList<>();
        for (int i = 0; i < t.screws().size(); i++) {
            Turns turns = t.screws().get(i);
            if (!turns.isZero())
                steps.add(new JobView.StepView(
                        sentence(supports.names().get(i)),
                        turns.amount() + " turn" + (turns.abs().sixteenths() > 16 ? "s" : "")
                                + (turns.sixteenths() > 0 ? " up" : " down"),
                        ""));
        }
        boolean individual = switch (state.spec().fittings().bridge().mechanism()) {
            case SADDLES -> true;
            case POSTS, BARRELS, BLANK -> false;
        };
        if (individual) {
            // one saddle carries one string: say what to expect of it
            List<JobView.StepView> said = new ArrayList<>();
            int strings = state.spec().strings();
            int line = 0;
            for (int i = 0; i < t.screws().size(); i++) {
                if (t.screws().get(i).isZero()) continue;
                Normal expected = t.expected().get(strings - i);
                JobView.StepView step = steps.get(line++);
                said.add(new JobView.StepView(
                        (strings - i) + " " + state.spec().stringName(strings - i),
                        step.amount(),
                        expected == null ? "" : unit.show(expected.mean())));
            }
            steps = said;
        }
        List<String> why = new ArrayList<>();
        why.add(
                t.learned()
                        ? "These screws give " + unit.showWithUnit(t.perTurn().mean()) + " at the saddle per turn."
                        : "The thread pitch is not known yet: about "
                                + unit.showWithUnit(t.perTurn().mean())
                                + " per turn is usual. The next readings will tell.");
        if (individual) why.add("Both screws of a saddle alike, so that it stays level.");
        else why.add(residuals(t));
        if (t.rough()) why.add("Roughly is enough here: it is set finely when the nut is right.");
        SetupEstimate after = BridgeAdvisor.after(state.estimate(), supports, t.screws());
        return AdviceWords.Said.move(
                headline(t, steps),
                why,
                t.raising()
                        ? SLACK_CAUTION
                        : "Metric and inch keys look alike and round out screws: the right key, fully seated.",
                ripple(after, t.expected().keySet().stream().toList()),
                steps,
                "Turned");
    }

    private String headline(Advice.TurnScrews t, List<JobView.StepView> steps) {
        String rough = t.rough() ? "Roughly first: " : "";
        if (steps.size() == 1)
            return rough + steps.getFirst().where() + ": " + steps.getFirst().amount();
        boolean up = t.screws().stream().anyMatch(s -> s.sixteenths() > 0);
        boolean down = t.screws().stream().anyMatch(s -> s.sixteenths() < 0);
        return rough + (up && down ? "Set" : up ? "Raise" : "Lower") + " " + steps.size() + " "
                + switch (state.spec().fittings().bridge().mechanism()) {
                    case SADDLES -> "saddles";
                    case POSTS -> "posts";
                    case BARRELS -> "barrel screws";
                    case BLANK -> "sides";
                };
    }

    /** How far strings that share a support end from the middle of their bands. */
    private String residuals(Advice.TurnScrews t) {
        String off = t.expected().entrySet().stream()
                .filter(e -> Math.abs(e.getValue().mean() - band(e.getKey())) > 0.02)
                .map(e -> e.getKey() + " " + state.spec().stringName(e.getKey()) + " "
                        + unit.showChange(e.getValue().mean() - band(e.getKey())))
                .collect(Collectors.joining(", "));
        return off.isEmpty()
                ? "The strings share the supports, and all come to the middle of their bands."
                : "The strings share the supports. Off the middle of their bands remain, in " + unit.suffix() + ": "
                        + off + ".";
    }

    private double band(int string) {
        return Judged.band(state, Station.ACTION, string).middle();
    }

    AdviceWords.Said saddle(Advice.ReworkSaddle r) {
        SetupEstimate after = state.estimate();
        Supports supports = state.spec().supports();
        double[] changes = {r.bass(), r.treble()};
        for (int j = 0; j < changes.length; j++)
            if (changes[j] != 0)
                after = after.after(new Move.SaddleLifted(supports.shares().get(j), changes[j], 0.1));
        List<JobView.StepView> steps = new ArrayList<>();
        int bass = state.spec().bassString();
        steps.add(side("Bass side, under " + bass + " " + state.spec().stringName(bass), r.bass()));
        steps.add(side("Treble side, under 1 " + state.spec().stringName(1), r.treble()));
        String rough = r.rough() ? "Roughly first: " : "";
        List<String> why = new ArrayList<>();
        if (r.raising()) {
            why.add(
                    "The saddle is too low. A veneer shim of the saddle's size, or a new saddle; a shim wants full contact.");
        } else {
            why.add(
                    "Off the underside, so that the top keeps its arc. Mark the line from a stack of leaves laid on the flat, and sand to it.");
            why.add("Snug in the slot; over an under-saddle pickup the underside must be perfectly flat.");
        }
        why.add("Look afterwards: enough saddle must stand proud for the break angle, and enough stay in the slot.");
        return AdviceWords.Said.move(
                rough
                        + (r.raising()
                                ? "Raise the saddle: bass " + amount(r.bass()) + ", treble " + amount(r.treble())
                                : "Sand the saddle's underside: bass " + amount(r.bass()) + ", treble "
                                        + amount(r.treble())),
                why,
                "Strings slack before the saddle comes out. Dust: wet or take it off, mask on. Hold the saddle in a clamp on a power sander, glasses on.",
                ripple(after, r.expected().keySet().stream().toList()),
                steps,
                r.raising() ? "Raised and back" : "Sanded and back");
    }

    private String amount(double mm) {
        return mm == 0 ? "nothing" : unit.showWithUnit(Math.abs(mm));
    }

    private JobView.StepView side(String where, double mm) {
        return new JobView.StepView(
                where, mm == 0 ? "nothing" : unit.showWithUnit(Math.abs(mm)) + (mm < 0 ? " off" : " up"), "");
    }

    AdviceWords.Said limit(Advice.BridgeLimit b) {
        String what = b.lower() ? "lower" : "higher";
        NeckShim shim = b.shim();
        List<String> why = new ArrayList<>();
        why.add(
                "The saddles would have to go " + unit.showWithUnit(b.shortBy()) + " " + what
                        + " than they can. Lay a straightedge on the frets: where its end meets the bridge tells the neck angle.");
        if (shim == null) {
            why.add(
                    "This neck is not bolted on: a neck reset is another job. Shorter or longer screws, or a lower or higher saddle, may do.");
            return new AdviceWords.Said(
                    "stop",
                    "The bridge is at its " + (b.lower() ? "floor" : "ceiling")
                            + ": refer it, or go on as far as it goes",
                    why,
                    null,
                    List.of(),
                    null,
                    List.of(),
                    null);
        }
        why.add("A wedge thick at the " + (shim.end() == NeckShim.End.HEEL ? "heel end" : "body edge") + " "
                + unit.showWithUnit(shim.thickness()) + ", running out to nothing over "
                + unit.showWithUnit(b.heelEnd() - b.bodyEdge())
                + ", makes the room. Shorter or longer screws are the other way.");
        return AdviceWords.Said.move(
                "The bridge is at its " + (b.lower() ? "floor" : "ceiling") + ": shim the neck",
                why,
                "Neck off: strings slack, support the neck, mind the wires.",
                List.of(),
                List.of(),
                "Shimmed " + unit.showWithUnit(shim.thickness()));
    }

    /** The verdict of a station that stands alone. */
    AdviceWords.Said done(Advice.Done d) {
        String name = d.station() == Station.NUT ? "The nut" : "The action";
        return switch (d.reason()) {
            case LEAVE_IT ->
                done(
                        "Leave it: nothing needs doing",
                        List.of(name + " is in its band as found. Close the job; the readings stay on record."));
            case IN_BAND -> done(name + " is in its band", List.of("Read since the last move."));
            case AS_NEAR_AS_IT_GOES ->
                done(
                        name + " is as near as it goes",
                        List.of("No finer move would better it. " + standing(d.station())));
            case SIDES_DIFFER -> done(name + " is as near as it goes", List.of(standing(d.station())));
        };
    }

    AdviceWords.Said finished(Advice.Finished f) {
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
                    });
        for (Station station : Station.values()) {
            List<Integer> predicted = NextMove.recheck(state, station);
            if (!predicted.isEmpty())
                why.add("Predicted, not read since the last move: " + words.quantity(station) + " of "
                        + words.strings(predicted) + ".");
        }
        if (!f.declined().isEmpty())
            why.add("Left as it is, by choice: "
                    + String.join(
                            ", ", f.declined().stream().map(HeightWords::topic).toList()) + ".");
        if (state.temporary()) why.add("A temporary repair was made at the nut: note a date to look at it again.");
        if (state.spec().fittings().bridge().balanced())
            why.add("Take the block out of the vibrato and tune once more.");
        why.add("Intonation changes with every height: check it next.");
        return done(leave ? "Leave it: nothing needs doing" : "Relief, nut and action are done", why);
    }

    static String topic(String topic) {
        return switch (topic) {
            case "relief" -> "relief";
            case "file" -> "nut slots too high";
            case "nut-low" -> "nut slots too low";
            case "nut-underside" -> "the nut's underside";
            case "action" -> "action";
            case "rough-action" -> "a rough setting of the saddle";
            case "bridge-limit" -> "the bridge's travel";
            case "recheck" -> "the last look";
            case "vibrato-level" -> "levelling the vibrato";
            default ->
                topic.startsWith("measure-")
                        ? "readings of the " + topic.substring(8).toLowerCase(Locale.ROOT)
                        : topic.startsWith("file-") ? "slot " + topic.substring(5) : topic;
        };
    }

    private String standing(Station station) {
        String out = state.strings(station).stream()
                .map(s -> Judged.of(state, station, s))
                .filter(j -> j.read() && j.outside() != 0)
                .map(j -> j.string() + " " + state.spec().stringName(j.string()) + " " + words.verdictText(j))
                .collect(Collectors.joining(", "));
        return out.isEmpty() ? "" : "Out by " + unit.suffix() + ": " + out + ".";
    }

    private static AdviceWords.Said done(String headline, List<String> why) {
        return new AdviceWords.Said("done", headline, why, null, List.of(), null, List.of(), null);
    }

    /** Action of each string now and expected. */
    private List<JobView.Ripple> ripple(SetupEstimate after, List<Integer> strings) {
        List<JobView.Ripple> ripple = new ArrayList<>();
        for (int s : strings) {
            var method = state.method(Station.ACTION);
            Normal now = state.estimate().now(s, method);
            Normal then = after.now(s, method);
            if (Math.abs(then.mean() - now.mean()) > 0.004)
                ripple.add(new JobView.Ripple(
                        "Action " + s + " " + state.spec().stringName(s),
                        unit.show(now.mean()),
                        unit.show(then.mean()) + " ± " + unit.show(then.sd()),
                        unit.showChange(then.mean() - now.mean())));
        }
        ripple.addAll(others(after, Station.ACTION));
        return ripple;
    }

    /** What a move at one station does to the lowest and highest string at the others. */
    List<JobView.Ripple> others(SetupEstimate after, Station own) {
        List<JobView.Ripple> ripple = new ArrayList<>();
        for (Station station : Station.values()) {
            if (station == own) continue;
            for (int s : List.of(state.spec().bassString(), 1)) {
                var method = state.method(station);
                Normal now = state.estimate().now(s, method);
                Normal then = after.now(s, method);
                if (Math.abs(then.mean() - now.mean()) < 0.004) continue;
                boolean read = state.look(station, s).isPresent();
                ripple.add(new JobView.Ripple(
                        label(station) + ", " + s + " " + state.spec().stringName(s),
                        read ? unit.show(now.mean()) : "not read",
                        read ? unit.show(then.mean()) + " ± " + unit.show(then.sd()) : "",
                        unit.showChange(then.mean() - now.mean())));
            }
        }
        return ripple;
    }

    private String label(Station station) {
        return switch (state.method(station)) {
            case GapMethod.NutPressed m -> "Nut, pressed at " + m.heldFret();
            case GapMethod.NutOpen ignored -> "Nut, open";
            case GapMethod.Action m -> "Action at " + m.gaugeFret();
            case GapMethod.ActionCapo m -> "Action at " + m.gaugeFret() + ", capo";
            case GapMethod.Relief m -> "Relief at " + m.gaugeFret();
        };
    }

    /** What the neck angle means for the bridge, line by line. */
    List<String> angle() {
        var read = state.neckAngle();
        if (read == null) return List.of();
        List<String> lines = new ArrayList<>();
        int middle = (state.spec().strings() + 1) / 2;
        Judged j = Judged.of(state, Station.ACTION, middle);
        double wanted = state.estimate().saddleHeight(middle).mean()
                + (j.band().middle() - j.value().mean()) / j.leverage(state.estimate());
        double proud = read.above() + wanted;
        lines.add("The straightedge stands " + unit.showWithUnit(read.above())
                + (read.above() >= 0 ? " above" : " (below)")
                + " the top of the bridge. With the action at its target the strings stand "
                + unit.showWithUnit(proud) + " above it.");
        if (state.spec().fittings().bridge().screwed()) {
            if (proud < 3)
                lines.add("That is little room for saddles: a wedge thick at the heel end lets them sit higher.");
            else if (proud > 16)
                lines.add("The saddles stand far from the body: a wedge thick at the body edge lets them sit lower.");
            else lines.add("That leaves room for the saddles both ways.");
        } else if (proud < 2) {
            lines.add(
                    "Too little saddle would stand proud for a break angle: the neck angle is the fault, refer for a reset.");
        } else if (proud > 6) {
            lines.add(
                    "The saddle would stand very proud and may lean: look at the neck angle before a taller saddle is made.");
        } else {
            lines.add("Enough saddle stands proud, and not too much.");
        }
        return lines;
    }

    static String sentence(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
