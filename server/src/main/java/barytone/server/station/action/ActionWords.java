package barytone.server.station.action;

import barytone.core.bridge.NeckShim;
import barytone.core.bridge.Supports;
import barytone.core.estimate.Normal;
import barytone.core.height.ActionTarget;
import barytone.core.height.HeightVerdict;
import barytone.core.instrument.NeckJoint;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.station.action.ActionAdvice;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.action.ActionState;
import barytone.core.station.action.SaddleBlank;
import barytone.server.job.JobView;
import barytone.server.job.RoomVoice;
import barytone.server.job.Said;
import barytone.server.job.Words;
import barytone.server.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Says what to do at the bridge. */
public final class ActionWords extends RoomVoice<ActionAdvice, ActionEvent> {
    private static final String SLACK_CAUTION =
            "Slacken the strings that go up before you raise them: one raised at pitch can snap. Glasses on. Metric and inch keys look alike and round out screws.";

    private static final String AT_ITS_END =
            "A saddle at its floor or ceiling asks for the neck angle before any filing.";

    private static final String AS_FAR = "Go on as far as it goes";
    private static final String NOT_ALL = "The action then stays outside its target where the saddles end.";

    private final JobState state;
    private final LengthUnit unit;

    /** Of what is done at the saddles. */
    private final LengthUnit saddle;

    private final Words words;
    private final Shop.Schools schools;

    ActionWords(JobState state, Words words, Shop.Schools schools) {
        super(Station.ACTION, ActionAdvice.class, ActionEvent.class);
        this.state = state;
        this.unit = words.units().action();
        this.saddle = words.units().saddle();
        this.words = words;
        this.schools = schools;
    }

    @Override
    protected Said said(ActionAdvice advice) {
        return switch (advice) {
            case ActionAdvice.LevelVibrato ignored ->
                level().orElse(
                                "Measure it floating",
                                "Each string that is turned moves all the others: expect to read them more often.",
                                JobView.Anyway.DECLINE);
            case ActionAdvice.TurnScrews t -> screws(t);
            case ActionAdvice.ReworkSaddle r -> saddle(r);
            case ActionAdvice.ShimNeck s -> shimNeck(s).orElse(AS_FAR, NOT_ALL, JobView.Anyway.DECLINE);
            case ActionAdvice.LookAtSaddle ignored ->
                proud().orElse(
                                "Sand it without looking",
                                "Nobody knows then whether 2 mm stay above the bridge. What is sanded off does not come back.",
                                JobView.Anyway.DECLINE);
            case ActionAdvice.BridgeLimit b -> limit(b).orElse(AS_FAR, NOT_ALL, JobView.Anyway.DECLINE);
        };
    }

    @Override
    protected String rule(ActionAdvice advice) {
        return switch (advice) {
            case ActionAdvice.LevelVibrato ignored ->
                "A floating bridge moves with every string: level and blocked, heights hold still.";
            case ActionAdvice.TurnScrews t ->
                t.rough()
                        ? state.chosen().order().reason()
                        : "A change at the fret needs that change times string length over fret distance at the saddle: about twice at 12.";
            case ActionAdvice.ReworkSaddle ignored ->
                "A change at the fret needs that change times string length over fret distance at the saddle: about twice at 12.";
            case ActionAdvice.ShimNeck ignored -> AT_ITS_END;
            case ActionAdvice.LookAtSaddle ignored ->
                "What is sanded off does not come back: a saddle keeps 2 mm above its bridge, or it is not sanded.";
            case ActionAdvice.BridgeLimit ignored -> AT_ITS_END;
        };
    }

    @Override
    protected @Nullable String decline(ActionAdvice advice) {
        return switch (advice) {
            case ActionAdvice.TurnScrews ignored -> "Leave the heights";
            case ActionAdvice.ReworkSaddle ignored -> "Leave the saddle";
            default -> null;
        };
    }

    @Override
    protected String line(ActionEvent event) {
        return switch (event) {
            case ActionEvent.BridgeScrewed e -> screwed(e);
            case ActionEvent.SaddleReworked e ->
                "Saddle " + way(e.way())
                        + (e.bass() == 0 && e.treble() == 0
                                ? ""
                                : ": bass " + Words.change(saddle, e.bass()) + ", treble "
                                        + Words.change(saddle, e.treble()));
            case ActionEvent.NeckShimmed e ->
                "Neck shim " + saddle.showWithUnit(e.thickness()) + ", thick at the " + Words.thickEnd(e.end());
            case ActionEvent.GaugePatternRead e ->
                "Gauge " + words.units().radius().showWithUnit(e.radius()) + " under the strings: "
                        + (e.ringing().isEmpty() ? "all touch" : "clear are " + words.strings(e.ringing()));
            case ActionEvent.SaddleProudRead e -> "The saddle stands " + saddle.showWithUnit(e.proud()) + " proud";
            case ActionEvent.TravelRead e ->
                "Saddles can go " + saddle.showWithUnit(e.down()) + " down, " + saddle.showWithUnit(e.up()) + " up";
            case ActionEvent.NeckAngleRead e -> "Straightedge over the bridge: " + Words.change(saddle, e.above());
            case ActionEvent.ActionTargetSet e ->
                "Action target: " + Words.school(e.target().school());
        };
    }

