package barytone.server.trial;

import barytone.core.arrival.Complaint;
import barytone.core.arrival.Style;
import barytone.core.clearance.BoardSense;
import barytone.core.clearance.ClearanceMap;
import barytone.core.clearance.Crowns;
import barytone.core.clearance.SetupGaps;
import barytone.core.clearance.TargetFinder;
import barytone.core.clearance.WhatIf;
import barytone.core.estimate.SetupModel;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringState;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
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
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What is said of a setup that is tried. */
final class TrialWords {
    /** Less room than this is little, mm. */
    private static final double NEAR = 0.05;

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

    TrialWords(JobState state, Units units, Trial trial) {
        this.state = state;
        this.units = units;
        this.trial = trial;
        this.spec = trial.spec();
        this.words = BuzzWords.of(spec);
        this.unit = units.action();
    }

    TrialView view(int string, int capo, BoardSense sense) {
        TriedSection section = new TriedSection(state, spec, units);
        WhatIf told = trial.notes();
        WhatIf.Tightest tightest = trial.tightest(told, capo);
        boolean clean = !touches(tightest.note());
        return new TrialView(
                gaps(trial.gaps()),
                section.of(string, trial.states().get(string - 1), trial.crowns()),
                List.of(section.column(Station.NUT), section.column(Station.ACTION)),
                told.strings().reversed().stream()
                        .map(s -> string(section, s, capo))
                        .toList(),
                clean,
                clean
                        ? "All rings free; least room: " + where(tightest) + ", " + room(tightest.note())
                        : Words.sentence(where(tightest)) + " " + room(tightest.note()),
                detail(capo),
                sense.handTold()
                        ? String.format(Locale.ROOT, "played with %.1f times a usual force, as heard", sense.hand())
                        : null,
                Stream.of(Station.RELIEF, Station.NUT, Station.ACTION)
                        .filter(s -> state.looks().getOrDefault(s, Map.of()).isEmpty())
                        .map(Station::label)
                        .toList(),
                new TrialView.TriedWith(
                        spec.fittings().strings().text(), spec.tuningText(), spec.boardRadius(), trial.touch()));
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
                notes.stream().map(TrialWords::fits).toList(),
                (least.fret() == 0 ? "open" : "at " + least.fret()) + ": " + room(least),
                touches(least),
                String.format(Locale.ROOT, "%+.0f to %+.0f", Collections.min(cents), Collections.max(cents))
                        .replace('-', '−'));
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

    private static TrialView.Fits fits(ClearanceMap.Note note) {
        return touches(note)
                ? TrialView.Fits.TOUCHES
                : note.margin() < NEAR ? TrialView.Fits.NEAR : TrialView.Fits.FREE;
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
     */
    TrialView.LowestView lowest(double safety, Prices prices) {
        double room = safety * spread();
        TargetFinder found = trial.lowest(state, room);
        Trial level =
                new Trial(spec, trial.gaps(), trial.states(), Crowns.EVEN, trial.touch(), trial.hand(), trial.a4());
        TargetFinder levelled = level.lowest(state, room);
        Map<Integer, List<PlayedNote>> byCrown = new TreeMap<>();
        found.limits().stream()
                .filter(limit -> limit.string() > 0)
                .distinct()
                .forEach(limit -> byCrown.computeIfAbsent(limit.on(), on -> new ArrayList<>())
                        .add(new PlayedNote(limit.string(), limit.fret(), NoteMark.BUZZ, Pluck.NORMAL, false)));
        List<String> stops = byCrown.entrySet().stream()
                .map(e -> Words.within(words.notes(e.getValue())) + " would touch " + e.getKey())
                .toList();
        return new TrialView.LowestView(
                gaps(trial.gapsOf(found)),
                setup(found),
                stops,
                "With the frets levelled: " + setup(levelled) + bought(found, levelled, prices));
    }

    /** The spread of the action under the string that is known worst, mm. */
    private double spread() {
        return spec.everyString().stream()
                .mapToDouble(s -> Math.hypot(
                        state.estimate()
                                        .now(s, new GapMethod.Action(spec.actionFret()))
                                        .sd()
                                / 2,
                        state.estimate()
                                .now(s, SetupModel.standardRelief(spec.bodyJointFret()))
                                .sd()))
                .max()
                .orElse(0);
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
