package barytone.server.scratch;

import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthTextException;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reads and shows many lengths at once for a page that has fields and results of its own. */
@RestController
@RequestMapping(path = "/api/lengths", produces = MediaType.APPLICATION_JSON_VALUE)
class LengthsController {
    private static final int MOST = 200;

    record ReadAsked(List<String> texts, String unit) {}

    /** A length in mm, or why the text is none. */
    record ReadTold(@Nullable Double mm, @Nullable String trouble) {}

    /** Reads lengths as they were typed. */
    @PostMapping("/read")
    List<ReadTold> readLengths(@RequestBody ReadAsked asked) {
        LengthUnit unit = LengthUnit.ofCode(asked.unit());
        Allowed.whole("texts", asked.texts().size(), 0, MOST);
        return asked.texts().stream().map(text -> read(text, unit)).toList();
    }

    private static ReadTold read(String text, LengthUnit unit) {
        try {
            return new ReadTold(Length.parse(text, unit).mm(), null);
        } catch (LengthTextException e) {
            return new ReadTold(null, e.getMessage());
        }
    }

    /** @param turns numbers of turns, shown to the nearest sixteenth */
    record ShowAsked(List<Double> lengths, List<Double> turns, String unit) {}

    record ShowTold(List<String> lengths, List<String> turns) {}

    /** Shows lengths in a unit. */
    @PostMapping("/show")
    ShowTold showLengths(@RequestBody ShowAsked asked) {
        LengthUnit unit = LengthUnit.ofCode(asked.unit());
        Allowed.whole("lengths", asked.lengths().size(), 0, MOST);
        Allowed.whole("turns", asked.turns().size(), 0, MOST);
        asked.lengths().forEach(mm -> Allowed.number("lengths", mm, -1e6, 1e6, "mm"));
        asked.turns().forEach(t -> Allowed.number("turns", t, -100, 100, "turns"));
        return new ShowTold(
                asked.lengths().stream().map(unit::show).toList(),
                asked.turns().stream().map(t -> spoken(Turns.nearest(t))).toList());
    }

    private static String spoken(Turns turns) {
        return (turns.sixteenths() < 0 ? "−" : "") + turns.amount();
    }
}
