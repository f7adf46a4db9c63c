package barytone.core.quantity;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The units that a bench speaks in, each quantity in its own: relief and nut in thou beside an action in 64ths is one way among many.
 *
 * @param relief of relief
 * @param nut of nut heights
 * @param action of action
 * @param saddle of what is done at the saddle: sanding, shims, how far it goes along and up
 * @param pickups of pickup gaps
 * @param gauge of strings and files, which are sold in thou or mm
 * @param radius of boards and radius gauges
 * @param tension of strings
 */
public record Units(
        LengthUnit relief,
        LengthUnit nut,
        LengthUnit action,
        LengthUnit saddle,
        LengthUnit pickups,
        LengthUnit gauge,
        LengthUnit radius,
        TensionUnit tension) {
    /** Millimetres for everything. */
    public static final Units MM = new Units(
            LengthUnit.MM,
            LengthUnit.MM,
            LengthUnit.MM,
            LengthUnit.MM,
            LengthUnit.MM,
            LengthUnit.MM,
            LengthUnit.MM,
            TensionUnit.N);

    private static final String ALLOWED =
            "mm, thou, in64 or in32 for everything, or several like relief=thou,action=in64 with the quantities relief, nut, action, saddle, pickups, gauge and radius, or tension=lb";

    /** Everything in one unit, but for what nobody measures in it: relief and nut slots are under a 64th, a radius is no number of thou. */
    public static Units all(LengthUnit unit) {
        if (unit == LengthUnit.MM) return MM;
        LengthUnit fine = unit == LengthUnit.IN64 || unit == LengthUnit.IN32 ? LengthUnit.THOU : unit;
        return new Units(fine, fine, unit, unit, unit, LengthUnit.THOU, LengthUnit.INCH, TensionUnit.N);
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
            String unit = part.substring(equals + 1);
            String quantity = part.substring(0, equals);
            units = quantity.equals("tension")
                    ? units.in(TensionUnit.ofCode(unit))
                    : units.with(quantity, LengthUnit.ofCode(unit));
        }
        return units;
    }

    private Units with(String quantity, LengthUnit unit) {
        return switch (quantity) {
            case "relief" -> new Units(unit, nut, action, saddle, pickups, gauge, radius, tension);
            case "nut" -> new Units(relief, unit, action, saddle, pickups, gauge, radius, tension);
            // the saddle goes with the action until it is given one of its own, after it
            case "action" -> new Units(relief, nut, unit, unit, pickups, gauge, radius, tension);
            case "saddle" -> new Units(relief, nut, action, unit, pickups, gauge, radius, tension);
            case "pickups" -> new Units(relief, nut, action, saddle, unit, gauge, radius, tension);
            case "gauge" -> new Units(relief, nut, action, saddle, pickups, unit, radius, tension);
            case "radius" -> new Units(relief, nut, action, saddle, pickups, gauge, unit, tension);
            default -> throw new NotAllowedException("unit of “" + quantity + "” is not known; allowed are " + ALLOWED);
        };
    }

    private Units in(TensionUnit unit) {
        return new Units(relief, nut, action, saddle, pickups, gauge, radius, unit);
    }

    /** The text that {@link #ofCode} reads. */
    public String code() {
        for (LengthUnit unit : LengthUnit.values()) if (all(unit).equals(this)) return unit.code();
        Map<String, LengthUnit> each = new LinkedHashMap<>();
        each.put("relief", relief);
        each.put("nut", nut);
        each.put("action", action);
        each.put("saddle", saddle);
        each.put("pickups", pickups);
        each.put("gauge", gauge);
        each.put("radius", radius);
        return each.entrySet().stream()
                        .map(e -> e.getKey() + "=" + e.getValue().code())
                        .collect(Collectors.joining(","))
                + ",tension=" + tension.code();
    }
}
