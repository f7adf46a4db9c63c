package barytone.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Advice uses only what is owned and good. */
class ToolkitTest {
    private static OwnedTool tool(OwnedTool.Kind kind, double size, OwnedTool.State state) {
        return new OwnedTool(kind, "", size, state);
    }

    @Test
    void bentAndMissingLeavesAreLeftOut() {
        Toolkit kit = new Toolkit(List.of(
                OwnedTool.of(OwnedTool.Kind.LEAF, 0.10),
                tool(OwnedTool.Kind.LEAF, 0.13, OwnedTool.State.BENT),
                tool(OwnedTool.Kind.LEAF, 0.15, OwnedTool.State.MISSING),
                OwnedTool.of(OwnedTool.Kind.LEAF, 0.05)));
        assertThat(kit.leaves().sizes()).containsExactly(0.05, 0.10);
        assertThat(kit.leaves().stacked()).containsExactly(0.05, 0.10, 0.15);
    }

    @Test
    void theFileFitsTheStringOrIsRolledOrThereIsNone() {
        Toolkit kit = new Toolkit(List.of(
                OwnedTool.of(OwnedTool.Kind.NUT_FILE, 0.66),
                OwnedTool.of(OwnedTool.Kind.NUT_FILE, 1.17),
                tool(OwnedTool.Kind.NUT_FILE, 0.25, OwnedTool.State.WORN)));
        assertThat(kit.fileFor(0.66)).contains(new Toolkit.FileChoice(0.66, false));
        // the next size up
        assertThat(kit.fileFor(0.60)).contains(new Toolkit.FileChoice(0.66, false));
        // nothing near above: a narrower one rolled sideways for the width
        assertThat(kit.fileFor(0.97)).contains(new Toolkit.FileChoice(0.66, true));
        // a worn one is no file
        assertThat(kit.fileFor(0.25)).isEmpty();
        assertThat(kit.fileFor(3.4)).isEmpty();
    }

    @Test
    void theFinestToolIsOneThatReachesTheHeight() {
        assertThat(Toolkit.USUAL.finest(0.3)).isEqualTo(Tool.LEAF);
        assertThat(Toolkit.USUAL.finest(1.8)).isEqualTo(Tool.CALIPER);
        Toolkit poor = new Toolkit(List.of(tool(OwnedTool.Kind.RULER, 1, OwnedTool.State.GOOD)));
        assertThat(poor.finest(1.8)).isEqualTo(Tool.EYE);
        assertThat(poor.measuring()).containsExactlyInAnyOrder(Tool.EYE, Tool.RULER_MM);
        Toolkit sixtyFourths = new Toolkit(List.of(tool(OwnedTool.Kind.RULER, 0.397, OwnedTool.State.GOOD)));
        assertThat(sixtyFourths.measuring()).contains(Tool.RULER_64);
    }

    @Test
    void aToolOfAnImpossibleSizeIsRefused() {
        assertThatThrownBy(() -> OwnedTool.of(OwnedTool.Kind.LEAF, 12))
                .hasMessage("size of the feeler leaf: given 12; allowed is 0.01 to 3 mm.");
        assertThatThrownBy(() -> OwnedTool.of(OwnedTool.Kind.RADIUS_GAUGE, 12)).hasMessageContaining("100 to 2000");
    }
}
