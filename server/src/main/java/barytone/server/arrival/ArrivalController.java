package barytone.server.arrival;

import barytone.core.arrival.Complaint;
import barytone.core.arrival.Condition;
import barytone.core.arrival.ConditionMark;
import barytone.core.arrival.Side;
import barytone.core.arrival.Sign;
import barytone.core.arrival.Spot;
import barytone.core.arrival.SpotLook;
import barytone.core.arrival.SpotState;
import barytone.core.arrival.StringsPlan;
import barytone.core.arrival.Style;
import barytone.core.arrival.Where;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Units;
import barytone.core.strings.Pitch;
import barytone.core.strings.StringSet;
import barytone.server.job.Addition;
import barytone.server.job.JobDesk;
import barytone.server.job.JobView;
import barytone.server.job.OpenedJob;
import barytone.server.web.RequestKey;
import barytone.server.web.Texts;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is said and seen when an instrument is taken in. */
@RestController
@RequestMapping(path = "/api/jobs/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
class ArrivalController {
    private static final int LONGEST_WORDS = 20_000;
    private static final int LONGEST = 200;
    private static final int MOST_MARKS = 100;

    private final JobDesk desk;

    ArrivalController(JobDesk desk) {
        this.desk = desk;
    }

    /**
     * What hurts, whole: it takes the place of what was said before.
     *
     * @param words the player's own; may be empty
     * @param strings which ones hurt, 1 is the highest
     * @param capo the fret at which a capo is put as a rule; null without one
     * @param like what it is to be like; may be empty
     */
    record HurtTyped(
            long after,
            @RequestKey String key,
            String words,
            List<Sign> signs,
            List<Where> where,
            List<Integer> strings,
            List<Style> styles,
            @Nullable Integer capo,
            @Nullable String like)
            implements Addition {}

    /**
     * Something that is seen.
     *
     * @param x along the drawing from the head, 0 to 1
     * @param y across it, 0 to 1
     * @param instead the entry of the mark that it takes the place of; null for a new one
     */
    record MarkTyped(
            long after,
            @RequestKey String key,
            Condition kind,
            Side side,
            double x,
            double y,
            @Nullable String note,
            @Nullable Long instead)
            implements Addition {}

    /** A spot that was looked at. */
    record SpotTyped(
            long after,
            @RequestKey String key,
            Spot spot,
            SpotState state,
            @Nullable String note) implements Addition {}

    /**
     * What is agreed about all damage that is marked.
     *
     * @param how in words; may be empty
     */
    record AgreedTyped(
            long after, @RequestKey String key, @Nullable String how) implements Addition {}

    /**
     * Which strings it is to have.
     *
     * @param set which ones, string 1 first; empty when they stay, or nobody has chosen yet
     * @param tuning another one, lowest string first; empty when it stays
     * @param missing the strings that are not on it
     * @param trial whether what is on it is for trying only
     */
    record StringsTyped(
            long after,
            @RequestKey String key,
            boolean change,
            @Nullable String set,
            @Nullable String tuning,
            @Nullable String age,
            @Nullable String by,
            List<Integer> missing,
            boolean trial)
            implements Addition {}

    /** Says what hurts, and how the instrument is played. */
    @PostMapping("/hurt")
    JobView sayHurt(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody HurtTyped asked) {
        String words = Texts.of("complaint", asked.words(), 0, LONGEST_WORDS);
        String like = optional("like", asked.like());
        return desk.add(id, unit, asked, job -> {
            asked.strings().forEach(job::string);
            if (asked.capo() != null)
                Allowed.whole("capo", asked.capo(), 1, job.state().spec().frets());
            return new JobEvent.HurtSaid(new Complaint(
                    words, asked.signs(), asked.where(), asked.strings(), asked.styles(), asked.capo(), like));
        });
    }

    /** Marks what is seen on the drawing. */
    @PostMapping("/condition")
    JobView markCondition(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody MarkTyped asked) {
        ConditionMark mark =
                new ConditionMark(asked.kind(), asked.side(), asked.x(), asked.y(), optional("note", asked.note()));
        return desk.add(id, unit, asked, job -> {
            int marks = job.state().arrival().marks().size();
            if (asked.instead() != null) marked(job, asked.instead());
            else if (marks >= MOST_MARKS)
                throw Allowed.broken("marks", marks + 1, "at most " + MOST_MARKS + " on one instrument");
            return new JobEvent.ConditionMarked(mark, asked.instead());
        });
    }

    /** Takes a mark off the drawing. */
    @PostMapping("/condition/gone")
    JobView unmarkCondition(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Addition.About asked) {
        return desk.add(id, unit, asked, job -> new JobEvent.ConditionUnmarked(marked(job, asked.event())));
    }

    /** Notes how a spot was found. */
    @PostMapping("/looked")
    JobView noteSpot(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody SpotTyped asked) {
        SpotLook look = new SpotLook(asked.spot(), asked.state(), optional("note", asked.note()));
        return desk.add(id, unit, asked, job -> {
            List<Spot> on = Spot.on(job.state().spec());
            if (!on.contains(look.spot()))
                throw Allowed.broken(
                        "spot",
                        look.spot().label(),
                        String.join(", ", on.stream().map(Spot::label).toList()));
            return new JobEvent.SpotLooked(look);
        });
    }

    /** It is agreed what happens about the damage: rod, saddles and string tension wait no longer. */
    @PostMapping("/damage-agreed")
    JobView agreeDamage(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody AgreedTyped asked) {
        String how = optional("how", asked.how());
        return desk.add(id, unit, asked, job -> {
            List<Long> stopping = List.copyOf(job.state().arrival().stopping().keySet());
            if (stopping.isEmpty()) throw Allowed.broken("damage", "nothing", "damage that stops the job");
            if (how.isEmpty())
                throw Allowed.broken("how", "nothing", "what was agreed about the damage, and how: in a few words");
            return new JobEvent.DamageAgreed(stopping, how);
        });
    }

    /** Says which strings the instrument is to have, and what is on it. */
    @PostMapping("/strings-plan")
    JobView planStrings(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody StringsTyped asked) {
        String set = optional("set", asked.set());
        String tuning = optional("tuning", asked.tuning());
        String age = optional("age", asked.age());
        String by = optional("by", asked.by());
        return desk.add(id, unit, asked, job -> {
            asked.missing().forEach(job::string);
            int all = job.state().spec().strings();
            if (asked.missing().stream().distinct().count() == all)
                throw Allowed.broken("missing", "every string", "at least one string that is on it");
            return new JobEvent.StringsPlanned(new StringsPlan(
                    asked.change(),
                    asked.change() && !set.isEmpty() ? typed(job, set).text() : "",
                    tuning.isEmpty() ? "" : InstrumentSpec.tuningText(tuned(job, tuning)),
                    age,
                    by,
                    asked.missing(),
                    asked.trial()));
        });
    }

    /**
     * What is expected of other strings before they go on.
     *
     * @param set which ones, string 1 first; empty when the gauges stay
     * @param tuning the other tuning, lowest string first; empty when it stays
     */
    @GetMapping("/strings-forecast")
    JobView.StringsForecast foretellStrings(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestParam(defaultValue = "") String set,
            @RequestParam(defaultValue = "") String tuning) {
        OpenedJob job = desk.open(id);
        InstrumentSpec spec = job.state().spec();
        StringSet strings = set.isBlank() ? spec.fittings().strings() : typed(job, optional("set", set));
        List<Pitch> notes = tuning.isBlank() ? spec.tuning() : tuned(job, optional("tuning", tuning));
        return desk.foretold(job, Units.ofCode(unit), strings, notes);
    }

    private static StringSet typed(OpenedJob job, String set) {
        int all = job.state().spec().strings();
        StringSet typed = StringSet.parse(set, all);
        if (typed.strings().size() != all)
            throw Allowed.broken("set", typed.strings().size() + " strings", all + " strings, string 1 first");
        return typed;
    }

    private static List<Pitch> tuned(OpenedJob job, String tuning) {
        InstrumentSpec spec = job.state().spec();
        List<Pitch> notes = InstrumentSpec.parseTuning(tuning, spec.kind());
        if (notes.size() != spec.strings())
            throw Allowed.broken("tuning", notes.size() + " notes", spec.strings() + " notes, the lowest string first");
        return notes;
    }

    private static long marked(OpenedJob job, long event) {
        if (!job.state().arrival().marks().containsKey(event))
            throw Allowed.broken("event", event, "a mark that is on the drawing");
        return event;
    }

    private static String optional(String field, @Nullable String text) {
        return Texts.optional(field, text, LONGEST);
    }
}
