package barytone.server.job;

import barytone.core.bridge.NeckShim;
import barytone.core.estimate.Band;
import barytone.core.estimate.Normal;
import barytone.core.height.HeightVerdict;
import barytone.core.height.Mistaken;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobState;
import barytone.core.job.ReliefHabit;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthTextException;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.reading.Evidence;
import barytone.core.reading.Gap;
import barytone.core.reading.LeafStack;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Says things as a colleague would: short, exact, calm. */
public final class Words {
    /** What a tool is off by counts as told when it is known so much better than of any such tool. */
    private static final double OFFSET_TOLD = 0.8;

    /** Less than this is not spoken of, mm. */
    private static final double OFFSET_SEEN = 0.015;

    /** A thread is known when it is known this well, and misfits what is stated by so great a share. */
    private static final double KNOWN = 0.1;

    private static final double MISFIT = 0.15;

    private final JobState state;
    private final InstrumentSpec spec;
    private final Units units;

    Words(JobState state, Units units) {
        this.state = state;
        this.spec = state.spec();
        this.units = units;
    }

    /** The unit in which a station speaks. */
    public LengthUnit unit(Station station) {
        return switch (station) {
            case RELIEF -> units.relief();
            case NUT -> units.nut();
            case PICKUPS -> units.pickups();
            default -> units.action();
        };
    }

    /** The units that are spoken in. */
    public Units units() {
        return units;
    }

    /** The heights of a station that are out of their bands, in a sentence; empty when none is. */
    public String stillOut(Station station) {
        String out = state.strings(station).stream()
                .map(s -> HeightVerdict.of(state, station, s))
                .filter(j -> j.read() && j.outside() != 0)
                .map(j -> j.string() + " " + spec.stringName(j.string()) + " " + verdictText(j))
                .collect(Collectors.joining(", "));
        return out.isEmpty() ? "" : "Still out: " + out + ".";
    }

    /** A change, with its sign and unit. */
    public static String change(LengthUnit unit, double mm) {
        return unit.showChange(mm) + " " + unit.suffix();
    }

