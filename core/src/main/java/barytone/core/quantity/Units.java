package barytone.core.quantity;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The units that a bench speaks in, each quantity in its own: relief and nut in thou beside an action in 64ths is one way among many.
 *
 * @param relief of relief
 * @param nut of nut heights
 * @param action of action, and of what is done at the saddle for it
 * @param pickups of pickup gaps
 * @param gauge of strings and files, which are sold in thou or mm
 * @param radius of boards and radius gauges
 */
public record Units(
        LengthUnit relief, LengthUnit nut, LengthUnit action, LengthUnit pickups, LengthUnit gauge, LengthUnit radius) {
    /** Millimetres for everything. */
    public static final Units MM =
            new Units(LengthUnit.MM, LengthUnit.MM, LengthUnit.MM, LengthUnit.MM, LengthUnit.MM, LengthUnit.MM);

    private static final String ALLOWED =
            "mm, thou, in64 or in32 for everything, or several like relief=thou,action=in64 with the quantities relief, nut, action, pickups, gauge and radius";

    /** Everything in one unit, but for what nobody measures in it: relief and nut slots are under a 64th, a radius is no number of thou. */
    public static Units all(LengthUnit unit) {
        if (unit == LengthUnit.MM) return MM;
        LengthUnit fine = unit == LengthUnit.IN64 || unit == LengthUnit.IN32 ? LengthUnit.THOU : unit;
        return new Units(fine, fine, unit, unit, LengthUnit.THOU, LengthUnit.INCH);
    }

    /**
     * Reads {@code mm}, {@code thou}, {@code in64}, or single quantities after one of them or without: {@code in64,relief=mm}.
     *
     * @throws IllegalArgumentException for anything else; the message lists what is allowed
     */
    public static Units ofCode(String code) {
        Units units = MM;
        for (String part : code.split(",", -1)) {
            int equals = part.indexOf('=');
            if (equals < 0) {
                units = all(LengthUnit.ofCode(part));
                continue;
            }
            LengthUnit unit = LengthUnit.ofCode(part.substring(equals + 1));
            units = units.with(part.substring(0, equals), unit);
        }
        return units;
    }

    private Units with(String quantity, LengthUnit unit) {
        return switch (quantity) {
            case "relief" -> new Units(unit, nut, action, pickups, gauge, radius);
            case "nut" -> new Units(relief, unit, action, pickups, gauge, radius);
            case "action" -> new Units(relief, nut, unit, pickups, gauge, radius);
            case "pickups" -> new Units(relief, nut, action, unit, gauge, radius);
            case "gauge" -> new Units(relief, nut, action, pickups, unit, radius);
            case "radius" -> new Units(relief, nut, action, pickups, gauge, unit);
            default -> throw new NotAllowedException("unit of “" + quantity + "” is not known; allowed are " + ALLOWED);
        };
    }

    /** The text that {@link #ofCode} reads. */
    public String code() {
        for (LengthUnit unit : LengthUnit.values()) if (all(unit).equals(this)) return unit.code();
        Map<String, LengthUnit> each = new LinkedHashMap<>();
        each.put("relief", relief);
        each.put("nut", nut);
        each.put("action", action);
        each.put("pickups", pickups);
        each.put("gauge", gauge);
        each.put("radius", radius);
        return each.entrySet().stream()
                .map(e -> e.getKey() + "=" + e.getValue().code())
                .collect(Collectors.joining(","));
    }
}
