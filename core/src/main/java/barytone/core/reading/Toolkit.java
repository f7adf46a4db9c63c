package barytone.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The tools of the shop. Advice uses only what is owned and good, and names what is missing. */
public record Toolkit(List<OwnedTool> tools) {
    /** A file may be wider than the string by this much, mm. */
    private static final double FILE_ROOM = 0.10;

    /** A file narrower than this share of the string cannot be rolled wide enough. */
    private static final double ROLL_SHARE = 0.55;

    public Toolkit {
        tools = List.copyOf(tools);
    }

    /** A usual set. */
    public static final Toolkit USUAL = usual();

    private static Toolkit usual() {
        List<OwnedTool> tools = new ArrayList<>();
        for (double leaf : LeafSet.USUAL.sizes()) tools.add(OwnedTool.of(OwnedTool.Kind.LEAF, leaf));
        for (double file : new double[] {0.25, 0.33, 0.43, 0.53, 0.66, 0.81, 0.97, 1.17, 1.42, 1.78, 2.21, 2.79, 3.40})
            tools.add(OwnedTool.of(OwnedTool.Kind.NUT_FILE, file));
        tools.add(new OwnedTool(OwnedTool.Kind.RULER, "steel rule", 0.5, OwnedTool.State.GOOD));
        tools.add(new OwnedTool(OwnedTool.Kind.ACTION_CARD, "printed card", 0.1, OwnedTool.State.GOOD));
        tools.add(new OwnedTool(OwnedTool.Kind.CALIPER, "", 0.02, OwnedTool.State.GOOD));
        for (double radius : new double[] {184, 241, 254, 305, 406, 508})
            tools.add(OwnedTool.of(OwnedTool.Kind.RADIUS_GAUGE, radius));
        tools.add(OwnedTool.of(OwnedTool.Kind.STRAIGHTEDGE, 450));
        tools.add(new OwnedTool(OwnedTool.Kind.CAPO, "", 0, OwnedTool.State.GOOD));
        tools.add(new OwnedTool(OwnedTool.Kind.FRET_ROCKER, "", 0, OwnedTool.State.GOOD));
        return new Toolkit(tools);
    }

    private List<Double> good(OwnedTool.Kind kind) {
        return tools.stream()
                .filter(t -> t.kind() == kind && t.good())
                .map(OwnedTool::size)
                .sorted()
                .toList();
    }

    /** Thicknesses of the leaves that can be trusted, mm; a bent leaf reads high and is left out. */
    public LeafSet leaves() {
        return new LeafSet(good(OwnedTool.Kind.LEAF).stream().distinct().toList());
    }

    /** Radii of the gauges at hand, mm. */
    public List<Double> radiusGauges() {
        return good(OwnedTool.Kind.RADIUS_GAUGE);
    }

    /** The ways of measuring a height with what is owned; the eye always is. */
    public Set<Tool> measuring() {
        Set<Tool> can = EnumSet.of(Tool.EYE);
        for (OwnedTool tool : tools) {
            if (!tool.good()) continue;
            switch (tool.kind()) {
                case LEAF -> can.add(Tool.LEAF);
                case ACTION_CARD -> can.add(Tool.CARD);
                case CALIPER -> can.add(Tool.CALIPER);
                case RULER -> can.add(ruler(tool.size()));
                default -> {}
            }
        }
        return can;
    }

    private static Tool ruler(double mark) {
        if (mark <= 0.42) return Tool.RULER_64;
        if (mark <= 0.55) return Tool.RULER_HALF;
        return mark <= 0.85 ? Tool.RULER_32 : Tool.RULER_MM;
    }

    /** The finest owned way of measuring a height; leaves only as far as the thickest reaches, for a tall stack is springy. */
    public Tool finest(double height) {
        List<Double> leaves = leaves().sizes();
        double reach = leaves.isEmpty() ? 0 : leaves.getLast();
        return measuring().stream()
                .filter(t -> t != Tool.LEAF || height <= reach)
                .min(Comparator.comparingDouble(Tool::spread))
                .orElse(Tool.EYE);
    }

    /**
     * A file for a slot.
     *
     * @param width of the file in mm
     * @param rolled whether it is narrower than the string and must be rolled sideways for the width
     */
    public record FileChoice(double width, boolean rolled) {}

    /** The file for a string: its own width or the next size up; else a narrower one rolled; empty when none will do. */
    public Optional<FileChoice> fileFor(double gauge) {
        List<Double> files = good(OwnedTool.Kind.NUT_FILE);
        // the same size within the tolerance of a file counts as fitting
        Optional<FileChoice> fits = files.stream()
                .filter(w -> w >= gauge - 0.02 && w <= gauge + Math.max(FILE_ROOM, 0.12 * gauge))
                .findFirst()
                .map(w -> new FileChoice(w, false));
        if (fits.isPresent()) return fits;
        return files.reversed().stream()
                .filter(w -> w < gauge && w >= ROLL_SHARE * gauge)
                .findFirst()
                .map(w -> new FileChoice(w, true));
    }
}
