package barytone.server.job;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.Supports;
import barytone.core.estimate.Band;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.PlayedWhere;
import barytone.core.intonation.Sounded;
import barytone.core.intonation.StartPositions;
import barytone.core.joblog.JobState;
import barytone.core.joblog.StringAge;
import barytone.core.joblog.Tones;
import barytone.core.neck.Allowed;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupSign;
import barytone.core.plan.Advice;
import barytone.core.plan.IntonationAdvisor;
import barytone.core.plan.Intoned;
import barytone.core.plan.PickupAdvisor;
import barytone.core.plan.Station;
import barytone.core.quantity.Cents;
import barytone.core.quantity.LengthUnit;
import barytone.core.strings.MusicString;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Puts the intonation and pickup stations of a job into the form that the page draws. */
final class ToneViewer {
    /** A string whose last stretch lost less than this is settled, cents. */
    private static final double SETTLED = 3;

    /** A difference in loudness worth a word, dB. */
    private static final double UNEVEN = 1.5;

    private final JobState state;
    private final InstrumentSpec spec;
    private final Tones tones;
    private final LengthUnit unit;
    private final ToneWords words;

    ToneViewer(JobState state, LengthUnit unit, ToneWords words) {
        this.state = state;
        this.spec = state.spec();
        this.tones = state.tones();
        this.unit = unit;
        this.words = words;
    }

