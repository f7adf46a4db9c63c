package barytone.server.station.nut;

import barytone.core.height.HeightVerdict;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.nut.BreakAngle;
import barytone.core.nut.NutSlots;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Units;
import barytone.core.reading.LeafStack;
import barytone.server.job.JobDesk;
import barytone.server.job.Typed;
import barytone.server.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Sums at the nut of a job; nothing of them is stored. */
@RestController
@RequestMapping(path = "/api/jobs/{id}/nut/sums", produces = MediaType.APPLICATION_JSON_VALUE)
class NutSumsController {
    /** A slot nearer to its place than this stays, mm. */
    private static final double NEAR = 0.1;

    /** A file angled sideways moves a slot so far at most, mm; farther it is filled and cut anew. */
    private static final double FILE_MOVES = 0.3;

    /** A slot farther off than this wants a new nut rather than a fill, mm. */
    private static final double FILL_MOVES = 1.0;

    private final JobDesk desk;
    private final Shop shop;

    NutSumsController(JobDesk desk, Shop shop) {
        this.desk = desk;
        this.shop = shop;
    }

    /**
     * The slots as they are.
     *
     * @param centres measured from the bass end of the nut, string 1 first, as typed lengths
     * @param rule centres or gaps
     * @param bassEdge wanted from the bass end to the outer side of the lowest string; null for where it is
     * @param trebleEdge wanted from the treble end to the outer side of string 1; null for where it is
     */
    record SpacingAsked(
            List<String> centres,
            String rule,
            @Nullable String bassEdge,
            @Nullable String trebleEdge) {}

    /**
     * Where a slot is and belongs.
     *
     * @param move what to do about it, in words
     */
    record SlotPlace(int string, String name, String measured, String wanted, String move) {}

    /** Where the slots of the nut are, and where they belong. */
    @PostMapping("/spacing")
    List<SlotPlace> sumSlotSpacing(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody SpacingAsked asked) {
        LengthUnit shown = Units.ofCode(unit).nut();
        JobState state = desk.open(id).state();
        int strings = state.spec().strings();
        Allowed.whole("centres", asked.centres().size(), strings, strings);
        List<Double> gauges = new ArrayList<>();
        for (int s = 1; s <= strings; s++) gauges.add(state.spec().gauge(s));
        List<Double> centres =
                asked.centres().stream().map(c -> Typed.mm(c, shown)).toList();
        double width = state.spec().fittings().nutWidth();
        // the outer strings stay where they are unless somebody wants them elsewhere
        List<Double> wanted = NutSlots.centres(
                gauges,
                edge(asked.bassEdge(), shown, centres.getLast() - gauges.getLast() / 2),
                edge(asked.trebleEdge(), shown, width - centres.getFirst() - gauges.getFirst() / 2),
                width,
                NutSlots.Spacing.ofCode(asked.rule()));
        List<SlotPlace> places = new ArrayList<>();
        for (int s = strings; s >= 1; s--) {
            double measured = centres.get(s - 1);
            double by = wanted.get(s - 1) - measured;
            places.add(new SlotPlace(
                    s,
                    state.spec().stringName(s),
                    shown.show(measured),
                    shown.show(wanted.get(s - 1)),
                    move(by, shown)));
        }
        return places;
    }

    private static double edge(@Nullable String typed, LengthUnit shown, double asItIs) {
        return typed == null || typed.isBlank() ? asItIs : Typed.mm(typed, shown);
    }

    /** What to do about a slot that is off its place. */
    private static String move(double by, LengthUnit shown) {
        if (Math.abs(by) < NEAR) return "stays";
        String off = shown.showWithUnit(Math.abs(by)) + " towards the " + (by > 0 ? "treble" : "bass");
        if (Math.abs(by) <= FILE_MOVES) return off + ": angle the file that way";
        return off + ", more than the " + shown.showWithUnit(FILE_MOVES) + " that a file moves a slot: "
                + (Math.abs(by) <= FILL_MOVES ? "fill it and cut it anew, or a new nut" : "a new nut");
    }

    /** The height of the crown line over the board at the nut, as a typed length. */
    record StackAsked(String fretHeight) {}

    /**
     * A stack of leaves that stops the file.
     *
     * @param height of the stack on the board, against the nut
     * @param leaves that make it, thickest first
     * @param total what stands on them, added up
     * @param error of the stack, with its sign
     */
    record StopStack(int string, String name, String height, String leaves, String total, String error) {}

    /** The leaves that make a stop for the file, for every slot. */
    @PostMapping("/leaf-stacks")
    List<StopStack> sumLeafStacks(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody StackAsked asked) {
        LengthUnit shown = Units.ofCode(unit).nut();
        JobState state = desk.open(id).state();
        double fret = Typed.mm("fretHeight", asked.fretHeight(), shown, 0.4, 2.5);
        List<Double> owned = shop.toolkit().leaves().sizes();
        if (owned.isEmpty()) throw Allowed.broken("leaves", "none", "at least one good leaf among the shop's tools");
        List<StopStack> stacks = new ArrayList<>();
        for (int s : state.strings(Station.NUT)) {
            HeightVerdict judged = HeightVerdict.of(state, Station.NUT, s);
            // the slot floor above the crown line that goes with the upper end of the band: the file stops short of the
            // wish
            double slot = state.estimate().slotHeight(s).mean()
                    + (judged.band().high() - judged.value().mean()) / judged.leverage(state.estimate());
            LeafStack stack = LeafStack.nearest(owned, fret + Math.max(0, slot), 4);
            stacks.add(new StopStack(
                    s,
                    state.spec().stringName(s),
                    shown.show(fret + Math.max(0, slot)),
                    String.join(" + ", stack.leaves().stream().map(shown::show).toList()),
                    shown.showSum(stack.leaves()),
                    shown.showChange(stack.error())));
        }
        return stacks;
    }

    /**
     * How a string runs to its post.
     *
     * @param distance from slot to post
     * @param drop how far the post's hole lies below the slot floor; minus when it stands higher
     */
    record BreakAngleAsked(int string, String distance, String drop, double wraps) {}

    /** The break angle and what to do about it. */
    record BreakAngleTold(String degrees, boolean shallow, String text) {}

    /** How steeply a string leaves the nut, and whether that is enough. */
    @PostMapping("/break-angle")
    BreakAngleTold sumBreakAngle(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody BreakAngleAsked asked) {
        LengthUnit shown = Units.ofCode(unit).nut();
        JobState state = desk.open(id).state();
        Allowed.whole("string", asked.string(), 1, state.spec().strings());
        double gauge = state.spec().gauge(asked.string());
        double drop = Typed.change("drop", asked.drop(), shown, 100);
        double distance = Typed.mm(asked.distance(), shown);
        BreakAngle angle = BreakAngle.of(distance, drop, asked.wraps(), gauge);
        String degrees = String.format(Locale.ROOT, "%.1f°", angle.degrees());
        double needed = Math.ceil(BreakAngle.wrapsNeeded(distance, drop, gauge));
        return new BreakAngleTold(
                degrees,
                angle.shallow(),
                angle.shallow()
                        ? "Too shallow: it may ring thinly at the slot. Press behind the nut: if it stops, that is it. "
                                + (needed <= 8
                                        ? Allowed.plain(needed) + " wraps wound down make it steep enough; "
                                        : "Wraps alone will not do; ")
                                + "or a lower post, or a string tree."
                        : "Steep enough. The wraps lower the string by " + shown.showWithUnit(angle.lowered()) + ".");
    }
}
