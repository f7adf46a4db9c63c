package barytone.server.trial;

import barytone.core.arrival.Complaint;
import barytone.core.arrival.Style;
import barytone.core.clearance.Bends;
import barytone.core.clearance.BoardSense;
import barytone.core.clearance.ClearanceMap;
import barytone.core.clearance.RoomSpread;
import barytone.core.clearance.SetupGaps;
import barytone.core.clearance.TargetFinder;
import barytone.core.clearance.WhatIf;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.StringState;
import barytone.core.quantity.Cents;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Units;
import barytone.core.trial.Trial;
import barytone.server.buzz.BuzzWords;
import barytone.server.job.Stands;
import barytone.server.job.TriedSection;
import barytone.server.job.Words;
import barytone.server.shop.Prices;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What is said of a setup that is tried. */
final class TrialWords {
    /** A note that misses by less just rings, mm: no number shows it. */
    private static final double JUST = 0.005;

    private static final String SLIDE =
            "Played with a slide: 0.6 to 0.8 mm over 1 at the open nut, by its slots or by a raiser laid over it. ";

    private static final String FRET_JOB = "Frets levelled and crowned";

    private final JobState state;
    private final Units units;
    private final Trial trial;
    private final InstrumentSpec spec;
    private final BuzzWords words;
    private final LengthUnit unit;
    private final double[] spread;

    TrialWords(JobState state, Units units, Trial trial) {
        this.state = state;
        this.units = units;
        this.trial = trial;
        this.spec = trial.spec();
        this.words = BuzzWords.of(spec);
        this.unit = units.action();
        this.spread = RoomSpread.of(state.spec(), state.estimate());
    }

    TrialView view(int string, int capo, BoardSense sense) {
        TriedSection section = new TriedSection(state, spec, units);
        WhatIf told = trial.notes();
        WhatIf.Tightest tightest = trial.tightest(told, capo);
        boolean clean = !touches(tightest.note());
        return new TrialView(
                gaps(trial.gaps()),
                section.of(string, trial.states().get(string - 1)),
                List.of(section.column(Station.NUT), section.column(Station.ACTION)),
                told.strings().reversed().stream()
                        .map(s -> string(section, s, capo))
                        .toList(),
                trial.crowns().heights().entrySet().stream()
                        .map(e -> new TrialView.TriedCrown(e.getKey(), e.getValue() > 0, e.getValue()))
                        .toList(),
                new TrialView.OpensBy(
                        trial.opens(string).nut(), trial.opens(string).action()),
                bends(),
                clean,
                clean
                        ? "All rings free; least room: " + where(tightest) + ", " + room(tightest.note())
                        : Words.sentence(where(tightest)) + " " + room(tightest.note()),
                detail(capo),
                sense.handTold()
                        ? String.format(Locale.ROOT, "played with %.1f times a usual force, as heard", sense.hand())
                        : null,
                Stream.of(Station.RELIEF, Station.NUT, Station.ACTION)
                        .filter(s -> !state.read(s))
                        .map(Station::label)
                        .toList(),
                new TrialView.TriedWith(
                        spec.fittings().strings().text(units.gauge()),
                        units.gauge().heading(),
                        spec.tuningText(),
                        spec.radiusText(),
                        trial.touch()));
    }

    private String bends() {
        List<String> chokes = words.bends(Bends.of(spec, trial.states(), trial.a4()));
        return chokes.isEmpty()
                ? "Bends of up to two semitones ring from 5 up."
                : "Bends choke: " + String.join(". ", chokes) + ".";
    }

    private String where(WhatIf.Tightest tightest) {
        return words.note(tightest.string(), tightest.note().fret());
    }

    private String detail(int capo) {
        Complaint complaint = state.arrival().complaint();
        return (complaint != null && complaint.styles().contains(Style.SLIDE) ? SLIDE : "")
                + (capo > 0 ? "With a capo at " + capo + ". " : "")
                + "By the geometry of strings at rest and the swing of a pluck; a real one may touch a few hundredths of a millimetre sooner.";
    }

