package barytone.server.station.pickups;

import barytone.core.estimate.Band;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupSign;
import barytone.core.pickup.PickupTarget;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Cents;
import barytone.core.quantity.LengthUnit;
import barytone.core.station.pickups.PickupAdvisor;
import barytone.core.station.pickups.PickupState;
import barytone.server.job.HandedOver;
import barytone.server.job.JobView;
import barytone.server.job.RoomPage;
import barytone.server.job.Shown;
import barytone.server.job.Stands;
import barytone.server.job.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** What the page shows of the pickups. */
final class PickupPage implements RoomPage {
    /** A difference in loudness worth a word, dB. */
    private static final double UNEVEN = 1.5;

    private final JobState state;
    private final InstrumentSpec spec;
    private final LengthUnit unit;

    PickupPage(Shown shown) {
        this.state = shown.state();
        this.spec = state.spec();
        this.unit = shown.words().units().pickups();
    }

    @Override
    public Map<String, Object> parts() {
        return Map.of("pickups", view());
    }

    private PickupsView view() {
        List<PickupsView.PickupView> views = new ArrayList<>();
        for (int p = 0; p < spec.fittings().pickups().size(); p++) views.add(pickup(p));
        List<String> remarks = new ArrayList<>();
        if (!views.isEmpty() && !state.agreed(Station.PICKUPS))
            remarks.add("Not part of the work agreed on. What is read here is kept all the same.");
        if (views.isEmpty())
            remarks.add("No pickups are on record for this instrument. They are added under its facts.");
        return new PickupsView(
                unit.heading(),
                "pressed at fret " + spec.frets() + ", string underside to pole or cover",
                views,
                PickupState.of(state).lowered(),
                unit.showWithUnit(PickupState.of(state).perTurn()) + " per turn"
                        + (PickupState.of(state).learned() ? ", learned" : ", usual, not learned yet"),
                Arrays.stream(PickupSign.values())
                        .map(s -> new PickupsView.SignView(s, s.label(), s.remedy()))
                        .toList(),
                new PickupsView.PickupTargetView(
                        typed(state.chosen().the(PickupTarget.class).usualBass()),
                        typed(state.chosen().the(PickupTarget.class).usualTreble()),
                        typed(state.chosen().the(PickupTarget.class).strongBass()),
                        typed(state.chosen().the(PickupTarget.class).strongTreble())),
                remarks);
    }

    private PickupsView.TypedGap typed(Band band) {
        return new PickupsView.TypedGap(unit.show(band.low()), unit.show(band.high()));
    }

    private PickupsView.PickupView pickup(int p) {
        Pickup pickup = spec.fittings().pickups().get(p);
        Map<Integer, Double> balance = PickupAdvisor.balance(state, p);
        return new PickupsView.PickupView(
                p,
                Words.sentence(pickup.place().label()),
                pickup.kind().label() + ", " + pickup.mounting().label() + "; clockwise "
                        + (pickup.mounting().clockwiseRaises() ? "raises" : "lowers"),
                List.of(gap(p, Pickup.Side.BASS), gap(p, Pickup.Side.TREBLE)),
                PickupState.of(state).signs().getOrDefault(p, List.of()),
                spec.everyString().reversed().stream()
                        .map(s -> new PickupsView.LevelView(s, spec.stringName(s), db(balance.get(s))))
                        .toList(),
                louder(p, pickup, balance));
    }

    private static @Nullable String db(@Nullable Double value) {
        return value == null ? null : Cents.signed(value);
    }

    PickupsView.GapRow gap(int p, Pickup.Side side) {
        var gap = PickupState.of(state).gap(p, side).orElse(null);
        var wanted = PickupAdvisor.band(state, p, side);
        int string = side == Pickup.Side.BASS ? spec.bassString() : 1;
        double outside = gap == null ? 0 : wanted.outside(gap.now());
        boolean stale = gap != null && gap.stale();
        boolean reckoned = gap != null && (Math.abs(gap.moved()) >= 0.01 || gap.lowered());
        Double found = gap == null ? null : gap.found();
        return new PickupsView.GapRow(
                side,
                (side == Pickup.Side.BASS ? "Bass side, under " : "Treble side, under ") + string + " "
                        + spec.stringName(string),
                found == null ? null : unit.show(found),
                gap == null ? null : unit.show(gap.now()),
                reckoned,
                reckoned && gap != null ? unit.show(PickupState.of(state).spread(gap)) : null,
                reckoned && gap != null ? "read " + unit.show(gap.read()) + " before the last move" : null,
                unit.show(wanted.low()) + " – " + unit.show(wanted.high()),
                gap == null ? Stands.UNREAD : stale ? Stands.STALE : Stands.by(outside),
                gap == null
                        ? "not read"
                        : stale
                                ? "read again"
                                : outside == 0
                                        ? "in band"
                                        : unit.show(Math.abs(outside)) + (outside > 0 ? " too far" : " too near"));
    }

