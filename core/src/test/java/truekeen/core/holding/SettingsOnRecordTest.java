package truekeen.core.holding;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.message.Numbers;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.quantity.ShownUnits;
import truekeen.core.section.Point;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Measures;

/**
 * Every setting as it stands: the number, what goes with it, what is to be looked at and every corner of its drawing,
 * for each thing that holds an angle and each shape of blade it holds. They were looked at on the screen once; whoever
 * changes one looks again and writes them anew with {@code -Dtruekeen.write-settings=true}.
 */
class SettingsOnRecordTest {
    private static final Path RECORDS = Path.of("src/test/resources/settings");
    private static final List<GeometryKind> FAMILIES = List.of(
            GeometryKind.CHISEL,
            GeometryKind.PLANE_IRON_DOWN,
            GeometryKind.DRAWKNIFE,
            GeometryKind.KNIFE,
            GeometryKind.WIDE_BEVEL_KNIFE,
            GeometryKind.SINGLE_BEVEL_KNIFE,
            GeometryKind.CONVEX_BLADE,
            GeometryKind.MOWER_BAR);

    private static Holder full(HolderKind kind) {
        Map<String, Double> m = new TreeMap<>();
        switch (kind) {
            case ROLLER_GUIDE, FACE_GUIDE -> {
                m.putAll(Map.of("rollerRadius", 9.5, "axleBelowBack", 14.0, "axleSetback", 11.5, "eccentric", 1.5));
                m.putAll(Map.of("bodyDrop", 8.0, "bodyWidth", 60.0, "rollerWidth", 24.0));
            }
            case PLATFORM_REST -> m.put("contact", 15.0);
            case SUPPORT_BAR -> m.putAll(Map.of("reach", 152.0, "offset", -19.0, "barDiameter", 14.0));
            case STACK -> m.put("piece", 0.3);
            case HAND_STONE -> m.put("stoneLength", 100.0);
            case BELT_TABLE -> m.put("slack", 3.0);
            case WEDGE_BLOCK -> m.put("wedge", 14.0);
            case SPINE_HONE -> m.put("foot", 12.0);
            default -> m.clear();
        }
        m.keySet().removeIf(k -> kind.dimensions().stream()
                .noneMatch(d -> d.field().equals(k)));
        Wheel wheel = new Wheel(
                "wheel", Wheel.Kind.WET_STONE, Length.ofMm(225), OptionalDouble.of(90), OptionalDouble.of(20));
        List<Length> blocks = kind.takesBlocks() ? List.of(Length.ofMm(30), Length.ofMm(36)) : List.of();
        return kind.build(new Measures(m), blocks, kind.onWheel() ? Optional.of(wheel) : Optional.empty());
    }

    @ParameterizedTest
    @EnumSource(HolderKind.class)
    void theyAreAsTheyWereLookedAt(HolderKind kind) throws IOException {
        String now = ShownUnits.METRIC.sentence(told(kind));
        Path file = RECORDS.resolve(kind.name() + ".txt");
        if (Boolean.getBoolean("truekeen.write-settings")) {
            Files.createDirectories(RECORDS);
            Files.writeString(file, now);
        }
        assertThat(now).isEqualTo(Files.readString(file));
    }

    private static String told(HolderKind kind) {
        List<String> lines = new ArrayList<>();
        for (GeometryKind family : FAMILIES) {
            if (kind.holds(family)) {
                Seat seat = Seat.of(Blades.blade(family));
                for (double degrees : new double[] {22, 31}) {
                    lines.add("# " + family + " at " + Numbers.plain(degrees, 1) + "°");
                    lines.addAll(one(full(kind), seat, Angle.ofDegrees(degrees)));
                }
            }
        }
        return String.join("\n", lines) + "\n";
    }

    private static List<String> one(Holder holder, Seat seat, Angle angle) {
        Setting s;
        try {
            s = holder.setting(seat, angle);
        } catch (RefusedException refused) {
            return List.of(refused.refusals().get(0).field() + ": " + refused.getMessage());
        }
        List<String> lines = new ArrayList<>();
        lines.add(s.name() + " " + n(s.value()) + s.unit().symbol() + ", " + s.tolerance());
        lines.add(s.where() + " " + s.changes());
        s.given().forEach(g -> lines.add("from " + g.name() + ": " + g.value()));
        s.asides()
                .forEach(a -> lines.add(
                        "aside " + a.label() + ": " + n(a.value()) + a.unit() + " " + a.formula() + " " + a.words()));
        s.checks().forEach(c -> lines.add("look " + c));
        s.scheme().parts().forEach(p -> lines.add(p.material() + " " + points(p.outline()) + " r " + n(p.radiusMm())));
        s.scheme()
                .spans()
                .forEach(p -> lines.add("span " + points(List.of(p.from(), p.to())) + " off " + n(p.offsetMm()) + " "
                        + p.label() + (p.chief() ? " *" : "")));
        s.scheme()
                .turns()
                .forEach(t -> lines.add("turn " + points(List.of(t.at())) + " r " + n(t.radiusMm()) + " "
                        + n(t.fromDeg()) + " to " + n(t.toDeg()) + " " + t.label() + (t.chief() ? " *" : "")));
        return lines;
    }

    private static String points(List<Point> points) {
        return points.stream().map(p -> n(p.x()) + "," + n(p.y())).collect(Collectors.joining(" "));
    }

    private static String n(double value) {
        return Numbers.plain(value, 3);
    }
}