    @Override
    public @Nullable String school() {
        return ActionTarget.of(state).school();
    }

    @Override
    public String targetLabel() {
        String code = school();
        return code == null
                ? "set by hand"
                : ofShop(code).map(ActionSchool::label).orElse(code);
    }

    @Override
    public String targetReason() {
        String code = school();
        return code == null
                ? "Bands typed for this job."
                : ofShop(code).map(ActionSchool::reason).orElse("");
    }

    private Optional<ActionSchool> ofShop(String code) {
        return schools.action().stream().filter(s -> s.code().equals(code)).findFirst();
    }

    @Override
    protected String suffix() {
        return words.units().action().suffix();
    }

    @Override
    protected String subject() {
        return "The action";
    }

    @Override
    protected String standing() {
        return words.stillOut(Station.ACTION);
    }

    @Override
    protected List<String> handingOver() {
        return state.spec().fittings().bridge().balanced()
                ? List.of("Take the block out of the vibrato and tune once more.")
                : List.of();
    }

    @Override
    protected Optional<String> topic(Topic topic) {
        // as earlier versions called it
        if (topic.is("action")) return Optional.of("action");
        if (topic.equals(ActionAdvice.TurnScrews.ROUGH)) return Optional.of("a rough setting of the saddle");
        if (topic.equals(ActionAdvice.BridgeLimit.TOPIC)) return Optional.of("the bridge's travel");
        if (topic.equals(ActionAdvice.LevelVibrato.TOPIC)) return Optional.of("levelling the vibrato");
        return topic.equals(ActionAdvice.LookAtSaddle.TOPIC)
                ? Optional.of("how far the saddle stands proud")
                : Optional.empty();
    }

    private static String way(ActionEvent.SaddleReworked.Way way) {
        return switch (way) {
            case SANDED -> "sanded";
            case SHIMMED -> "shimmed";
            case RENEWED -> "renewed";
        };
    }

    private String screwed(ActionEvent.BridgeScrewed e) {
        List<String> names = state.spec().supports().names();
        List<String> turned = new ArrayList<>();
        for (int i = 0; i < Math.min(names.size(), e.screws().size()); i++) {
            Turns turns = e.screws().get(i);
            if (!turns.isZero())
                turned.add(names.get(i) + " " + turns.amount() + (turns.sixteenths() > 0 ? " up" : " down"));
        }
        return Words.sentence(String.join(", ", turned));
    }

    Said level() {
        return Said.move(
                "Bring the vibrato level at pitch, then block it",
                List.of(
                        "It hangs between strings and springs: every string that is changed moves all the others.",
                        "Blocked, the heights hold still while they are read. Take the block out before hand-over and tune once more."),
                "Springs and strings pull hard: slacken before you touch the claw.",
                List.of(),
                "Level and blocked");
    }

    Said screws(ActionAdvice.TurnScrews t) {
        Supports supports = state.spec().supports();
        boolean individual = state.spec().fittings().bridge().mechanism().alone();
        List<JobView.StepView> steps = new ArrayList<>();
        for (int i = 0; i < t.screws().size(); i++) {
            if (t.screws().get(i).isZero()) continue;
            // one saddle carries one string: say what to expect of it
            int string = state.spec().strings() - i;
            Normal expected = individual ? t.expected().get(string) : null;
            steps.add(new JobView.StepView(
                    individual
                            ? string + " " + state.spec().stringName(string)
                            : Words.sentence(supports.names().get(i)),
                    Words.turned(t.screws().get(i)),
                    null,
                    expected == null ? "" : unit.show(expected.mean()),
                    null));
        }
        List<String> why = new ArrayList<>();
        why.add(
                t.learned()
                        ? "These screws give " + saddle.showWithUnit(t.perTurn().mean()) + " at the saddle per turn."
                        : "The thread pitch is not known yet: about "
                                + saddle.showWithUnit(t.perTurn().mean())
                                + " per turn is usual. The next readings will tell.");
        if (individual) why.add("Both screws of a saddle alike, so that it stays level.");
        else why.add(residuals(t));
        if (t.rough()) why.add("Roughly is enough here: it is set finely when the nut is right.");
        return Said.move(
                headline(t, steps),
                why,
                t.raising()
                        ? SLACK_CAUTION
                        : "Metric and inch keys look alike and round out screws: the right key, fully seated.",
                steps,
                "Turned");
    }

