package barytone.core.station.nut;

import barytone.core.estimate.Move;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.Fit;
import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Progress;
import barytone.core.job.RoomReplay;
import barytone.core.job.Setups;
import barytone.core.job.Station;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** What was seen of the slots, and whether a repair will not last. */
final class NutReplay implements RoomReplay {
    private final InstrumentSpec spec;
    private final Fit fit;
    private final Map<Integer, List<SlotFlaw>> slots = new TreeMap<>();
    private final Map<Integer, Integer> strokes = new TreeMap<>();
    private boolean temporary;

    NutReplay(InstrumentSpec spec) {
        this.spec = spec;
        this.fit = new Fit(spec);
    }

    @Override
    public boolean fits(JobEvent event) {
        return switch (event) {
            case NutEvent.SlotsFiled e -> e.slots().stream().allMatch(f -> f.string() <= spec.strings());
            case NutEvent.NutTargetSet e ->
                e.target().bands().size() == spec.strings()
                        && fit.onTheBoard(e.target().method());
            default -> true;
        };
    }

    @Override
    public void play(LoggedEvent logged, Progress job) {
        if (!(logged.event() instanceof NutEvent event)) return;
        switch (event) {
            case NutEvent.SlotChecked e -> slots.put(e.string(), e.flaws());
            case NutEvent.NutReworked e -> {
                temporary |= e.way().temporary();
                strokes.keySet().removeAll(e.strings());
            }
            case NutEvent.SlotsFiled e -> e.slots().forEach(f -> strokes.put(f.string(), f.strokes()));
            case NutEvent.NutTargetSet ignored -> {}
        }
    }

    @Override
    public void uncounted(List<Integer> strings, Progress job) {
        job.move(new Move.SlotsUnknown(strings));
        job.touched(Station.ACTION, strings);
        job.touched(Station.NUT, strings);
    }

    /** Where no gap was found nobody knows how much is missing: a file's bite does not follow from it. */
    @Override
    public Optional<Move> unknown(List<Integer> strings) {
        return Optional.of(new Move.SlotsUnknown(strings));
    }

    @Override
    public NutState state(Setups setups) {
        return new NutState(slots, strokes, temporary);
    }
}