    /** A school by its code, as it stands on the tape. */
    public static String school(@Nullable String code) {
        return code == null ? "by hand" : code.toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Turns of a screw as the screwdriver sees it. */
    public static String clockwise(Turns clockwise) {
        return clockwise.amount() + " turn" + (clockwise.abs().sixteenths() > 16 ? "s" : "")
                + (clockwise.sixteenths() > 0 ? " clockwise" : " anticlockwise");
    }

    /** What was typed, with its unit; the number in the unit in use when nothing was. */
    public static String typed(String text, LengthUnit unit, double mm) {
        String clean = text.strip();
        boolean bare = clean.matches("[+-]?[0-9.,]+[+-]?");
        // a note from before units were noted with what was typed
        boolean fits = bare && Math.abs(parsed(clean, unit) - mm) < 1e-6;
        if (fits) return unit.named(clean);
        return bare || !clean.matches(".*[0-9].*") ? unit.showWithUnit(mm) : clean;
    }

    private static double parsed(String text, LengthUnit unit) {
        try {
            return Length.parse(text, unit).mm();
        } catch (LengthTextException e) {
            return Double.NaN;
        }
    }

    /** The unit in which a gap is told. */
    public LengthUnit unit(GapMethod method) {
        return unit(Station.of(method));
    }

    /** A text with a capital at its start. */
    public static String sentence(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** A text that begins a line, said in the middle of one. */
    public static String within(String text) {
        return text.isEmpty() ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    /** An amount of turning of a height screw. */
    public static String turned(Turns turns) {
        return turns.amount() + " turn" + (turns.abs().sixteenths() > 16 ? "s" : "")
                + (turns.sixteenths() > 0 ? " up" : " down");
    }

    /** Which end of a neck shim is thick. */
    public static String thickEnd(NeckShim.End end) {
        return end == NeckShim.End.HEEL ? "heel end" : "body edge";
    }

    static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    public String string(int string) {
        return "string " + string + " " + spec.stringName(string);
    }

    public String strings(List<Integer> strings) {
        if (strings.size() == 1) return string(strings.get(0));
        List<String> named =
                strings.stream().map(s -> s + " " + spec.stringName(s)).toList();
        if (strings.size() == spec.strings()) return "all strings, " + named.getFirst() + " to " + named.getLast();
        return "strings " + String.join(", ", named.subList(0, named.size() - 1)) + " and " + named.getLast();
    }

    /** What is read at a station. */
    String quantity(Station station) {
        return station.label().toLowerCase(Locale.ROOT);
    }

    /** How a station is read. */
    public String method(Station station) {
        return station == Station.RELIEF
                ? method(state.habit())
                : method(state.method(station))
                        + (state.position(station) == Position.FLAT ? ", flat on the bench" : ", playing position");
    }

    /** How a gap is read. */
    public String method(GapMethod method) {
        return spoken(method);
    }

    /** How a gap is read, whatever the job. */
    public static String spoken(GapMethod method) {
        return switch (method) {
            case GapMethod.Relief m ->
                "held at " + m.heldLow() + " and " + m.heldHigh() + ", gauge at " + m.gaugeFret();
            case GapMethod.NutOpen ignored -> "open string, gauge at fret 1";
            case GapMethod.NutPressed m -> "held behind fret " + m.heldFret() + ", gauge at fret 1";
            case GapMethod.Action m -> "open string, at fret " + m.gaugeFret();
            case GapMethod.ActionCapo m -> "capo at 1, at fret " + m.gaugeFret();
        };
    }

    /** What a reading said, and why its tool cannot decide. */
    String tooCoarse(Station station, int string) {
        HeightVerdict judged = HeightVerdict.of(state, station, string);
        Tool tool = judged.look() == null
                ? state.tool(station)
                : judged.look().reading().reading().tool();
        LengthUnit unit = unit(station);
        double out = judged.band().outside(judged.value().mean());
        return out == 0
                ? "The " + tool.label() + " tells " + unit.showWithUnit(tool.sees())
                        + " at the least, too little for a band of "
                        + unit.showWithUnit(judged.band().width()) + "."
                : "It was read " + unit.showWithUnit(Math.abs(out)) + " outside, less than the " + tool.label()
                        + " can tell. If it is out, it will be worked on; if not, it is left.";
    }

    /** Two leaves laid together that come between the one that went and the one that did not; empty when none do. */
    String between(Station station, int string, Toolkit tools) {
        HeightVerdict judged = HeightVerdict.of(state, station, string);
        if (judged.look() == null || !(judged.look().reading().reading().gap() instanceof Gap.Between b)) return "";
        List<Double> owned = tools.leaves().sizes();
        LeafStack stack = LeafStack.nearest(owned, (b.goes() + b.stops()) / 2, 2);
        return stack.leaves().size() < 2 ? "" : sum(stack.leaves(), units.gauge());
    }

    /** Leaves laid together, and what they make: the sum of what stands on them. */
    static String sum(List<Double> leaves, LengthUnit unit) {
        return String.join(" + ", leaves.stream().map(unit::show).toList()) + " makes " + unit.showSum(leaves) + " "
                + unit.suffix();
    }

    /** Whether a doubted reading looks like one made in another way, or under another string. */
    String mixUp(TakenReading taken) {
        return Mistaken.of(state, taken)
                .map(m -> m.string() == taken.string()
                        ? "It would fit a reading made so: " + method(m.method()) + ". "
                        : "It would fit " + string(m.string()) + ". ")
                .orElse("");
    }

    /** What the height screws are known to give; empty where there are none. */
    public String screwPitch() {
        if (!spec.fittings().bridge().screwed()) return "";
        Normal pitch = state.estimate().screwPitch();
        boolean stated = spec.fittings().threadPitch() != 0;
        String how = stated && !threadMisfits()
                ? ", as stated"
                : stated || pitch.sd() < KNOWN * pitch.mean() ? ", learned" : ", usual, not learned yet";
        return units.saddle().showWithUnit(pitch.mean()) + " per turn" + how;
    }

    /** Where the screws give clearly something else than the thread that is stated. */
    public Optional<String> threadDiffers() {
        if (!threadMisfits()) return Optional.empty();
        LengthUnit unit = units.saddle();
        return Optional.of(
                "The height screws give about "
                        + unit.showWithUnit(state.estimate().screwPitch().mean()) + " per turn, not the "
                        + unit.showWithUnit(spec.fittings().threadPitch())
                        + " that is stated. What they give is reckoned with; put the thread right with the instrument's facts.");
    }

    private boolean threadMisfits() {
        double stated = spec.fittings().threadPitch();
        Normal pitch = state.estimate().screwPitch();
        return spec.fittings().bridge().screwed()
                && stated != 0
                && Math.abs(pitch.mean() - stated) > Math.max(MISFIT * stated, 2 * pitch.sd());
    }

    /** What the tool in use is off by, where two tools at one gap have told it. */
    public Optional<String> offBy(Station station, Tool tool) {
        return offBy(tool, state.estimate().offset(tool), unit(station))
                .map(said -> said + " What was read stands as it was read.");
    }

    /** What a tool is off by, where it is known well enough to be spoken of. */
    public static Optional<String> offBy(Tool tool, Normal off, LengthUnit unit) {
        boolean told = off.sd() < OFFSET_TOLD * tool.offset() && Math.abs(off.mean()) > off.sd();
        if (!told || Math.abs(off.mean()) < OFFSET_SEEN) return Optional.empty();
        return Optional.of("The " + tool.label() + " reads about " + unit.showWithUnit(Math.abs(off.mean()))
                + (off.mean() > 0 ? " high" : " low") + ", by what other tools found at the same gaps.");
    }

    public String band(Station station, Band band) {
        LengthUnit unit = unit(station);
        return unit.show(band.low()) + " – " + unit.show(band.high());
    }

    public String method(ReliefHabit habit) {
        GapMethod.Relief m = habit.method();
        String held = habit.board()
                ? "notched straightedge to " + m.heldHigh() + ", gauge at " + m.gaugeFret()
                : "held at " + m.heldLow() + " and " + m.heldHigh() + ", gauge at " + m.gaugeFret();
        return held + (habit.position() == Position.FLAT ? ", flat on the bench" : ", playing position");
    }

    /** Said of a station that the work does not include. */
    public static final String NOT_AGREED = "not part of this job";

    /** Said of a value that was never read. */
    public static final String NOT_READ = "not read";

    /** The line under the station's name: how it stands there. */
    public String note(Station station) {
        if (!state.agreed(station)) return NOT_AGREED;
        List<HeightVerdict> judged = state.strings(station).stream()
                .map(s -> HeightVerdict.of(state, station, s))
                .toList();
        List<Stands> verdicts =
                judged.stream().filter(HeightVerdict::known).map(this::verdict).toList();
        long unread = judged.size() - verdicts.size();
        if (verdicts.isEmpty()) return "not read yet";
        if (unread > 0) return unread + " of " + judged.size() + " not read";
        if (state.left(station)) return "left as it is";
        if (pending(verdicts).isPresent()) return pending(verdicts).get();
        List<HeightVerdict> out = judged.stream().filter(j -> j.outside() != 0).toList();
        long unsure = verdicts.stream().filter(s -> s == Stands.CANNOT_TELL).count();
        if (out.isEmpty()) return unsure == 0 ? "in band" : unsure + " cannot tell";
        if (out.size() == 1 || station == Station.RELIEF) return outside(out.getFirst());
        return out.size() + " of " + judged.size() + " out";
    }

    /** How many verdicts are good, when each is in, high, low, stale or unread. */
    public static String tally(List<Stands> verdicts) {
        long out = verdicts.stream().filter(v -> v != Stands.IN).count();
        return pending(verdicts).orElseGet(() -> out == 0 ? "in band" : out + " of " + verdicts.size() + " out");
    }

    /** What is still to be read before a station can be told. */
    private static Optional<String> pending(List<Stands> verdicts) {
        long unread = verdicts.stream().filter(v -> v == Stands.UNREAD).count();
        if (unread == verdicts.size()) return Optional.of("not read yet");
        if (unread > 0) return Optional.of(unread + " of " + verdicts.size() + " not read");
        long stale = verdicts.stream().filter(v -> v == Stands.STALE).count();
        return stale > 0 ? Optional.of(stale + " to read again") : Optional.empty();
    }

    /** How far outside; what the unit's finest mark does not show is no number. */
    private String outside(HeightVerdict j) {
        if (j.noGap() && j.asRead()) return "no gap";
        double out = j.outside();
        LengthUnit unit = unit(j.station());
        String amount = unit.shows(out) ? unit.showWithUnit(Math.abs(out)) : "barely";
        return amount + (out > 0 ? high(j.station()) : low(j.station()));
    }

    static String high(Station station) {
        return station == Station.RELIEF ? " too much" : " too high";
    }

    static String low(Station station) {
        return station == Station.RELIEF ? " too little" : " too low";
    }

    /** What can be said of a string at a station: in, high, low, cannot-tell, stale or unread. */
    public Stands verdict(HeightVerdict j) {
        if (!j.known()) return Stands.UNREAD;
        if (j.stale()) return Stands.STALE;
        return switch (j.verdict()) {
            case IN -> Stands.IN;
            case HIGH -> Stands.HIGH;
            case LOW -> Stands.LOW;
            case CANNOT_TELL -> Stands.CANNOT_TELL;
        };
    }

    /** The verdict in words. */
    public String verdictText(HeightVerdict j) {
        return switch (verdict(j)) {
            case IN -> "in band";
            case HIGH, LOW -> outside(j);
            case STALE -> "read again";
            case UNREAD -> "not read";
            case CANNOT_TELL -> j.noGap() && j.asRead() ? "no gap; how much is unknown" : "cannot tell";
        };
    }

    /** Why a reading is doubted, in a sentence or two. */
    public String doubt(TakenReading taken) {
        LengthUnit unit = unit(taken.station());
        String what = sentence(quantity(taken.station())) + " of " + string(taken.string()) + ": ";
        if (taken.unturned() != null)
            return what + readWithUnit(taken)
                    + " is what it was before the screws were turned. Were they? If not, undo the turn on the tape.";
        return what + readWithUnit(taken) + " was read, "
                + unit.show(Math.max(0, taken.expected().mean())) + " ± "
                + unit.showWithUnit(taken.expected().sd()) + " was expected. "
                + mixUp(taken)
                + "Check the held frets, the gauge fret, the unit, the pitch and the position.";
    }

    /** What was read, in the unit of its station: the number, or that there was no gap. */
    public String read(TakenReading reading) {
        return gap(reading.reading().gap(), reading.method());
    }

    /** The same with its unit. */
    public String readWithUnit(TakenReading reading) {
        return read(reading) + " " + unit(reading.method()).suffix();
    }

    /** A gap in the unit of its station. */
    String gap(Gap gap, GapMethod method) {
        LengthUnit unit = unit(method);
        return switch (gap) {
            case Gap.Of of -> Evidence.noGap(gap, method) ? "0" : unit.show(of.mm());
            case Gap.Between ignored -> unit.show(gap.shown());
            case Gap.AtLeast least -> "over " + unit.show(least.mm());
            case Gap.AtMost most -> "under " + unit.show(most.mm());
        };
    }
}