    private String headline(ActionAdvice.TurnScrews t, List<JobView.StepView> steps) {
        String rough = t.rough() ? "Roughly first: " : "";
        if (steps.size() == 1)
            return rough + steps.getFirst().where() + ": " + steps.getFirst().amount();
        boolean up = t.screws().stream().anyMatch(s -> s.sixteenths() > 0);
        boolean down = t.screws().stream().anyMatch(s -> s.sixteenths() < 0);
        return rough + (up && down ? "Set" : up ? "Raise" : "Lower") + " " + steps.size() + " "
                + state.spec().fittings().bridge().mechanism().heightNoun();
    }

    /** How far strings that share a support end from the middle of their bands. */
    private String residuals(ActionAdvice.TurnScrews t) {
        String off = t.expected().entrySet().stream()
                .filter(e -> Math.abs(e.getValue().mean() - band(e.getKey())) > 0.02)
                .map(e -> e.getKey() + " " + state.spec().stringName(e.getKey()) + " "
                        + unit.showChange(e.getValue().mean() - band(e.getKey())))
                .collect(Collectors.joining(", "));
        return off.isEmpty()
                ? "The strings share the supports, and all come to the middle of their bands."
                : "The strings share the supports. Off the middle of their bands remain: " + off + " " + unit.suffix()
                        + ".";
    }

    private double band(int string) {
        return HeightVerdict.band(state, Station.ACTION, string).middle();
    }

    Said saddle(ActionAdvice.ReworkSaddle r) {
        int bass = state.spec().bassString();
        List<JobView.StepView> steps = new ArrayList<>();
        for (int s : state.strings(Station.ACTION)) {
            Normal then = r.expected().get(s);
            if (then == null) continue;
            double amount = s == bass ? r.bass() : s == 1 ? r.treble() : between(r, s);
            steps.add(new JobView.StepView(
                    s + " " + state.spec().stringName(s),
                    amount(amount),
                    (s == bass ? "bass side" : s == 1 ? "treble side" : "between") + remains(s, then),
                    unit.show(then.mean()),
                    null));
        }
        List<String> why = new ArrayList<>();
        if (r.inSteps())
            why.add(
                    side(r.bass(), r.firstBass(), "bass") + side(r.treble(), r.firstTreble(), "treble")
                            + "What comes off does not come back: take the first part, put it in, tune and read; or all at once, if you trust the readings.");
        if (r.raising())
            why.add(
                    "The saddle is too low. A veneer shim of the saddle's size, or a new saddle; a shim wants full contact.");
        else {
            why.add(
                    "Off the underside, so that the top keeps its arc. Mark the line from a stack of leaves laid on the flat, and sand to it.");
            why.add("Snug in the slot; over an under-saddle pickup the underside must be perfectly flat.");
        }
        why.add(
                "One rigid piece: the two outer strings set it, the others follow its top. What each comes to stands above.");
        why.add("Look afterwards: enough saddle must stand proud for the break angle, and enough stay in the slot.");
        return Said.move(
                        (r.raising() ? "Raise the saddle: bass " : "Sand the saddle's underside: bass ")
                                + whole(r.bass()) + ", treble " + whole(r.treble()),
                        why,
                        r.raising()
                                ? "Strings slack before the saddle comes out. Dust of veneer and bone: wet or take it off, mask on."
                                : "Strings slack before the saddle comes out. Dust: wet or take it off, mask on. Hold the saddle in a clamp on a power sander, glasses on.",
                        steps,
                        r.raising() ? "Raised and back" : r.inSteps() ? firstPart(r) : "Sanded and back")
                .otherwise(r.raising() ? "shimmed" : "sanded", List.of());
    }

    /** What the careful way takes off first: seen on the button, so that nobody has to look for it with the saddle in hand. */
    private String firstPart(ActionAdvice.ReworkSaddle r) {
        return "First " + number(r.firstBass()) + " and " + number(r.firstTreble()) + " " + saddle.suffix() + " sanded";
    }

    private String number(double mm) {
        return mm == 0 ? "0" : saddle.show(Math.abs(mm));
    }

