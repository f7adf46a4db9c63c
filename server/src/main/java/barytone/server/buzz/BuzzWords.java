package barytone.server.buzz;

import barytone.core.buzz.BuzzMap;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.NextTest;
import barytone.core.buzz.Place;
import barytone.core.buzz.Reason;
import barytone.core.buzz.Span;
import barytone.core.buzz.Suspect;
import barytone.core.buzz.TestResult;
import barytone.core.clearance.Bends;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The hunt in words. */
public final class BuzzWords {
    /** More groups of notes than this are counted, not listed. */
    private static final int LISTED = 3;

    /** A number stays with its word. */
    private static final String AT = " at\u00a0";

    private final IntFunction<String> name;
    private final int strings;

    /** Words about an instrument; a string that it does not have, since its facts were corrected, is told by its number. */
    public static BuzzWords of(InstrumentSpec spec) {
        return new BuzzWords(
                spec.strings(),
                string -> string <= spec.strings() ? string + " " + spec.stringName(string) : String.valueOf(string));
    }

    /**
     * Words about a board.
     *
     * @param name of a string as it is spoken with its number, for instance 4 D
     */
    private BuzzWords(int strings, IntFunction<String> name) {
        this.strings = strings;
        this.name = name;
    }

    /** A string as it is spoken of. */
    public String string(int string) {
        return name.apply(string);
    }

    /** A note as it is spoken of. */
    public String note(int string, int fret) {
        return fret == 0 ? "open " + name.apply(string) : name.apply(string) + AT + fret;
    }

    /** A cause with where it sits. */
    public String title(Suspect suspect) {
        Place place = suspect.place();
        String title = suspect.cause().title();
        if (place.fret() > 0 && place.string() > 0)
            return title + ": " + place.fret() + " under " + name.apply(place.string());
        if (place.fret() > 0)
            return title + ": " + place.fret()
                    + (place.span() == Span.ALL ? "" : ", " + place.span().label());
        if (place.string() > 0) return title + ": " + name.apply(place.string());
        return place.span() == Span.ALL ? title : title + ": " + place.span().label();
    }

    /** What is done next, and where. */
    public String next(NextTest next) {
        return next.test().title() + where(next.string(), next.fret());
    }

    /** A test that was made, with what it showed. */
    public String tested(TestResult result) {
        return result.test().title() + where(result.string(), result.fret()) + ": "
                + result.outcome().label();
    }

    private String where(@Nullable Integer string, @Nullable Integer fret) {
        if (string != null && fret != null) return ", " + name.apply(string) + AT + fret;
        if (string != null) return ", " + name.apply(string);
        return fret == null ? "" : "," + AT + fret;
    }

    /** What speaks for a suspect and against it, a sentence each. */
    public List<String> because(Suspect suspect) {
        return suspect.because().stream().map(this::sentence).toList();
    }

    private String sentence(Reason reason) {
        return switch (reason) {
            case Reason.Explains r -> explains(r);
            case Reason.RingsClean r ->
                "But " + notes(r.notes()) + (r.notes().size() == 1 ? " rings clean." : " ring clean.");
            case Reason.ComesFrom r -> "The noise comes from " + place(r) + ".";
            case Reason.Said r -> "The player hears it " + region(r.region()) + ".";
            case Reason.Found r -> (r.speaksFor() ? "" : "But ") + found(r.known(), r.speaksFor()) + ".";
            case Reason.Tested r -> (r.speaksFor() ? "" : "But ") + tested(r.result()) + ".";
        };
    }

    private static String place(Reason.ComesFrom reason) {
        return switch (reason.zone()) {
            case BEHIND_NUT -> "behind the nut";
            case INSIDE_NECK -> "inside the neck";
            case NEAR_PICKUPS -> "near the pickups";
            case AT_BRIDGE -> "the bridge";
            case BODY -> "the body";
        };
    }

    private String explains(Reason.Explains reason) {
        String all = reason.notes().size() == reason.heard()
                ? (reason.heard() == 1 ? " alone" : ", all that is heard")
                : ", " + reason.notes().size() + " of the " + reason.heard() + " that sound wrong";
        String told = notes(reason.notes());
        return capital(told + all + ".");
    }

    private String region(BuzzMap.Region region) {
        String on = region.strings().size() == strings
                ? "on all strings"
                : "on " + region.strings().stream().map(name::apply).collect(Collectors.joining(", "));
        if (region.fromFret() == 0 && region.toFret() == 0) return on + ", open";
        return region.fromFret() == 0 ? on : on + " at " + region.fromFret() + " to " + region.toFret();
    }

    private String found(Findings known, boolean speaksFor) {
        String start = speaksFor ? "The " : "the ";
        if (known.relief() != null)
            return start + "relief is "
                    + switch (known.relief()) {
                        case BACK_BOW -> "a back-bow";
                        case LOW -> "low";
                        case OK -> "as it should be";
                        case HIGH -> "high";
                    };
        if (known.action() != null) return start + "action is " + level(known.action());
        for (Map.Entry<Integer, Findings.Level> nut : known.nut().entrySet())
            return start + "gap over 1 of " + name.apply(nut.getKey()) + ", pressed, is " + level(nut.getValue());
        if (known.humidity() != null) return start + "humidity is " + Math.round(known.humidity()) + " %";
        if (known.stringAgeDays() != null)
            return start + "strings are " + known.stringAgeDays() + (known.stringAgeDays() == 1 ? " day" : " days")
                    + " old";
        String hint = known.hints().stream().map(Hint::label).collect(Collectors.joining(", "));
        return speaksFor ? capital(hint) : hint;
    }