    ToneViews.IntonationView intonation() {
        List<Advice.MoveSaddles.Step> steps = IntonationAdvisor.steps(state);
        return new ToneViews.IntonationView(
                method(),
                strings().stream().map(s -> row(s, steps)).toList(),
                IntonationAdvisor.nextNote(state)
                        .map(w -> note(w.string(), w.sounded()))
                        .orElse(null),
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
        boolean harmonic = tones.ways().reference() == IntonationWays.Reference.HARMONIC
                && !tones.age().provisional();
        return "fret" + (frets.size() > 1 ? "s " : " ") + String.join(", ", frets) + " against the "
                + (harmonic ? "harmonic" : "open string")
                + (tones.age().provisional() ? ", provisional" : "");
    }

    private ToneViews.NoteView note(int string, Sounded sounded) {
        return new ToneViews.NoteView(
                string, spec.stringName(string), sounded.how(), sounded.fret(), words.note(string, sounded));
    }

    private ToneViews.ToneRow row(int string, List<Advice.MoveSaddles.Step> steps) {
        Intoned at = Intoned.of(state, string);
        Optional<Advice.MoveSaddles.Step> step = steps.stream()
                .filter(s -> s.before().containsKey(string) && !at.stale())
                .findFirst();
        double wanted = step.map(s -> moves(s, string)).orElse(0.0);
        List<Sounded> notes = new ArrayList<>();
        notes.add(Sounded.OPEN);
        for (int fret : tones.ways().frets()) notes.add(Sounded.at(fret));
        notes.add(Sounded.HARMONIC);
        String split = at.errors().size() < 2 ? null : Words.sentence(words.split(at));
        return new ToneViews.ToneRow(
                string,
                spec.stringName(string),
                string == 1 ? "treble" : string == spec.bassString() ? "bass" : "",
                tones.found(string, 12).map(Cents::signed).orElse(null),
                at.read() ? Cents.signed(at.offset()) : null,
                verdict(at),
                verdictText(at),
                "± " + Allowed.plain(at.tolerance()),
                at.tolerance(),
                at.errors().stream()
                        .map(e -> new ToneViews.ToneCell(e.fret(), e.now(), Cents.signed(e.now()), at.stale(e)))
                        .toList(),
                step.map(s -> words.shift(s.back(), s.clockwise())).orElse(null),
                at.read() ? Intoned.curve(state, at, 0) : List.of(),
                at.read() && wanted != 0 ? Intoned.curve(state, at, wanted) : List.of(),
                split,
                note(string, typed(string)),
                notes.stream().map(n -> note(string, n)).toList());
    }

    /** The note that a technician who has tuned the open string types next. */
    private Sounded typed(int string) {
        return IntonationAdvisor.notes(state, string).stream()
                .filter(n -> n.how() != Sounded.How.OPEN)
                .findFirst()
                .orElse(Sounded.at(12));
    }

    /** How far back a step moves a string's end; both feet of a floating bridge together. */
    private double moves(Advice.MoveSaddles.Step step, int string) {
        Intoned at = Intoned.of(state, string);
        double offset = at.offset();
        return offset == 0
                ? step.back()
                : at.saddleBack() * (offset - step.after().getOrDefault(string, offset)) / offset;
    }

    static String verdict(Intoned at) {
        if (!at.read()) return "unread";
        if (at.stale()) return "stale";
        return at.outside() == 0 ? "in" : at.outside() > 0 ? "high" : "low";
    }

    private static String verdictText(Intoned at) {
        return switch (verdict(at)) {
            case "in" -> "good";
            case "high" -> "sharp";
            case "low" -> "flat";
            case "stale" -> "expected, sound again";
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
        if (state.pickups().lowered())
            warnings.add("The pickups are lowered out of the way: bring them back at the end.");
        return warnings;
    }

    private List<String> remarks() {
        List<String> remarks = new ArrayList<>();
        if (!state.agreed(Station.INTONATION))
            remarks.add("Not part of the work agreed on. What is read here is kept all the same.");
        for (int s : strings()) {
            Intoned at = Intoned.of(state, s);
            at.errors().stream()
                    .filter(e -> e.fret() == 12 && Math.abs(e.byHeights()) >= 0.2)
                    .forEach(e -> remarks.add("Relief, nut or action moved since " + s + " " + spec.stringName(s)
                            + " was read: that alone makes " + Cents.signed(e.byHeights()) + " cents at 12."));
        }
        if (spec.fittings().bridge() == BridgeKind.BARRELS) barrels(remarks);
        return remarks;
    }

    /** What a compensated barrel would have to do. */
    private void barrels(List<String> remarks) {
        Supports along = spec.lengthwise();
        List<Double> z = spec.acrossBridge();
        for (int j = 0; j < along.size(); j++) {
            List<Integer> pair = along.strings(j);
            if (pair.size() < 2
                    || pair.stream().anyMatch(s -> !Intoned.of(state, s).read())) continue;
            double apart = IntonationAdvisor.wantedOffset(state, pair);
            if (Math.abs(apart) < 0.1) continue;
            double spacing = Math.abs(z.get(pair.getFirst() - 1) - z.get(pair.getLast() - 1));
            long angle = Math.round(Math.toDegrees(Math.atan2(Math.abs(apart), spacing)));
            remarks.add(Words.sentence(along.names().get(j)) + ": " + spec.stringName(pair.getFirst())
                    + " wants to stand "
                    + unit.showWithUnit(Math.abs(apart)) + (apart > 0 ? " behind " : " before ")
                    + spec.stringName(pair.getLast()) + "; a compensated barrel at " + angle + "° would give it both.");
        }
    }

    private ToneViews.ToneWaysView ways() {
        IntonationWays ways = tones.ways();
        Supports along = spec.lengthwise();
        List<ToneViews.PairView> pairs = new ArrayList<>();
        for (int j = 0; j < along.size(); j++) {
            List<Integer> strings = along.strings(j);
            if (strings.size() != 2 || spec.fittings().bridge() == BridgeKind.FLOATING) continue;
            String low = strings.getFirst() + " " + spec.stringName(strings.getFirst());
            String high = strings.getLast() + " " + spec.stringName(strings.getLast());
            boolean read = strings.stream().allMatch(s -> Intoned.of(state, s).read());
            pairs.add(new ToneViews.PairView(
                    Words.sentence(along.names().get(j)),
                    low,
                    high,
                    ways.pair(pairs.size()),
                    read ? unit.showWithUnit(IntonationAdvisor.wantedOffset(state, strings)) + " apart" : ""));
        }
        return new ToneViews.ToneWaysView(
                ways.frets(),
                IntonationWays.CHOICES.stream().filter(f -> f <= spec.frets()).toList(),
                ways.where(),
                Arrays.stream(PlayedWhere.values())
                        .map(w -> new ToneViews.WhereChoice(w, w.label(), w.reason()))
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

    private ToneViews.StringsOnView stringsOn() {
        return new ToneViews.StringsOnView(
                tones.age(),
                Arrays.stream(StringAge.values())
                        .map(a -> new ToneViews.AgeChoice(a, a.label()))
                        .toList(),
                strings().stream().map(this::stretch).toList());
    }

    private ToneViews.StretchView stretch(int string) {
        List<Double> rounds = tones.stretches().getOrDefault(string, List.of());
        return new ToneViews.StretchView(
                string,
                spec.stringName(string),
                rounds.size(),
                rounds.isEmpty() ? null : Cents.signed(-rounds.getLast()),
                !rounds.isEmpty() && rounds.getLast() <= SETTLED);
    }

    private ToneViews.SaddlesView saddles() {
        Supports along = spec.lengthwise();
        List<ToneViews.SaddleView> saddles = new ArrayList<>();
        for (int j = 0; j < along.size(); j++) {
            double moved = tones.moved().get(j);
            Tones.Room room = tones.room().get(j);
            saddles.add(new ToneViews.SaddleView(
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
        return new ToneViews.SaddlesView(
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

    ToneViews.PickupsView pickups() {
        List<ToneViews.PickupView> views = new ArrayList<>();
        for (int p = 0; p < spec.fittings().pickups().size(); p++) views.add(pickup(p));
        List<String> remarks = new ArrayList<>();
        if (!views.isEmpty() && !state.agreed(Station.PICKUPS))
            remarks.add("Not part of the work agreed on. What is read here is kept all the same.");
        if (views.isEmpty())
            remarks.add("No pickups are on record for this instrument. They are added under its facts.");
        return new ToneViews.PickupsView(
                "pressed at fret " + spec.frets() + ", string underside to pole or cover",
                views,
                state.pickups().lowered(),
                unit.showWithUnit(state.pickups().perTurn()) + " per turn"
                        + (state.pickups().learned() ? ", learned" : ", usual, not learned yet"),
                Arrays.stream(PickupSign.values())
                        .map(s -> new ToneViews.SignView(s, s.label(), s.remedy()))
                        .toList(),
                new ToneViews.PickupTargetView(
                        typed(state.chosen().pickups().usualBass()),
                        typed(state.chosen().pickups().usualTreble()),
                        typed(state.chosen().pickups().strongBass()),
                        typed(state.chosen().pickups().strongTreble())),
                remarks);
    }

    private ToneViews.TypedGap typed(Band band) {
        return new ToneViews.TypedGap(unit.show(band.low()), unit.show(band.high()));
    }

    private ToneViews.PickupView pickup(int p) {
        Pickup pickup = spec.fittings().pickups().get(p);
        Map<Integer, Double> balance = PickupAdvisor.balance(state, p);
        return new ToneViews.PickupView(
                p,
                Words.sentence(pickup.place().label()),
                pickup.kind().label() + ", " + pickup.mounting().label() + "; clockwise "
                        + (pickup.mounting().clockwiseRaises() ? "raises" : "lowers"),
                List.of(gap(p, Pickup.Side.BASS), gap(p, Pickup.Side.TREBLE)),
                state.pickups().signs().getOrDefault(p, List.of()),
                strings().stream()
                        .map(s -> new ToneViews.LevelView(s, spec.stringName(s), db(balance.get(s))))
                        .toList(),
                louder(p, pickup, balance));
    }

    private static @Nullable String db(@Nullable Double value) {
        return value == null ? null : Cents.signed(value);
    }

    ToneViews.GapRow gap(int p, Pickup.Side side) {
        var gap = state.pickups().gap(p, side).orElse(null);
        var wanted = PickupAdvisor.band(state, p, side);
        int string = side == Pickup.Side.BASS ? spec.bassString() : 1;
        double outside = gap == null ? 0 : wanted.outside(gap.now());
        boolean stale = gap != null && gap.stale();
        Double found = gap == null ? null : gap.found();
        return new ToneViews.GapRow(
                side,
                (side == Pickup.Side.BASS ? "Bass side, under " : "Treble side, under ") + string + " "
                        + spec.stringName(string),
                found == null ? null : unit.show(found),
                gap == null ? null : unit.show(gap.now()),
                unit.show(wanted.low()) + " – " + unit.show(wanted.high()),
                gap == null ? "unread" : stale ? "stale" : outside == 0 ? "in" : outside > 0 ? "high" : "low",
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

    /** The line under the station's name. */
    String note(Station station) {
        if (station == Station.PICKUPS && spec.fittings().pickups().isEmpty()) return "none on record";
        if (!state.agreed(station)) return "not part of this job";
        if (station == Station.PICKUPS) {
            if (state.pickups().lowered()) return "lowered for the setup";
            List<ToneViews.GapRow> gaps =
                    pickups().pickups().stream().flatMap(p -> p.gaps().stream()).toList();
            return count(gaps.stream().map(ToneViews.GapRow::verdict).toList());
        }
        return count(strings().stream().map(s -> verdict(Intoned.of(state, s))).toList());
    }

    private static String count(List<String> verdicts) {
        long unread = verdicts.stream().filter("unread"::equals).count();
        if (unread == verdicts.size()) return "not read yet";
        if (unread > 0) return unread + " of " + verdicts.size() + " not read";
        long stale = verdicts.stream().filter("stale"::equals).count();
        if (stale > 0) return stale + " to read again";
        long out = verdicts.stream().filter(v -> !v.equals("in")).count();
        return out == 0 ? "in band" : out + " of " + verdicts.size() + " out";
    }

    /** Whether a station stands as it shall. */
    boolean good(Station station) {
        return note(station).equals("in band");
    }

    List<JobView.ClosingRow> closing(Station station) {
        List<JobView.ClosingRow> rows = new ArrayList<>();
        if (station == Station.INTONATION)
            for (ToneViews.ToneRow row :
                    strings().stream().map(s -> row(s, List.of())).toList())
                rows.add(new JobView.ClosingRow(
                        "Intonation, string " + row.string() + " " + row.name(),
                        row.found() == null ? "not read" : row.found() + " cents",
                        row.now() == null
                                ? "not read"
                                : row.now() + " cents" + (row.verdict().equals("stale") ? ", predicted" : ""),
                        row.target() + " cents",
                        row.verdict()));
        else
            for (ToneViews.PickupView pickup : pickups().pickups())
                for (ToneViews.GapRow gap : pickup.gaps())
                    rows.add(new JobView.ClosingRow(
                            pickup.label() + ", " + gap.label(),
                            gap.found() == null ? "not read" : gap.found() + " " + unit.suffix(),
                            gap.now() == null ? "not read" : gap.now() + " " + unit.suffix(),
                            gap.target() + " " + unit.suffix(),
                            gap.verdict()));
        return rows;
    }
}
