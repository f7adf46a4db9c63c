package barytone.server.shop;

import barytone.core.estimate.Band;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Units;
import barytone.core.reading.OwnedTool;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.nut.NutSchool;
import barytone.core.station.relief.ReliefSchool;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Tools and schools of the shop over HTTP; every length is text in the unit asked for. */
@RestController
@RequestMapping(path = "/api/shop", produces = MediaType.APPLICATION_JSON_VALUE)
class ShopController {
    private static final int MOST_TOOLS = 300;

    private final Shop shop;

    ShopController(Shop shop) {
        this.shop = shop;
    }

    /**
     * The tools of the shop.
     *
     * @param measures what heights can be measured with, finest first, in words
     */
    record ToolsView(
            long version, List<ToolView> tools, List<ToolKindView> kinds, List<String> states, List<String> measures) {}

    /**
     * A tool.
     *
     * @param size as typed, in the unit of its kind
     * @param mm the size as it is kept; sent back with a size that was not typed anew, so that looking at a tool in another unit does not change it
     */
    record ToolView(
            OwnedTool.Kind kind,
            String name,
            String size,
            OwnedTool.State state,
            @Nullable Double mm) {}

    /** A kind of tool, with the unit in which its size is spoken. */
    record ToolKindView(OwnedTool.Kind kind, String label, boolean sized, String suffix) {}

    /** The tools as they shall be, with the version that was seen. */
    record ToolsAsked(long version, List<ToolView> tools) {}

    /** The tools of the shop, with what each can see. */
    @GetMapping("/tools")
    ToolsView tools(@RequestParam(defaultValue = "mm") String unit) {
        return tools(Units.ofCode(unit));
    }

    /** Keeps the tools of the shop. */
    @PutMapping("/tools")
    ToolsView keepTools(@RequestParam(defaultValue = "mm") String unit, @RequestBody ToolsAsked asked) {
        Units shown = Units.ofCode(unit);
        Allowed.whole("tools", asked.tools().size(), 0, MOST_TOOLS);
        List<OwnedTool> tools = new ArrayList<>();
        for (ToolView tool : asked.tools())
            tools.add(new OwnedTool(
                    tool.kind(),
                    tool.name(),
                    tool.kind().sized() ? size(tool, unit(tool.kind(), shown)) : 0,
                    tool.state()));
        shop.keepTools(asked.version(), new Toolkit(tools));
        return tools(shown);
    }

    private static double size(ToolView tool, LengthUnit unit) {
        return tool.mm() != null && exact(tool.mm(), unit).equals(tool.size().strip())
                ? tool.mm()
                : Length.parse(tool.size(), unit).mm();
    }

    /** The unit in which the size of a tool is spoken: leaves and files as they are sold, gauges by their radius. */
    private static LengthUnit unit(OwnedTool.Kind kind, Units units) {
        return switch (kind) {
            case LEAF, NUT_FILE -> units.gauge();
            case RADIUS_GAUGE, STRAIGHTEDGE, NOTCHED_STRAIGHTEDGE -> units.radius();
            case RULER, ACTION_CARD, CALIPER -> units.action();
            case KEY, CAPO, FRET_ROCKER, TUNER, HYGROMETER, SOLDERING_IRON, OTHER -> LengthUnit.MM;
        };
    }

    private ToolsView tools(Units units) {
        Toolkit toolkit = shop.toolkit();
        return new ToolsView(
                shop.toolsVersion(),
                toolkit.tools().stream()
                        .map(t -> new ToolView(
                                t.kind(),
                                t.name(),
                                t.kind().sized() ? exact(t.size(), unit(t.kind(), units)) : "",
                                t.state(),
                                t.kind().sized() ? t.size() : null))
                        .toList(),
                Arrays.stream(OwnedTool.Kind.values())
                        .map(k -> new ToolKindView(
                                k,
                                k.label(),
                                k.sized(),
                                k.sized() ? unit(k, units).suffix() : ""))
                        .toList(),
                Arrays.stream(OwnedTool.State.values())
                        .map(OwnedTool.State::label)
                        .toList(),
                toolkit.measuring().stream()
                        .sorted(Comparator.comparingDouble(Tool::spread))
                        .map(t -> t.label() + ", ± " + units.nut().showWithUnit(t.spread()))
                        .toList());
    }

    /** A length with all its digits in mm, and as usual in other units: a leaf of 0.038 mm must not become one of 0.04 by being looked at. */
    private static String exact(double mm, LengthUnit unit) {
        if (unit != LengthUnit.MM) return unit.show(mm);
        String plain = Allowed.plain(Math.rint(mm * 10000) / 10000);
        int digits = plain.contains(".") ? plain.length() - plain.indexOf('.') - 1 : 0;
        return digits == 1 ? plain + "0" : plain;
    }

    /** The schools of the shop. */
    record SchoolsView(
            long version,
            String reliefSuffix,
            String nutSuffix,
            String actionSuffix,
            List<ReliefSchoolView> relief,
            List<NutSchoolView> nut,
            List<ActionSchoolView> action) {}

    record ReliefSchoolView(String code, String label, String low, String high, String reason) {}

    /** A school of nut heights; heldFret 0 is open. */
    record NutSchoolView(
            String code,
            String label,
            int heldFret,
            String bassLow,
            String bassHigh,
            String trebleLow,
            String trebleHigh,
            String reason) {}

    /** A school of action at fret 12. */
    record ActionSchoolView(
            String code,
            String label,
            ActionSchool.Family family,
            String familyLabel,
            String bass,
            String treble,
            String tolerance,
            ActionSchool.Steps steps,
            String lowExtra,
            String reason) {}

    /** The schools as they shall be, with the version that was seen. */
    record SchoolsAsked(
            long version, List<ReliefSchoolView> relief, List<NutSchoolView> nut, List<ActionSchoolView> action) {}

