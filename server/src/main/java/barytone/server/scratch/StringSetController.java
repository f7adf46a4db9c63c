package barytone.server.scratch;

import barytone.core.estimate.Normal;
import barytone.core.estimate.Priors;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import barytone.core.strings.Pitch;
import barytone.core.strings.StringSet;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The shop's sets of strings, and what a set pulls in a tuning. */
@RestController
@RequestMapping(path = "/api/string-sets", produces = MediaType.APPLICATION_JSON_VALUE)
class StringSetController {
    private final StringSets sets;

    StringSetController(StringSets sets) {
        this.sets = sets;
    }

    /**
     * A set of the shop.
     *
     * @param gauges string 1 first, thou; w nickel, s steel, b bronze, n nylon
     */
    record SetView(long id, String name, String gauges, int strings) {}

    record SetAsked(String name, String gauges) {}

    /** The shop's string sets. */
    @GetMapping
    List<SetView> stringSets() {
        return sets.all();
    }

    /** Adds a set. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SetView addStringSet(@RequestBody SetAsked asked) {
        return sets.add(asked);
    }

    /** Changes a set. */
    @PutMapping("/{id}")
    SetView changeStringSet(@PathVariable long id, @RequestBody SetAsked asked) {
        return sets.change(id, asked);
    }

    /** Removes a set. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeStringSet(@PathVariable long id) {
        sets.remove(id);
    }

    /**
     * A set in a tuning, compared with another.
     *
     * @param gauges string 1 first
     * @param tuning lowest string first
     * @param beforeGauges the set that comes off, when one is compared; null for none
     * @param beforeTuning the tuning before; null when it stays
     * @param scaleLength any length text; a bare number is mm
     * @param reference pitch of A4 in Hz; 440 when null
     */
    record PullAsked(
            String gauges,
            String tuning,
            String scaleLength,
            @Nullable String beforeGauges,
            @Nullable String beforeTuning,
            @Nullable Double reference) {}

    record StringPull(int string, String note, String gauge, double frequency, double newtons) {}

    /**
     * What the set pulls.
     *
     * @param reliefChange expected change of relief in mm, held at 1 and body joint, for the change of total tension
     * @param reliefSd its standard deviation
     */
    record Pull(
            List<StringPull> strings,
            double total,
            @Nullable Double beforeTotal,
            @Nullable Double reliefChange,
            @Nullable Double reliefSd) {}

    /** What a set pulls on a neck, string by string. */
    @PostMapping("/pull")
    Pull sumPull(@RequestBody PullAsked asked) {
        double reference = asked.reference() == null ? 440 : asked.reference();
        double scale = Length.parse(asked.scaleLength(), LengthUnit.MM).mm();
        StringSet set = StringSet.parse(asked.gauges());
        List<Pitch> tuning = tuning(asked.tuning(), set);
        List<Double> tensions = set.tensions(tuning, scale, reference);
        String[] gauges = set.text().split(" ");
        List<StringPull> strings = new ArrayList<>();
        for (int i = 0; i < tensions.size(); i++)
            strings.add(new StringPull(
                    i + 1, tuning.get(i).toString(), gauges[i], tuning.get(i).frequency(reference), tensions.get(i)));
        double total = set.totalTension(tuning, scale, reference);
        if (asked.beforeGauges() == null && asked.beforeTuning() == null)
            return new Pull(strings, total, null, null, null);
        StringSet before = asked.beforeGauges() == null ? set : StringSet.parse(asked.beforeGauges());
        List<Pitch> beforeTuning = asked.beforeTuning() == null ? tuning : tuning(asked.beforeTuning(), before);
        double beforeTotal = before.totalTension(beforeTuning, scale, reference);
        Normal change = Priors.usual(Priors.USUAL_ROD, 1.8).reliefPerNewton().times(total - beforeTotal);
        return new Pull(strings, total, beforeTotal, change.mean(), change.sd());
    }

    /** Octaves that are not typed are those of the kind of instrument that such a set is for. */
    private static List<Pitch> tuning(String text, StringSet set) {
        boolean thick = set.strings().getLast().diameter() > 2;
        InstrumentKind like = switch (set.strings().size()) {
            case 4 -> InstrumentKind.BASS_4;
            case 5 -> InstrumentKind.BASS_5;
            case 8 -> InstrumentKind.MANDOLIN;
            case 12 -> InstrumentKind.TWELVE_STRING;
            default -> thick ? InstrumentKind.BASS_6 : InstrumentKind.ELECTRIC;
        };
        return InstrumentSpec.parseTuning(text, like);
    }
}
