package barytone.server.height;

import barytone.core.estimate.Band;
import barytone.core.height.HeightVerdict;
import barytone.core.job.JobState;
import barytone.core.job.Look;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.LengthUnit;
import barytone.core.reading.LeafSet;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import barytone.server.job.Bench;
import barytone.server.job.HandedOver;
import barytone.server.job.JobView;
import barytone.server.job.RoomPage;
import barytone.server.job.Shown;
import barytone.server.job.Stands;
import barytone.server.job.Voices;
import barytone.server.job.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a station shows whose gaps lie under the strings. */
public abstract class HeightPage implements RoomPage {
    private static final int LEAVES_SHOWN = 8;

    /** Taller gaps than this are not read with leaves, mm. */
    private static final double LEAF_REACH = 1.2;

    /** Which station it is. */
    protected final Station station;

    /** The job. */
    protected final JobState state;

    /** Its words. */
    protected final Words words;

    /** What the shop has at hand. */
    protected final Bench bench;

    /** What the stations say of the job. */
    protected final Voices voices;

    /** Of its gaps. */
    protected final LengthUnit unit;

    protected HeightPage(Station station, Shown shown) {
        this.station = station;
        this.state = shown.state();
        this.words = shown.words();
        this.bench = shown.bench();
        this.voices = shown.voices();
        this.unit = words.unit(station);
    }

    /**
     * The ledger.
     *
     * @param methods in which it may be read
     * @param remarks under it
     */
    protected final HeightView view(
            List<HeightView.HeightChoice> methods, List<String> remarks, HeightView.HeightTargetView target) {
        GapMethod method = state.method(station);
        return new HeightView(
                station,
                unit.heading(),
                words.method(station),
                new HeightView.HeightHabitView(
                        pressed(method),
                        method.gaugeFret(),
                        state.tool(station).code(),
                        state.position(station) == Position.FLAT),
                methods,
                tools(),
                rows(),
                remarks,
                target);
    }

    /** All its strings, as the ledger has them. */
    protected final List<LedgerRow> rows() {
        return state.strings(station).stream().map(this::row).toList();
    }

    /**
     * What is wanted.
     *
     * @param styles how the player may play, where a school asks for it
     */
    protected final HeightView.HeightTargetView target(
            List<HeightView.HeightSchoolView> schools, List<HeightView.StyleView> styles) {
        List<HeightView.TypedBandView> bands = new ArrayList<>();
        for (int s : state.strings(station).reversed()) {
            Band band = HeightVerdict.band(state, station, s);
            bands.add(new HeightView.TypedBandView(
                    s, state.spec().stringName(s), unit.show(band.low()), unit.show(band.high())));
        }
        return new HeightView.HeightTargetView(
                voices.of(station).school(),
                Words.sentence(voices.of(station).targetLabel()),
                voices.of(station).targetReason(),
                bands,
                schools,
                styles);
    }

    /** That the work does not include it, and that its target is stated for another way of reading. */
    protected final List<String> statedOtherwise(GapMethod stated) {
        List<String> remarks = new ArrayList<>();
        if (!state.agreed(station))
            remarks.add("Not part of the work agreed on. What is read here is kept all the same.");
        if (!stated.equals(state.method(station)))
            remarks.add("The target is stated " + words.method(stated)
                    + "; the bands shown are what that comes to in this way of reading.");
        return remarks;
    }

    /** How good its readings are. */
    protected final List<String> ofTheTool() {
        List<String> remarks = new ArrayList<>();
        Tool tool = state.tool(station);
        // told once, not six times
        if (judged().stream().anyMatch(HeightVerdict::asRead))
            remarks.add("The " + tool.label() + " tells " + unit.showWithUnit(tool.sees())
                    + " at the least; its readings are good to ± " + unit.showWithUnit(tool.spread()) + ".");
        if (state.position(station) == Position.FLAT)
            remarks.add(
                    "Read flat on the bench: the verdict reckons with the neck as it is played. One reading in playing position settles it.");
        words.offBy(station, tool).ifPresent(remarks::add);
        return remarks;
    }

    private List<HeightVerdict> judged() {
        return state.strings(station).stream()
                .map(s -> HeightVerdict.of(state, station, s))
                .toList();
    }

    @Override
    public final String note() {
        return words.note(station);
    }

    /** What cannot be told is no tick. */
    @Override
    public final boolean good() {
        return judged().stream().allMatch(j -> words.verdict(j) == Stands.IN);
    }

    @Override
    public final List<JobView.ClosingRow> closing() {
        boolean any = state.strings(station).stream()
                .anyMatch(s -> state.look(station, s).isPresent());
        return state.agreed(station) || any
                ? state.strings(station).stream().map(this::closing).toList()
                : List.of();
    }

    @Override
    public final List<HandedOver.Line> onCard() {
        return state.strings(station).stream()
                .filter(s -> state.look(station, s).isPresent()
                        || state.found(station, s).isPresent())
                .map(this::row)
                .map(row -> new HandedOver.Line(
                        station.label(),
                        unit.heading(),
                        row.string() + " " + row.name(),
                        row.found(),
                        row.now(),
                        row.reckoned(),
                        row.verdict(),
                        row.verdictText()))
                .toList();
    }

