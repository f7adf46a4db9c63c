package barytone.server.scratch;

import barytone.core.bridge.NeckShim;
import barytone.core.bridge.TwoPosts;
import barytone.core.clearance.ClearanceMap;
import barytone.core.intonation.BarrelSplit;
import barytone.core.intonation.SaddleFit;
import barytone.core.neck.FretScale;
import barytone.core.neck.GapMethod;
import barytone.core.neck.SetupSum;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.nut.NutSlots;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.OutOfRangeException;
import barytone.core.reading.LeafStack;
import barytone.core.strings.MusicString;
import barytone.core.strings.StringWrap;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * Sums without a job. Lengths are numbers in mm; names and shapes of these routes are stable, so that scripts can use them.
 */
@RestController
@RequestMapping(path = "/api/scratch", produces = MediaType.APPLICATION_JSON_VALUE)
class ScratchController {
    private static final int FRETS_SHOWN = 24;

    /** Text of a length, with the unit of a bare number. */
    record LengthAsked(String text, @Nullable String unit) {}

    /** One length in three units. */
    record LengthTold(double mm, double thou, double in64) {}

    /** A length as it is spoken, in every unit. */
    @PostMapping("/length")
    LengthTold sumLength(@RequestBody LengthAsked asked) {
        String unit = asked.unit();
        LengthUnit bare;
        try {
            bare = unit == null ? LengthUnit.MM : LengthUnit.ofCode(unit);
        } catch (IllegalArgumentException e) {
            throw Allowed.broken("unit", "“" + unit + "”", "mm, thou, in64 or in32");
        }
        double mm = Length.parse(asked.text(), bare).mm();
        return new LengthTold(mm, mm / 0.0254, mm / 0.396875);
    }

    /** A habit of reading relief. */
    record HabitGiven(List<Integer> held, int gaugeFret) {
        GapMethod.Relief method() {
            if (held.size() != 2) throw Allowed.broken("held", held, "two frets, the lower first");
            return new GapMethod.Relief(held.get(0), held.get(1), gaugeFret);
        }
    }

    record ReliefAsked(
            double scaleLength,
            int bodyJointFret,
            double reading,
            List<Integer> held,
            int gaugeFret,
            List<HabitGiven> as) {}

    record ReliefTold(List<Double> readings) {}

    /** A relief as other ways of holding would read it. */
    @PostMapping("/relief")
    ReliefTold sumRelief(@RequestBody ReliefAsked asked) {
        StringLine line = line(asked.scaleLength(), asked.bodyJointFret(), 0, FretScale.MOST_FRETS);
        Allowed.number("reading", asked.reading(), -2, 5, "mm");
        Allowed.whole("as", asked.as().size(), 0, 50);
        GapMethod.Relief from = new HabitGiven(asked.held(), asked.gaugeFret()).method();
        double k = line.curvatureFor(from, asked.reading());
        List<Double> readings = new ArrayList<>();
        for (int i = 0; i < asked.as().size(); i++) {
            GapMethod.Relief to = inside("as[" + i + "]", asked.as().get(i)::method);
            readings.add(line.gap(to, new StringState(k, 0, 0)));
        }
        return new ReliefTold(readings);
    }

    record ReliefGiven(double value, List<Integer> held, int gaugeFret) {}

    record ActionGiven(int fret, double value) {}

    /**
     * A nut reading.
     *
     * @param method open or pressed
     * @param fret held fret of a pressed reading, 2 to 5
     */
    record NutGiven(String method, @Nullable Integer fret, double value) {
        GapMethod gap() {
            return switch (method) {
                case "open" -> new GapMethod.NutOpen();
                case "pressed" -> new GapMethod.NutPressed(fret == null ? 3 : fret);
                default -> throw Allowed.broken("nut.method", "“" + method + "”", "open or pressed");
            };
        }
    }

    record SetupAsked(
            double scaleLength,
            int bodyJointFret,
            double compensation,
            ReliefGiven relief,
            @Nullable Double nutSlotHeight,
            @Nullable NutGiven nut,
            ActionGiven action) {}

