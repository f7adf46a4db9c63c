package barytone.server.station.intonation;

import barytone.core.bridge.Supports;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.intonation.BarrelSplit;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.PlayedWhere;
import barytone.core.intonation.Sounded;
import barytone.core.intonation.StartPositions;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Cents;
import barytone.core.quantity.LengthUnit;
import barytone.core.station.intonation.Intonation;
import barytone.core.station.intonation.Intoned;
import barytone.core.station.intonation.StringAge;
import barytone.core.station.intonation.ToneAdvice;
import barytone.core.station.intonation.Tones;
import barytone.core.station.pickups.PickupState;
import barytone.core.strings.MusicString;
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
import java.util.Optional;

/** What the page shows of the saddles along their strings. */
final class TonePage implements RoomPage {
    /** A string whose last stretch lost less than this is settled, cents. */
    private static final double SETTLED = 3;

    private final JobState state;
    private final InstrumentSpec spec;
    private final Tones tones;
    private final LengthUnit unit;
    private final ToneWords words;
    private final Intonation all;

    TonePage(Shown shown) {
        this.state = shown.state();
        this.spec = state.spec();
        this.tones = Tones.of(state);
        this.unit = shown.words().units().saddle();
        this.words = shown.voices().the(ToneWords.class);
        this.all = Intonation.of(state);
    }

    @Override
    public Map<String, Object> parts() {
        return Map.of("intonation", intonation());
    }

    private IntonationView intonation() {
        List<ToneAdvice.MoveSaddles.Step> steps = all.steps();
        return new IntonationView(
                method(),
                strings().stream().map(s -> row(s, steps)).toList(),
                all.next().map(w -> note(w.string(), w.sounded())).orElse(null),
                warnings(),
                remarks(),
                ways(),
                stringsOn(),
                saddles());
    }

    private List<Integer> strings() {
        return spec.everyString().reversed();
    }

    private String method() {
        List<String> frets = tones.ways().frets().stream().map(String::valueOf).toList();
        return "fret" + (frets.size() > 1 ? "s " : " ") + String.join(", ", frets) + " against the "
                + (tones.againstHarmonic() ? "harmonic" : "open string")
                + (tones.age().provisional() ? ", provisional" : "");
    }

    private IntonationView.NoteView note(int string, Sounded sounded) {
        return new IntonationView.NoteView(
                string, spec.stringName(string), sounded.how(), sounded.fret(), words.note(string, sounded));
    }

    private IntonationView.ToneRow row(int string, List<ToneAdvice.MoveSaddles.Step> steps) {
        Intoned at = all.at(string);
        Optional<ToneAdvice.MoveSaddles.Step> step = steps.stream()
                .filter(s -> s.before().containsKey(string) && !at.stale())
                .findFirst();
        double wanted = step.map(s -> moves(s, string)).orElse(0.0);
        List<Sounded> notes = new ArrayList<>();
        notes.add(Sounded.OPEN);
        for (int fret : tones.ways().frets()) notes.add(Sounded.at(fret));
        notes.add(Sounded.HARMONIC);
        String split = at.errors().size() < 2 ? null : Words.sentence(words.split(at));
        return new IntonationView.ToneRow(
                string,
                spec.stringName(string),
                string == 1 ? "treble" : string == spec.bassString() ? "bass" : "",
                tones.found(string, mainFret()).map(Cents::signed).orElse(null),
                at.read() ? Cents.signed(at.offset()) : null,
                reckoned(at),
                reckoned(at) ? String.format(Locale.ROOT, "%.1f", at.spread(state)) : null,
                verdict(at),
                verdictText(at),
                "± " + Allowed.plain(at.tolerance()),
                at.tolerance(),
                at.errors().stream()
                        .map(e -> new IntonationView.ToneCell(e.fret(), e.now(), Cents.signed(e.now()), at.stale(e)))
                        .toList(),
                step.map(s -> words.shift(s.back(), s.clockwise())).orElse(null),
                at.read() ? Intoned.curve(state, at, 0) : List.of(),
                at.read() && wanted != 0 ? Intoned.curve(state, at, wanted) : List.of(),
                split,
                note(string, typed(string)),
                all.notes(string).stream()
                        .filter(n -> n.how() != Sounded.How.OPEN)
                        .map(n -> note(string, n))
                        .toList(),
                notes.stream().map(n -> note(string, n)).toList());
    }