    @Override
    public final Optional<String> asRead() {
        return state.agreed(station)
                ? Optional.of(station.label() + " as " + words.method(station) + ".")
                : Optional.empty();
    }

    private JobView.ClosingRow closing(int string) {
        HeightVerdict judged = HeightVerdict.of(state, station, string);
        LedgerRow row = row(string);
        String suffix = " " + unit.suffix();
        String reckoned = row.now() == null
                ? "not read since it was moved"
                : "reckoned " + row.now() + suffix + " ± " + row.spread()
                        + (row.note() == null ? "" : ", " + row.note());
        return new JobView.ClosingRow(
                station.label() + ", string " + string + " " + row.name(),
                row.found() == null
                        ? Words.NOT_READ
                        : row.found() + suffix + (row.foundBy() == null ? "" : ", " + row.foundBy()),
                !judged.known() ? Words.NOT_READ : row.reckoned() ? reckoned : row.now() + suffix,
                row.reckoned(),
                row.target() + suffix,
                row.verdict(),
                state.left(station) ? "left as it is, by choice" : row.verdictText());
    }

    private static int pressed(GapMethod method) {
        return switch (method) {
            case GapMethod.NutPressed m -> m.heldFret();
            case GapMethod.ActionCapo ignored -> 1;
            case GapMethod.NutOpen ignored -> 0;
            case GapMethod.Action ignored -> 0;
            case GapMethod.Relief ignored -> 0;
        };
    }

    /** The shop's ways of measuring first, finest first; then the others. */
    protected final List<ToolChoice> tools() {
        Toolkit owned = bench.tools();
        return Arrays.stream(Tool.values())
                .sorted(Comparator.comparing((Tool t) -> !owned.measuring().contains(t))
                        .thenComparingDouble(Tool::spread))
                .map(t -> new ToolChoice(
                        t.code(),
                        t.label() + (owned.measuring().contains(t) ? "" : ", not among the shop's tools"),
                        "± " + unit.showWithUnit(t.spread())))
                .toList();
    }

    /** One string of a ledger. */
    private LedgerRow row(int string) {
        HeightVerdict judged = HeightVerdict.of(state, station, string);
        String side = string == 1 ? "treble" : string == state.spec().bassString() ? "bass" : "";
        Optional<TakenReading> found = state.found(station, string);
        return new LedgerRow(
                string,
                state.spec().stringName(string),
                side,
                found.map(words::read).orElse(null),
                found.filter(f -> !f.method().equals(judged.method()))
                        .map(f -> words.method(f.method()))
                        .orElse(null),
                now(judged),
                judged.known() && !judged.asRead(),
                note(judged),
                judged.known() && !judged.asRead() && !judged.noGap()
                        ? unit.show(judged.reckoned().sd())
                        : null,
                words.verdict(judged),
                words.verdictText(judged),
                words.band(station, judged.band()),
                leaves(judged.value().mean()),
                state.doubt(station, string).map(this::doubt).orElse(null));
    }

    private LedgerRow.DoubtView doubt(TakenReading taken) {
        return new LedgerRow.DoubtView(taken.seq(), words.readWithUnit(taken), words.doubt(taken), taken.unturned());
    }

    /** What was read while it stands, else what is reckoned; null while nothing is known. */
    @Nullable
    String now(HeightVerdict judged) {
        if (!judged.known()) return null;
        Look look = judged.look();
        if (judged.asRead() && look != null) return words.read(look.reading());
        // what was read as no gap and has moved since is not known at all
        if (judged.noGap()) return null;
        return unit.show(judged.reckoned().mean());
    }

    /** What stands beside it: the reading before the move or by another way; or what is reckoned when that differs by what the tool can see. */
    private @Nullable String note(HeightVerdict judged) {
        Look look = judged.look();
        if (look == null) return judged.between() ? "between the outer strings" : null;
        TakenReading read = look.reading();
        if (judged.asRead()) {
            if (judged.noGap()) return null;
            double off = judged.reckoned().mean() - read.mm();
            return Math.abs(off) <= Math.max(read.sees(), read.evidence().sd())
                    ? null
                    : "reckoned " + unit.show(judged.reckoned().mean()) + " ± "
                            + unit.show(judged.reckoned().sd());
        }
        if (look.stands())
            return "read " + words.read(read) + ", " + words.method(read.method())
                    + (read.reading().position() == Position.FLAT ? ", flat on the bench" : "");
        return "read " + words.read(read) + " before the last move";
    }

    private List<LedgerRow.LeafView> leaves(double expected) {
        LeafSet owned = bench.tools().leaves();
        LengthUnit leafUnit = words.units().gauge();
        if (expected > LEAF_REACH || owned.sizes().isEmpty()) return List.of();
        return owned.around(expected, LEAVES_SHOWN).stream()
                .map(mm -> new LedgerRow.LeafView(mm, leafUnit.show(mm), leafUnit.heading()))
                .toList();
    }
}
