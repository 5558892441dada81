package truekeen.core.abrasive;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.message.Checks;
import truekeen.core.tool.Dimension;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;
import truekeen.core.tool.UsualDimensions;

/** What one touch puts on the shelf, and what a tool is taken to be where nobody measured it. */
class CommonKitTest {
    @Test
    void everyPieceIsOneThatAShelfCanHold() {
        List<CommonKit.Piece> pieces =
                CommonKit.all().stream().flatMap(k -> k.pieces().stream()).toList();
        assertThat(pieces).extracting(CommonKit.Piece::name).doesNotHaveDuplicates();
        assertThat(pieces).allSatisfy(p -> {
            assertThat(p.kind().lubricants()).as(p.name()).contains(p.lubricant());
            assertThat(p.otherSide().isEmpty()
                            || pieces.stream().anyMatch(o -> o.name().equals(p.otherSide())))
                    .isTrue();
        });
        assertThat(CommonKit.all()).allSatisfy(k -> {
            assertThat(k.title()).isNotBlank();
            assertThat(k.pieces()).isNotEmpty();
        });
    }

    /** With the bevel that its work usually has, the usual dimensions are a blade without fault. */
    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void theUsualDimensionsOfAFamilyMakeABlade(GeometryKind kind) {
        for (ToolUse use : ToolUses.all()) {
            if (use.geometry() != kind) {
                continue;
            }
            TreeMap<String, Double> values = new TreeMap<>();
            kind.dimensions().stream().filter(Dimension::needed).forEach(d -> UsualDimensions.of(kind, d.field())
                    .ifPresent(v -> values.put(d.field(), v)));
            values.putIfAbsent("primary", use.primaryUsual().degrees());
            Checks checks = new Checks();
            assertThat(kind.read(values, checks)).as(use.key()).isPresent();
            assertThat(checks.refusals()).as(use.key()).isEmpty();
        }
    }
}