    /** The fret that stands for the string: 12, or the highest that is read of a shorter board. */
    private int mainFret() {
        List<Integer> frets = tones.ways().frets();
        return frets.contains(12) ? 12 : frets.getLast();
    }

    /** Whether what stands there follows from a move, rather than being what was read. */
    private static boolean reckoned(Intoned at) {
        return at.errors().stream().anyMatch(e -> e.moved() || Math.abs(e.byHeights()) >= 0.05);
    }

    /** The string of its pair that a saddle is set for, when that is another one; what is left of this one is meant so. */
    private Optional<Integer> favoured(int string) {
        if (!spec.fittings().bridge().mechanism().paired()) return Optional.empty();
        Supports along = spec.lengthwise();
        int place = 0;
        for (int j = 0; j < along.size(); j++) {
            List<Integer> strings = along.strings(j);
            if (strings.size() != 2) continue;
            BarrelSplit.Rule rule = tones.ways().pair(place++);
            if (!strings.contains(string)) continue;
            int favoured = switch (rule) {
                case SPLIT -> string;
                case FAVOUR_FIRST -> strings.getFirst();
                case FAVOUR_SECOND -> strings.getLast();
            };
            return favoured == string ? Optional.empty() : Optional.of(favoured);
        }
        return Optional.empty();
    }

    /** The note that a technician who has tuned the open string types next. */
    private Sounded typed(int string) {
        return all.notes(string).stream()
                .filter(n -> n.how() != Sounded.How.OPEN)
                .findFirst()
                .orElse(Sounded.at(mainFret()));
    }

    /** How far back a step moves a string's end; both feet of a floating bridge together. */
    private double moves(ToneAdvice.MoveSaddles.Step step, int string) {
        Intoned at = all.at(string);
        return (step.after().getOrDefault(string, at.offset()) - at.offset()) / at.centsPerMm();
    }

    static Stands verdict(Intoned at) {
        if (!at.read()) return Stands.UNREAD;
        return at.stale() ? Stands.STALE : Stands.by(at.outside());
    }

    private String verdictText(Intoned at) {
        String meant = favoured(at.string())
                .map(f -> ", " + f + " " + spec.stringName(f) + " is favoured")
                .orElse("");
        return switch (verdict(at)) {
            case IN -> "good";
            case HIGH -> "sharp" + meant;
            case LOW -> "flat" + meant;
            case STALE -> "reckoned, sound again";
            default -> "not read";
        };
    }

    private List<String> warnings() {
        List<String> warnings = new ArrayList<>();
        if (tones.age().provisional())
            warnings.add(
                    "Old strings: what is set on them is provisional. The open string is the reference, never the harmonic.");
        for (int s : strings()) {
            if (Intoned.falseString(state, s))
                warnings.add("String " + s + " " + spec.stringName(s) + " may be false or dead: "
                        + Intoned.disagreement(state, s)
                                .map(d -> "its harmonic stands " + Cents.signed(d) + " cents from the open string.")
                                .orElse("its pitch wavers."));
            List<Double> rounds = tones.stretches().getOrDefault(s, List.of());
            if (!rounds.isEmpty() && rounds.getLast() > SETTLED)
                warnings.add("String " + s + " " + spec.stringName(s) + " still gives: "
                        + Cents.signed(-rounds.getLast()) + " cents at the last stretch. Stretch on until it is under "
                        + Allowed.plain(SETTLED) + ".");
        }
        if (PickupState.of(state).lowered())
            warnings.add("The pickups are lowered out of the way: bring them back at the end.");
        return warnings;
    }