    private static String level(Findings.Level level) {
        return switch (level) {
            case LOW -> "low";
            case OK -> "as it should be";
            case HIGH -> "high";
        };
    }

    /** Notes as they are spoken: open 4 D; 7 and 8 on all strings. */
    public String notes(List<PlayedNote> notes) {
        return at(notes.stream().map(n -> new At(n.string(), n.fret())).toList());
    }

    /**
     * A place on the board.
     *
     * @param fret 0 is the open string
     */
    public record At(int string, int fret) {}

    /** Places as they are spoken: all strings at 8. */
    public String at(List<At> notes) {
        Map<Integer, Set<Integer>> byString = new TreeMap<>(Comparator.reverseOrder());
        Map<Integer, Set<Integer>> byFret = new TreeMap<>();
        for (At note : notes) {
            byString.computeIfAbsent(note.string(), s -> new TreeSet<>()).add(note.fret());
            byFret.computeIfAbsent(note.fret(), f -> new TreeSet<>(Comparator.reverseOrder()))
                    .add(note.string());
        }
        Map<Set<Integer>, Set<Integer>> stringsByFrets = alike(byString);
        Map<Set<Integer>, Set<Integer>> fretsByStrings = alike(byFret);
        boolean across = fretsByStrings.size() <= stringsByFrets.size();
        if (Math.min(fretsByStrings.size(), stringsByFrets.size()) > LISTED) {
            int count = byString.values().stream().mapToInt(Set::size).sum();
            return count + " notes on " + names(byString.keySet());
        }
        Stream<String> told = across
                ? fretsByStrings.entrySet().stream().map(e -> group(e.getValue(), e.getKey()))
                : stringsByFrets.entrySet().stream().map(e -> group(e.getKey(), e.getValue()));
        return told.collect(Collectors.joining("; "));
    }

    /** Those that have the same, together. */
    private static Map<Set<Integer>, Set<Integer>> alike(Map<Integer, Set<Integer>> each) {
        Map<Set<Integer>, Set<Integer>> together = new LinkedHashMap<>();
        each.forEach((one, has) ->
                together.computeIfAbsent(has, h -> new LinkedHashSet<>()).add(one));
        return together;
    }

    private String names(Set<Integer> on) {
        return on.size() == strings
                ? "all strings"
                : on.stream().map(name::apply).collect(Collectors.joining(", "));
    }

    /** Where bends choke, string by string. */
    public List<String> bends(List<Bends.Choke> chokes) {
        Map<Integer, List<String>> byString = new TreeMap<>();
        for (Bends.Choke c : chokes)
            byString.computeIfAbsent(c.string(), s -> new ArrayList<>())
                    .add((c.semitones() == 1 ? "one semitone" : "two semitones") + " from " + c.fret() + ", on "
                            + c.on());
        return byString.entrySet().stream()
                .map(e -> name.apply(e.getKey()) + ": " + String.join("; ", e.getValue()))
                .toList();
    }

    /** How notes sound, those together that sound alike: all strings at 8 buzz; open 4 D is dead, amplified. */
    public String heard(List<PlayedNote> notes) {
        Map<String, List<PlayedNote>> alike = new LinkedHashMap<>();
        for (PlayedNote note : notes)
            alike.computeIfAbsent(note.mark() + how(note), m -> new ArrayList<>())
                    .add(note);
        return alike.values().stream()
                .map(same -> notes(same) + " "
                        + (same.size() == 1
                                ? same.getFirst().mark().label()
                                : same.getFirst().mark().several())
                        + how(same.getFirst()))
                .collect(Collectors.joining("; "));
    }

    private static String how(PlayedNote note) {
        return (note.pluck() == Pluck.NORMAL ? "" : ", played " + note.pluck().label())
                + (note.plugged() ? ", amplified" : "");
    }

    private String group(Set<Integer> frets, Set<Integer> on) {
        return frets.equals(Set.of(0)) ? "open " + names(on) : names(on) + " at " + ranges(frets);
    }

    private static String ranges(Set<Integer> frets) {
        List<String> ranges = new ArrayList<>();
        List<Integer> sorted = frets.stream().sorted().toList();
        int from = 0;
        for (int i = 1; i <= sorted.size(); i++)
            if (i == sorted.size() || sorted.get(i) != sorted.get(i - 1) + 1) {
                String first = fret(sorted.get(from));
                ranges.add(
                        i - from == 1
                                ? first
                                : i - from == 2
                                        ? first + ", " + sorted.get(i - 1)
                                        : first + " to " + sorted.get(i - 1));
                from = i;
            }
        return String.join(", ", ranges);
    }

    private static String fret(int fret) {
        return fret == 0 ? "open" : String.valueOf(fret);
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