    /** The change of a rigid saddle under a string between the outer two, mm. */
    private double between(ActionAdvice.ReworkSaddle r, int string) {
        List<Double> z = state.spec().acrossBridge();
        double share = (z.get(string - 1) - z.getLast()) / (z.getFirst() - z.getLast());
        return share * r.treble() + (1 - share) * r.bass();
    }

    /** What a string will still lack of the middle of its band. */
    private String remains(int string, Normal then) {
        double off = then.mean() - band(string);
        return Math.abs(off) < 0.02 ? "" : ", then " + unit.showChange(off) + " " + unit.suffix() + " off the middle";
    }

    private String side(double whole, double first, String name) {
        return whole == first
                ? ""
                : Words.sentence(name) + " " + saddle.showWithUnit(Math.abs(whole))
                        + " to the middle of the band: take " + saddle.showWithUnit(Math.abs(first))
                        + " first and read. ";
    }

    private String whole(double mm) {
        return mm == 0 ? "nothing" : saddle.showWithUnit(Math.abs(mm));
    }

    private String amount(double mm) {
        return Math.abs(mm) < 0.005 ? "nothing" : saddle.showWithUnit(Math.abs(mm)) + (mm < 0 ? " off" : " up");
    }

    /** What the neck angle means for the bridge, line by line. */
    List<String> angle() {
        var read = ActionState.of(state).neckAngle();
        if (read == null) return List.of();
        List<String> lines = new ArrayList<>();
        int middle = (state.spec().strings() + 1) / 2;
        HeightVerdict j = HeightVerdict.of(state, Station.ACTION, middle);
        double wanted = state.estimate().saddleHeight(middle).mean()
                + (j.band().middle() - j.value().mean()) / j.leverage(state.estimate());
        double proud = read.above() + wanted;
        lines.add("The straightedge stands " + saddle.showWithUnit(read.above())
                + (read.above() >= 0 ? " above" : " (below)")
                + " the top of the bridge. With the action at its target the strings stand "
                + saddle.showWithUnit(proud) + " above it.");
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

    Said shimNeck(ActionAdvice.ShimNeck s) {
        NeckShim shim = s.shim();
        return Said.move(
                "The bridge is at its " + end(s.lower()) + ": shim the neck",
                List.of(
                        beyond(s.lower(), s.shortBy()),
                        "A wedge thick at the " + Words.thickEnd(shim.end()) + " "
                                + saddle.showWithUnit(shim.thickness())
                                + ", running out to nothing over " + saddle.showWithUnit(s.heelEnd() - s.bodyEdge())
                                + ", makes the room. Shorter or longer screws are the other way."),
                "Neck off: strings slack, support the neck, mind the wires.",
                List.of(),
                "Shimmed " + saddle.showWithUnit(shim.thickness()));
    }

    Said proud() {
        return Said.question(
                "proud",
                "How far does the saddle stand proud of the bridge?",
                List.of(
                        "Where it is lowest, by the ruler, before anything comes off.",
                        "Under " + saddle.showWithUnit(SaddleBlank.LEAST_PROUD)
                                + " the strings lose their break angle: then the neck angle is the fault, and it is referred."));
    }

    Said limit(ActionAdvice.BridgeLimit b) {
        boolean fixed = !state.spec().fittings().bridge().screwed();
        if (fixed && b.lower())
            return Said.plain(
                    "stop",
                    "The saddle has no more to give: refer it, or go on as far as it goes",
                    List.of(
                            saddle.showWithUnit(b.shortBy())
                                    + " more would have to come off than leaves "
                                    + saddle.showWithUnit(SaddleBlank.LEAST_PROUD)
                                    + " standing proud.",
                            "Lay a straightedge on the frets: where its end meets the bridge tells the neck angle. A neck reset is another job."),
                    null);
        return Said.plain(
                "stop",
                "The bridge is at its " + end(b.lower()) + ": refer it, or go on as far as it goes",
                List.of(
                        beyond(b.lower(), b.shortBy()),
                        (state.spec().fittings().joint() == NeckJoint.BOLTED
                                        ? ""
                                        : "This neck is not bolted on: a neck reset is another job. ")
                                + "Shorter or longer screws, or a lower or higher saddle, may do."),
                null);
    }

    private static String end(boolean lower) {
        return lower ? "floor" : "ceiling";
    }

    private String beyond(boolean lower, double shortBy) {
        return "The saddles would have to go " + saddle.showWithUnit(shortBy) + (lower ? " lower" : " higher")
                + " than they can. Lay a straightedge on the frets: where its end meets the bridge tells the neck angle.";
    }
}