    record ActionTold(int fret, double open, double capo1) {}

    record SetupTold(
            double nutSlotHeight,
            double saddleHeight,
            double nutOpen,
            double nutPressed3,
            double nutPressed2,
            List<ActionTold> actions) {}

    /** All gaps of a string from three of them. */
    @PostMapping("/setup")
    SetupTold sumSetup(@RequestBody SetupAsked asked) {
        StringLine line = line(asked.scaleLength(), asked.bodyJointFret(), asked.compensation(), FretScale.MOST_FRETS);
        StringState state;
        if (asked.nut() != null) {
            if (asked.nutSlotHeight() != null)
                throw Allowed.broken("nutSlotHeight", asked.nutSlotHeight(), "either nutSlotHeight or nut, not both");
            state = SetupSum.solve(
                    line,
                    reliefMethod(asked.relief()),
                    asked.relief().value(),
                    inside("nut", asked.nut()::gap),
                    asked.nut().value(),
                    actionMethod(asked.action()),
                    asked.action().value());
        } else {
            state = withSlot(line, asked.relief(), asked.nutSlotHeight(), asked.action());
        }
        return new SetupTold(
                state.slotHeight(),
                state.saddleHeight(),
                line.gap(new GapMethod.NutOpen(), state),
                line.gap(new GapMethod.NutPressed(3), state),
                line.gap(new GapMethod.NutPressed(2), state),
                IntStream.rangeClosed(1, FRETS_SHOWN)
                        .mapToObj(n -> new ActionTold(
                                n,
                                line.gap(new GapMethod.Action(n), state),
                                // the capo holds the string down on fret 1 itself
                                n == 1 ? 0 : line.gap(new GapMethod.ActionCapo(n), state)))
                        .toList());
    }

    record SaddleChangeAsked(
            double scaleLength,
            double compensation,
            int fret,
            double from,
            double to,
            @Nullable Double threadPitch) {}

    record SaddleChangeTold(double saddle, @Nullable Double turns) {}

    /** How far a saddle moves for a change of action. */
    @PostMapping("/saddle-change")
    SaddleChangeTold sumSaddleChange(@RequestBody SaddleChangeAsked asked) {
        StringLine line = line(asked.scaleLength(), 12, asked.compensation(), FretScale.MOST_FRETS);
        Allowed.whole("fret", asked.fret(), 1, FretScale.MOST_FRETS);
        Allowed.number("from", asked.from(), -1, 30, "mm");
        Allowed.number("to", asked.to(), -1, 30, "mm");
        double saddle = line.saddleChange(asked.fret(), asked.to() - asked.from());
        return new SaddleChangeTold(saddle, turns(saddle, asked.threadPitch()));
    }

    record NeedGiven(double z, double saddleChange) {}

    record PostsGiven(double bass, double treble) {}

    record TwoPostAsked(List<NeedGiven> strings, PostsGiven posts, double threadPitch) {}

    record Support(double change, double turns) {}

    record TwoPostTold(Support bass, Support treble, List<Double> residuals) {}

    /** Both posts of a bridge that carries all strings. */
    @PostMapping("/two-post")
    TwoPostTold sumTwoPosts(@RequestBody TwoPostAsked asked) {
        TwoPosts posts = TwoPosts.through(
                needs(asked.strings()), asked.posts().bass(), asked.posts().treble());
        double pitch = pitch(asked.threadPitch());
        return new TwoPostTold(
                new Support(posts.first(), posts.first() / pitch),
                new Support(posts.second(), posts.second() / pitch),
                posts.residuals());
    }

    record BarrelAsked(List<NeedGiven> strings, List<Double> screws, double threadPitch) {}

    record BarrelTold(List<Support> screws) {}