    /** The schools of the shop: what it wants of relief, nut and action. */
    @GetMapping("/schools")
    SchoolsView schools(@RequestParam(defaultValue = "mm") String unit) {
        return schools(Units.ofCode(unit));
    }

    /** Keeps the schools of the shop. */
    @PutMapping("/schools")
    SchoolsView keepSchools(@RequestParam(defaultValue = "mm") String unit, @RequestBody SchoolsAsked asked) {
        Units shown = Units.ofCode(unit);
        Kept kept = new Kept(shop.schools());
        Allowed.whole("relief schools", asked.relief().size(), 1, 40);
        Allowed.whole("nut schools", asked.nut().size(), 1, 40);
        Allowed.whole("action schools", asked.action().size(), 1, 80);
        Shop.Schools schools = new Shop.Schools(
                asked.relief().stream()
                        .map(s -> new ReliefSchool(
                                code(s.code()),
                                text(s.label()),
                                kept.mm(shown.relief(), s.code(), 0, s.low()),
                                kept.mm(shown.relief(), s.code(), 1, s.high()),
                                s.reason().strip()))
                        .toList(),
                asked.nut().stream()
                        .map(s -> new NutSchool(
                                code(s.code()),
                                text(s.label()),
                                s.heldFret() == 0 ? new GapMethod.NutOpen() : new GapMethod.NutPressed(s.heldFret()),
                                new Band(
                                        kept.mm(shown.nut(), s.code(), 0, s.bassLow()),
                                        kept.mm(shown.nut(), s.code(), 1, s.bassHigh())),
                                new Band(
                                        kept.mm(shown.nut(), s.code(), 2, s.trebleLow()),
                                        kept.mm(shown.nut(), s.code(), 3, s.trebleHigh())),
                                s.reason().strip()))
                        .toList(),
                asked.action().stream()
                        .map(s -> new ActionSchool(
                                code(s.code()),
                                text(s.label()),
                                s.family(),
                                kept.mm(shown.action(), s.code(), 0, s.bass()),
                                kept.mm(shown.action(), s.code(), 1, s.treble()),
                                kept.mm(shown.action(), s.code(), 2, s.tolerance()),
                                s.steps(),
                                kept.mm(shown.action(), s.code(), 3, s.lowExtra()),
                                s.reason().strip()))
                        .toList());
        // the usual ones must stay: jobs fall back on them
        for (ActionSchool.Family family : ActionSchool.Family.values())
            ActionSchool.ofCode(schools.action(), family.name() + "_MIDDLE");
        for (ReliefSchool usual : ReliefSchool.USUAL) ReliefSchool.ofCode(schools.relief(), usual.code());
        NutSchool.ofCode(schools.nut(), NutSchool.USUAL.getFirst().code());
        shop.keepSchools(asked.version(), schools);
        return schools(shown);
    }

    private SchoolsView schools(Units units) {
        Shop.Schools schools = shop.schools();
        return new SchoolsView(
                shop.schoolsVersion(),
                units.relief().heading(),
                units.nut().heading(),
                units.action().heading(),
                schools.relief().stream()
                        .map(s -> new ReliefSchoolView(
                                s.code(),
                                s.label(),
                                exact(s.low(), units.relief()),
                                exact(s.high(), units.relief()),
                                s.reason()))
                        .toList(),
                schools.nut().stream().map(s -> nut(s, units.nut())).toList(),
                schools.action().stream()
                        .map(s -> new ActionSchoolView(
                                s.code(),
                                s.label(),
                                s.family(),
                                s.family().label(),
                                exact(s.bass(), units.action()),
                                exact(s.treble(), units.action()),
                                exact(s.tolerance(), units.action()),
                                s.steps(),
                                exact(s.lowExtra(), units.action()),
                                s.reason()))
                        .toList());
    }

    private static NutSchoolView nut(NutSchool s, LengthUnit unit) {
        return new NutSchoolView(
                s.code(),
                s.label(),
                s.method() instanceof GapMethod.NutPressed pressed ? pressed.heldFret() : 0,
                exact(s.bass().low(), unit),
                exact(s.bass().high(), unit),
                exact(s.treble().low(), unit),
                exact(s.treble().high(), unit),
                s.reason());
    }

    /** What is typed as it was shown keeps its stored digits: looking at schools in 64ths must not round them. */
    private record Kept(Map<String, double[]> stored) {
        Kept(Shop.Schools schools) {
            this(new HashMap<>());
            for (ReliefSchool s : schools.relief()) put(s.code(), s.low(), s.high());
            for (NutSchool s : schools.nut())
                put(
                        s.code(),
                        s.bass().low(),
                        s.bass().high(),
                        s.treble().low(),
                        s.treble().high());
            for (ActionSchool s : schools.action()) put(s.code(), s.bass(), s.treble(), s.tolerance(), s.lowExtra());
        }

        private void put(String code, double... values) {
            stored.put(code, values);
        }

        /** The length of a school's so-many-th field. */
        double mm(LengthUnit unit, String code, int field, String text) {
            double[] values = stored.get(code);
            return values != null && text.strip().equals(exact(values[field], unit))
                    ? values[field]
                    : Length.parse(text, unit).mm();
        }
    }

    private static String code(String code) {
        if (!code.matches("[A-Z0-9_-]{1,40}"))
            throw Allowed.broken("code of a school", "“" + code + "”", "1 to 40 capital letters, digits, _ and -");
        return code;
    }

    private static String text(String label) {
        String clean = label.strip();
        if (clean.isEmpty() || clean.length() > 60)
            throw Allowed.broken("name of a school", clean.length() + " characters", "1 to 60 characters");
        return clean;
    }
}