    private TrialView.TriedString string(TriedSection section, WhatIf.Told told, int capo) {
        int s = told.string();
        StringState tried = trial.states().get(s - 1);
        StringState now = state.estimate().likely(s);
        List<ClearanceMap.Note> notes =
                told.notes().stream().filter(n -> n.fret() >= capo).toList();
        ClearanceMap.Note least = notes.stream()
                .min(Comparator.comparingDouble(ClearanceMap.Note::margin))
                .orElseThrow();
        double open = told.cents().get(capo);
        List<Double> cents = told.cents().subList(capo + 1, told.cents().size()).stream()
                .map(c -> c - (capo == 0 ? 0 : open))
                .toList();
        return new TrialView.TriedString(
                s,
                words.string(s),
                text(section.gap(Station.NUT, s, tried)),
                text(section.gap(Station.NUT, s, now)),
                stands(section.stands(Station.NUT, s, tried)),
                text(section.gap(Station.ACTION, s, tried)),
                text(section.gap(Station.ACTION, s, now)),
                stands(section.stands(Station.ACTION, s, tried)),
                notes.stream().map(n -> fits(n, spread[s - 1])).toList(),
                (least.fret() == 0 ? "open" : "at " + least.fret()) + ": " + room(least),
                touches(least),
                Cents.signedWhole(Collections.min(cents)) + " to " + Cents.signedWhole(Collections.max(cents)));
    }

    private static String text(@Nullable String gap) {
        return Objects.requireNonNullElse(gap, "–");
    }

    private static Stands stands(@Nullable Stands stands) {
        return Objects.requireNonNullElse(stands, Stands.UNREAD);
    }

    private static boolean touches(ClearanceMap.Note note) {
        return note.margin() < -JUST;
    }

    private static TrialView.Fits fits(ClearanceMap.Note note, double sd) {
        return touches(note) ? TrialView.Fits.TOUCHES : note.margin() < sd ? TrialView.Fits.NEAR : TrialView.Fits.FREE;
    }

    private String room(ClearanceMap.Note note) {
        return touches(note)
                ? "touches " + note.hits() + " by " + unit.showWithUnit(-note.margin())
                : unit.showWithUnit(Math.max(0, note.margin())) + " over " + note.hits();
    }

    private static TrialView.TriedGaps gaps(SetupGaps gaps) {
        return new TrialView.TriedGaps(gaps.reliefBass(), gaps.reliefTreble(), gaps.nut(), gaps.action());
    }

    /**
     * How low it could go.
     *
     * @param safety in spreads of what is not known of the heights
     * @param wanted not lower than what is wanted of the action
     */
    TrialView.LowestView lowest(double safety, boolean wanted, Prices prices) {
        TargetFinder found = wanted ? trial.lowestWanted(state, safety) : trial.lowest(state, safety);
        TargetFinder levelled = trial.levelled().lowest(state, safety);
        Map<Integer, List<BuzzWords.At>> byCrown = new TreeMap<>();
        found.limits().stream()
                .filter(limit -> limit.string() > 0)
                .distinct()
                .forEach(limit -> byCrown.computeIfAbsent(limit.on(), on -> new ArrayList<>())
                        .add(new BuzzWords.At(limit.string(), limit.fret())));
        List<String> stops = byCrown.entrySet().stream()
                .map(e -> Words.within(words.at(e.getValue())) + " would touch " + e.getKey())
                .toList();
        return new TrialView.LowestView(
                gaps(trial.gapsOf(found)),
                setup(found),
                stops,
                held(found),
                "With the frets levelled: " + setup(levelled) + bought(found, levelled, prices));
    }

    /** How it stands to what is wanted of the action. */
    private @Nullable String held(TargetFinder found) {
        List<Integer> under = trial.underWanted(state, found).reversed();
        if (!under.isEmpty())
            return "Lower than is wanted of the action: "
                    + under.stream().map(words::string).collect(Collectors.joining(", ")) + ".";
        List<Integer> held = spec.everyString().reversed().stream()
                .filter(s -> found.limits().get(s - 1).string() == 0)
                .toList();
        return held.isEmpty()
                ? null
                : "Could ring lower than is wanted: "
                        + held.stream().map(words::string).collect(Collectors.joining(", ")) + ".";
    }

    private String setup(TargetFinder found) {
        return "relief " + units.relief().showWithUnit(found.relief()) + ", action "
                + unit.show(found.actions().getLast()) + " to "
                + unit.showWithUnit(found.actions().getFirst()) + " at " + spec.actionFret();
    }

    private String bought(TargetFinder found, TargetFinder levelled, Prices prices) {
        double lower = found.actions().getLast() - levelled.actions().getLast();
        String price = prices.services().stream()
                .filter(s -> s.text().equals(FRET_JOB) && s.price() > 0)
                .map(s -> ", for " + prices.money().show(s.price()))
                .findFirst()
                .orElse("");
        return lower < 0.005
                ? "; it would buy nothing here."
                : "; it would buy " + unit.showWithUnit(lower) + " under the lowest string" + price + ".";
    }
}