    /** Which way to turn for an even loudness. */
    private List<String> louder(int p, Pickup pickup, Map<Integer, Double> balance) {
        List<String> said = new ArrayList<>();
        PickupAdvisor.tilt(state, p).ifPresent(tilt -> {
            if (Math.abs(tilt) < UNEVEN) said.add("Bass and treble are even within " + Allowed.plain(UNEVEN) + " dB.");
            else
                said.add((tilt > 0 ? "Bass" : "Treble") + " is louder by "
                        + Cents.signed(Math.abs(tilt)).substring(1) + " dB: lower that side ("
                        + (pickup.mounting().clockwiseRaises() ? "anticlockwise" : "clockwise")
                        + ") or raise the other.");
        });
        balance.forEach((string, db) -> {
            if (Math.abs(db) >= 2 * UNEVEN)
                said.add(string + " " + spec.stringName(string) + " stands out by " + Cents.signed(db)
                        + " dB: its pole, or its place over the pickup.");
        });
        for (int other = 0; other < p; other++) {
            OptionalDouble there = PickupAdvisor.level(state, other);
            OptionalDouble here = PickupAdvisor.level(state, p);
            if (there.isEmpty() || here.isEmpty()) continue;
            double louder = here.getAsDouble() - there.getAsDouble();
            if (Math.abs(louder) >= UNEVEN)
                said.add("It is " + Cents.signed(Math.abs(louder)).substring(1) + " dB "
                        + (louder > 0 ? "louder" : "quieter") + " than the "
                        + spec.fittings().pickups().get(other).place().label() + ": "
                        + (louder > 0 ? "lower it, or raise the other." : "raise it, or lower the other."));
        }
        return said;
    }

    private List<PickupsView.GapRow> gaps() {
        List<PickupsView.GapRow> gaps = new ArrayList<>();
        for (int p = 0; p < spec.fittings().pickups().size(); p++)
            for (Pickup.Side side : Pickup.Side.values()) gaps.add(gap(p, side));
        return gaps;
    }

    @Override
    public String note() {
        if (spec.fittings().pickups().isEmpty()) return "none on record";
        if (!state.agreed(Station.PICKUPS)) return Words.NOT_AGREED;
        if (PickupState.of(state).lowered()) return "lowered for the setup";
        return Words.tally(gaps().stream().map(PickupsView.GapRow::verdict).toList());
    }

    @Override
    public boolean good() {
        return !gaps().isEmpty() && gaps().stream().allMatch(g -> g.verdict() == Stands.IN);
    }

    @Override
    public List<JobView.ClosingRow> closing() {
        if (!state.agreed(Station.PICKUPS) && PickupState.of(state).gaps().isEmpty()) return List.of();
        List<JobView.ClosingRow> rows = new ArrayList<>();
        for (int p = 0; p < spec.fittings().pickups().size(); p++)
            for (Pickup.Side side : Pickup.Side.values()) rows.add(closing(p, gap(p, side)));
        return rows;
    }

    @Override
    public List<HandedOver.Line> onCard() {
        List<HandedOver.Line> lines = new ArrayList<>();
        for (int p = 0; p < spec.fittings().pickups().size(); p++)
            for (Pickup.Side side : Pickup.Side.values()) {
                PickupsView.GapRow gap = gap(p, side);
                if (gap.found() == null && gap.now() == null) continue;
                lines.add(new HandedOver.Line(
                        Words.sentence(spec.fittings().pickups().get(p).place().label()),
                        unit.heading(),
                        side.name().toLowerCase(Locale.ROOT),
                        gap.found(),
                        gap.now(),
                        gap.reckoned(),
                        gap.verdict(),
                        gap.verdictText()));
            }
        return lines;
    }

    private JobView.ClosingRow closing(int pickup, PickupsView.GapRow gap) {
        return new JobView.ClosingRow(
                Words.sentence(spec.fittings().pickups().get(pickup).place().label()) + ", "
                        + Words.within(gap.label()),
                gap.found() == null ? Words.NOT_READ : gap.found() + " " + unit.suffix(),
                gap.now() == null
                        ? Words.NOT_READ
                        : gap.reckoned()
                                ? "reckoned " + gap.now() + " " + unit.suffix() + " ± " + gap.spread()
                                : gap.now() + " " + unit.suffix(),
                gap.reckoned(),
                gap.target() + " " + unit.suffix(),
                gap.verdict(),
                gap.verdictText());
    }
}