    /** Both screws of a barrel that carries two strings. */
    @PostMapping("/barrel")
    BarrelTold sumBarrel(@RequestBody BarrelAsked asked) {
        Allowed.whole("strings", asked.strings().size(), 2, 2);
        Allowed.whole("screws", asked.screws().size(), 2, 2);
        TwoPosts posts = TwoPosts.through(
                needs(asked.strings()), asked.screws().get(0), asked.screws().get(1));
        double pitch = pitch(asked.threadPitch());
        return new BarrelTold(List.of(
                new Support(posts.first(), posts.first() / pitch),
                new Support(posts.second(), posts.second() / pitch)));
    }

    record NeckShimAsked(double bodyEdge, double heelEnd, double saddle, double saddleChange) {}

    record NeckShimTold(String thickEnd, double thickness) {}

    /** The wedge in a neck pocket that lets the saddles sit higher. */
    @PostMapping("/neck-shim")
    NeckShimTold sumNeckShim(@RequestBody NeckShimAsked asked) {
        NeckShim shim = NeckShim.of(asked.bodyEdge(), asked.heelEnd(), asked.saddle(), asked.saddleChange());
        return new NeckShimTold(shim.end().code(), shim.thickness());
    }

    record TensionAsked(double diameter, @Nullable Double core, String wrap, double scaleLength, double frequency) {}

    record TensionTold(double massPerLength, double tension) {}

    /** The mass and the tension of a string. */
    @PostMapping("/tension")
    TensionTold sumTension(@RequestBody TensionAsked asked) {
        StringWrap wrap = StringWrap.ofCode(asked.wrap());
        Double core = asked.core();
        MusicString string =
                core == null ? MusicString.of(asked.diameter(), wrap) : new MusicString(asked.diameter(), core, wrap);
        return new TensionTold(string.massPerLength(), string.tension(asked.scaleLength(), asked.frequency()));
    }

    record CentsGiven(int fret, double cents, @Nullable Double weight) {}

    record IntonationAsked(
            double scaleLength,
            double compensation,
            List<CentsGiven> readings,
            @Nullable Double threadPitch) {}

    record IntonationTold(double saddleBack, @Nullable Double turns, List<SaddleFit.FretCents> residuals) {}

    /** How far a saddle goes for the cents that were read. */
    @PostMapping("/intonation")
    IntonationTold sumIntonation(@RequestBody IntonationAsked asked) {
        FretScale scale = new FretScale(asked.scaleLength(), FRETS_SHOWN);
        List<SaddleFit.Reading> readings = new ArrayList<>();
        for (int i = 0; i < asked.readings().size(); i++) {
            CentsGiven r = asked.readings().get(i);
            readings.add(inside(
                    "readings[" + i + "]",
                    () -> new SaddleFit.Reading(r.fret(), r.cents(), r.weight() == null ? 1 : r.weight())));
        }
        SaddleFit fit = SaddleFit.of(scale, asked.compensation(), readings);
        return new IntonationTold(fit.saddleBack(), turns(fit.saddleBack(), asked.threadPitch()), fit.residuals());
    }

    record PairMember(double compensation, double cents12) {}

    record PairedSaddleAsked(double scaleLength, List<PairMember> strings, String rule) {}

    record PairedSaddleTold(double saddleBack, List<Double> residuals) {}