    private List<String> remarks() {
        List<String> remarks = new ArrayList<>();
        if (!state.agreed(Station.INTONATION))
            remarks.add("Not part of the work agreed on. What is read here is kept all the same.");
        for (int s : strings()) {
            Intoned at = all.at(s);
            at.errors().stream()
                    .filter(e -> e.fret() == 12 && Math.abs(e.byHeights()) >= 0.2)
                    .forEach(e -> remarks.add("Relief, nut or action moved since " + s + " " + spec.stringName(s)
                            + " was read: that alone makes " + Cents.signed(e.byHeights()) + " cents at 12."));
        }
        if (spec.fittings().bridge().mechanism().paired()) barrels(remarks);
        return remarks;
    }

    /** What a compensated barrel would have to do. */
    private void barrels(List<String> remarks) {
        Supports along = spec.lengthwise();
        List<Double> z = spec.acrossBridge();
        for (int j = 0; j < along.size(); j++) {
            List<Integer> pair = along.strings(j);
            if (pair.size() < 2 || pair.stream().anyMatch(s -> !all.at(s).read())) continue;
            double apart = all.apart(pair);
            if (Math.abs(apart) < 0.1) continue;
            double spacing = Math.abs(z.get(pair.getFirst() - 1) - z.get(pair.getLast() - 1));
            long angle = Math.round(Math.toDegrees(Math.atan2(Math.abs(apart), spacing)));
            remarks.add(Words.sentence(along.names().get(j)) + ": " + spec.stringName(pair.getFirst())
                    + " wants to stand "
                    + unit.showWithUnit(Math.abs(apart)) + (apart > 0 ? " behind " : " before ")
                    + spec.stringName(pair.getLast()) + "; a compensated barrel at " + angle + "° would give it both.");
        }
    }

    private IntonationView.ToneWaysView ways() {
        IntonationWays ways = tones.ways();
        Supports along = spec.lengthwise();
        List<IntonationView.PairView> pairs = new ArrayList<>();
        for (int j = 0; j < along.size(); j++) {
            List<Integer> strings = along.strings(j);
            if (strings.size() != 2 || !spec.fittings().bridge().mechanism().paired()) continue;
            String low = strings.getFirst() + " " + spec.stringName(strings.getFirst());
            String high = strings.getLast() + " " + spec.stringName(strings.getLast());
            boolean read = strings.stream().allMatch(s -> all.at(s).read());
            pairs.add(new IntonationView.PairView(
                    Words.sentence(along.names().get(j)),
                    low,
                    high,
                    ways.pair(pairs.size()),
                    read ? unit.showWithUnit(all.apart(strings)) + " apart" : ""));
        }
        return new IntonationView.ToneWaysView(
                ways.frets(),
                IntonationWays.CHOICES.stream().filter(f -> f <= spec.frets()).toList(),
                ways.where(),
                Arrays.stream(PlayedWhere.values())
                        .map(w -> new IntonationView.WhereChoice(w, w.label(), w.reason()))
                        .toList(),
                ways.reference(),
                ways.tolerances().stream().map(Allowed::plain).toList(),
                pairs,
                Allowed.plain(ways.a4()),
                ways.offsets().stream().allMatch(o -> o == 0)
                        ? ""
                        : String.join(
                                " ",
                                ways.offsets().reversed().stream()
                                        .map(Allowed::plain)
                                        .toList()),
                ways.upToPitch());
    }

    private IntonationView.StringsOnView stringsOn() {
        return new IntonationView.StringsOnView(
                tones.age(),
                Arrays.stream(StringAge.values())
                        .map(a -> new IntonationView.AgeChoice(a, a.label()))
                        .toList(),
                strings().stream().map(this::stretch).toList());
    }

    private IntonationView.StretchView stretch(int string) {
        List<Double> rounds = tones.stretches().getOrDefault(string, List.of());
        return new IntonationView.StretchView(
                string,
                spec.stringName(string),
                rounds.size(),
                rounds.isEmpty() ? null : Cents.signed(-rounds.getLast()),
                !rounds.isEmpty() && rounds.getLast() <= SETTLED);
    }

    private IntonationView.SaddlesView saddles() {
        Supports along = spec.lengthwise();
        List<IntonationView.SaddleView> saddles = new ArrayList<>();
        for (int j = 0; j < along.size(); j++) {
            double moved = tones.moved().get(j);
            Tones.Room room = tones.room().get(j);
            saddles.add(new IntonationView.SaddleView(
                    j,
                    Words.sentence(along.names().get(j)),
                    Math.abs(moved) < 0.005
                            ? "as found"
                            : unit.showWithUnit(Math.abs(moved)) + (moved > 0 ? " back" : " towards the nut")
                                    + " since as found",
                    room == null
                            ? null
                            : unit.showWithUnit(room.forward()) + " towards the nut, " + unit.showWithUnit(room.back())
                                    + " back"));
        }
        return new IntonationView.SaddlesView(
                spec.fittings().bridge().label(),
                spec.fittings().bridge().lengthScrewed(),
                words.screw(),
                tones.clockwiseBack(),
                saddles,
                starts(),
                pattern());
    }

    private List<MusicString> set() {
        return spec.everyString().stream().map(spec::string).toList();
    }

    private List<String> starts() {
        // the two strings of a course share a place
        if (spec.kind().inCourses()) return List.of();
        List<Double> starts = StartPositions.of(set());
        return strings().stream()
                .map(s -> s + " " + spec.stringName(s) + ": "
                        + (starts.get(s - 1) < 0.005
                                ? "at the scale length"
                                : unit.showWithUnit(starts.get(s - 1)) + " beyond it"))
                .toList();
    }

    private List<String> pattern() {
        List<Double> places = tones.places();
        if (places == null) return List.of();
        List<StartPositions.Oddity> odd = StartPositions.odd(set(), places);
        if (odd.isEmpty()) return List.of("The pattern of the saddles is as these strings want it.");
        return odd.stream().map(this::oddity).toList();
    }

    private String oddity(StartPositions.Oddity odd) {
        String where = odd.string() + " " + spec.stringName(odd.string());
        String higher = (odd.string() - 1) + " " + spec.stringName(odd.string() - 1);
        return switch (odd.sign()) {
            case NO_STEP ->
                where + " is the first wound string, and its saddle does not step back towards the nut from " + higher
                        + ": an old string, a worn fret or a wrong gauge?";
            case STEP_TOO_MANY ->
                where + " stands nearer to the nut than " + higher
                        + ", and nothing in the set asks for it: an old string, a worn fret or a wrong gauge?";
            case FAR_BACK ->
                where + " stands much farther back than its gauge wants: an old string, or a nut that is too high?";
        };
    }

    @Override
    public String note() {
        return state.agreed(Station.INTONATION) ? Words.tally(verdicts()) : Words.NOT_AGREED;
    }

    @Override
    public boolean good() {
        return verdicts().stream().allMatch(v -> v == Stands.IN);
    }

    private List<Stands> verdicts() {
        return all.lowestFirst().stream().map(TonePage::verdict).toList();
    }

    @Override
    public List<JobView.ClosingRow> closing() {
        if (!state.agreed(Station.INTONATION) && tones.notes().isEmpty()) return List.of();
        return strings().stream()
                .map(s -> row(s, List.of()))
                .map(TonePage::closing)
                .toList();
    }

    @Override
    public List<HandedOver.Line> onCard() {
        return strings().stream()
                .map(s -> row(s, List.of()))
                .filter(row -> row.found() != null || row.now() != null)
                .map(row -> new HandedOver.Line(
                        "Intonation",
                        "cents",
                        row.string() + " " + row.name(),
                        row.found(),
                        row.now(),
                        row.reckoned(),
                        row.verdict(),
                        row.verdictText()))
                .toList();
    }

    private static JobView.ClosingRow closing(IntonationView.ToneRow row) {
        return new JobView.ClosingRow(
                "Intonation, string " + row.string() + " " + row.name(),
                row.found() == null ? Words.NOT_READ : row.found() + " cents",
                row.now() == null
                        ? Words.NOT_READ
                        : row.reckoned() ? "reckoned " + row.now() + " cents ± " + row.spread() : row.now() + " cents",
                row.reckoned(),
                row.target() + " cents",
                row.verdict(),
                row.verdictText());
    }
}