    /** One saddle for two strings. */
    @PostMapping("/paired-saddle")
    PairedSaddleTold sumPairedSaddle(@RequestBody PairedSaddleAsked asked) {
        Allowed.whole("strings", asked.strings().size(), 2, 2);
        List<BarrelSplit.Member> members = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            PairMember m = asked.strings().get(i);
            members.add(inside("strings[" + i + "]", () -> new BarrelSplit.Member(m.compensation(), m.cents12())));
        }
        BarrelSplit told = BarrelSplit.of(
                new FretScale(asked.scaleLength(), FRETS_SHOWN),
                members.get(0),
                members.get(1),
                BarrelSplit.Rule.ofCode(asked.rule()));
        return new PairedSaddleTold(told.saddleBack(), List.of(told.first(), told.second()));
    }

    record NutSlotsAsked(List<Double> gauges, double bassEdge, double trebleEdge, double width, String rule) {}

    record NutSlotsTold(List<Double> centres) {}

    /** Where the slots of a nut go. */
    @PostMapping("/nut-slots")
    NutSlotsTold sumNutSlots(@RequestBody NutSlotsAsked asked) {
        return new NutSlotsTold(NutSlots.centres(
                asked.gauges(),
                asked.bassEdge(),
                asked.trebleEdge(),
                asked.width(),
                NutSlots.Spacing.ofCode(asked.rule())));
    }

    record LeavesAsked(
            List<Double> owned, double target, @Nullable Integer most) {}

    record LeavesTold(List<Double> leaves, double total, double error) {}

    /** Which leaves add up to a height. */
    @PostMapping("/leaves")
    LeavesTold sumLeaves(@RequestBody LeavesAsked asked) {
        LeafStack stack = LeafStack.nearest(asked.owned(), asked.target(), asked.most() == null ? 4 : asked.most());
        return new LeavesTold(stack.leaves(), stack.total(), stack.error());
    }

    record ClearanceAsked(
            double scaleLength,
            int frets,
            int bodyJointFret,
            double compensation,
            ReliefGiven relief,
            @Nullable Double nutSlotHeight,
            ActionGiven action,
            double tension,
            double force,
            double pluck) {}

    /**
     * The tightest place of one note.
     *
     * @param fret fretted here; 0 is open
     * @param hits the fret with the least room
     */
    record MarginTold(int fret, double margin, int hits) {}

    record ClearanceTold(List<MarginTold> frets) {}

    /** How much room a plucked string has over every fret. */
    @PostMapping("/clearance")
    ClearanceTold sumClearance(@RequestBody ClearanceAsked asked) {
        StringLine line = line(asked.scaleLength(), asked.bodyJointFret(), asked.compensation(), asked.frets());
        StringState state = withSlot(line, asked.relief(), asked.nutSlotHeight(), asked.action());
        return new ClearanceTold(ClearanceMap.of(line, state, asked.tension(), asked.force(), asked.pluck()).stream()
                .map(n -> new MarginTold(n.fret(), n.margin(), n.hits()))
                .toList());
    }

    private static StringState withSlot(
            StringLine line, ReliefGiven relief, @Nullable Double slotHeight, ActionGiven action) {
        if (slotHeight == null) throw Allowed.broken("nutSlotHeight", "nothing", "-0.5 to 3 mm");
        return SetupSum.withSlot(
                line, reliefMethod(relief), relief.value(), slotHeight, actionMethod(action), action.value());
    }

    private static GapMethod.Relief reliefMethod(ReliefGiven relief) {
        return inside("relief", () -> new HabitGiven(relief.held(), relief.gaugeFret()).method());
    }

    private static GapMethod.Action actionMethod(ActionGiven action) {
        return inside("action", () -> new GapMethod.Action(action.fret()));
    }

    private static StringLine line(double scaleLength, int bodyJointFret, double compensation, int frets) {
        return StringLine.of(new FretScale(scaleLength, frets), bodyJointFret, compensation);
    }

    private static List<TwoPosts.Need> needs(List<NeedGiven> given) {
        List<TwoPosts.Need> needs = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            NeedGiven need = given.get(i);
            needs.add(inside("strings[" + i + "]", () -> new TwoPosts.Need(need.z(), need.saddleChange())));
        }
        return needs;
    }

    private static double pitch(double threadPitch) {
        return Allowed.number("threadPitch", threadPitch, 0.1, 3, "mm per turn");
    }

    private static @Nullable Double turns(double change, @Nullable Double threadPitch) {
        return threadPitch == null ? null : change / pitch(threadPitch);
    }

    /** Names the field inside the one it stands in, when it is refused. */
    private static <T> T inside(String outer, Supplier<T> made) {
        try {
            return made.get();
        } catch (OutOfRangeException e) {
            throw e.inside(outer);
        }
    }
}
