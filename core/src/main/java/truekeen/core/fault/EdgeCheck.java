package truekeen.core.fault;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import truekeen.core.message.InWords;
import truekeen.core.table.Prior;
import truekeen.core.table.TableReader;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;

/**
 * A test of an edge that needs no instrument, in rising order of demand. Source: workshop prior.
 *
 * @param key its name in the table
 * @param title it in words
 * @param how how it is done
 * @param safety the caution that belongs to it; empty where there is none
 * @param signs what may come of it, the good answer first
 * @param suits the works it suits
 * @param needed the works that need it; to the others it is one more
 */
public record EdgeCheck(
        String key, String title, String how, String safety, List<Sign> signs, Set<Suits> suits, Set<Suits> needed) {

    /** Works that ask for different tests. */
    public enum Suits {
        /** Edges that slice. */
        EDGE,
        /** Edges of a fine finish. */
        FINE,
        /** Those of them that slice. */
        FINE_SLICE,
        /** Edges that cut wood by hand. */
        WOOD,
        /** Those of them that pare, and are no planes. */
        PARING,
        PLANE,
        /** Planes that take thick shavings with a curved edge: no shaving of theirs has the full width. */
        ROUGH_PLANE,
        /** Ends that are to be square. */
        SQUARE,
        /** Edges that chop. */
        SITE,
        SHEAR,
        SLOT,
        TEETH,
        DISC,
        BAR
    }

    private static final List<EdgeCheck> ALL = TableReader.rows("edge_checks").stream()
            .map(row -> new EdgeCheck(
                    row.text("check"),
                    row.text("title"),
                    InWords.placesAndFigures(Prior.figuresIn(row.text("how"))),
                    row.text("safety"),
                    Arrays.stream(row.text("signs").split("\\|"))
                            .map(Sign::valueOf)
                            .toList(),
                    works(row.text("tools")),
                    works(row.text("needed"))))
            .toList();

    private static Set<Suits> works(String names) {
        Set<Suits> works = EnumSet.noneOf(Suits.class);
        Arrays.stream(names.split("\\|"))
                .filter(n -> !n.isEmpty())
                .map(Suits::valueOf)
                .forEach(works::add);
        return works;
    }

    /** All tests, the least demanding first. */
    public static List<EdgeCheck> all() {
        return ALL;
    }

    /** The test of that name in the table. */
    public static Optional<EdgeCheck> named(String key) {
        return ALL.stream().filter(c -> c.key.equals(key)).findFirst();
    }

    /** The ladder of tests of a tool at its work. */
    public static List<EdgeCheck> ladder(ToolUse trade) {
        Set<Suits> works = works(trade);
        return ALL.stream()
                .filter(c -> c.suits.stream().anyMatch(works::contains))
                .toList();
    }

    /** The few of them that its work needs, the least demanding first; the rest is for who is in doubt. */
    public static List<EdgeCheck> needed(ToolUse trade) {
        Set<Suits> works = works(trade);
        return ladder(trade).stream()
                .filter(c -> c.needed.stream().anyMatch(works::contains))
                .toList();
    }

    /** Whether tools of a family pare wood: an edge of one bevel on a flat back, and no plane. */
    static boolean pares(GeometryKind kind) {
        return cutsWood(kind) && !kind.iron();
    }

    private static boolean cutsWood(GeometryKind kind) {
        return kind.back() && kind != GeometryKind.SINGLE_BEVEL_KNIFE && kind != GeometryKind.FLAT_FACED_KNIFE;
    }

    /** What the first cut of a tool is: the shaving of a plane, else the first minutes of its work; empty where neither is. */
    public static Optional<EdgeCheck> firstCut(ToolUse trade) {
        List<EdgeCheck> ladder = ladder(trade);
        return Stream.of("SHAVING", "ROUGH_SHAVING", "USE")
                .flatMap(key -> ladder.stream().filter(c -> c.key.equals(key)))
                .findFirst();
    }

    /** The test that a sign comes of, if it comes of one. */
    public static Optional<EdgeCheck> of(Sign sign) {
        return ALL.stream().filter(c -> c.signs.contains(sign)).findFirst();
    }

    private static Set<Suits> works(ToolUse trade) {
        GeometryKind kind = trade.geometry();
        if (kind.powered()) {
            return switch (kind) {
                case MOWER_BAR -> EnumSet.of(Suits.BAR);
                case TRIMMER -> EnumSet.of(Suits.TEETH);
                default -> EnumSet.of(Suits.DISC);
            };
        }
        if (kind == GeometryKind.TURNSCREW) {
            return EnumSet.of(Suits.SLOT);
        }
        if (kind == GeometryKind.SHEAR_BLADE) {
            return EnumSet.of(Suits.SHEAR);
        }
        Set<Suits> works = EnumSet.noneOf(Suits.class);
        boolean wood = cutsWood(kind);
        boolean coarse = trade.finishUsualUm() >= COARSE_UM || kind == GeometryKind.CONVEX_BLADE;
        works.add(wood ? Suits.WOOD : coarse ? Suits.SITE : Suits.EDGE);
        if (kind.iron()) {
            works.add(trade.camberMm() >= ROUGH_CAMBER_MM ? Suits.ROUGH_PLANE : Suits.PLANE);
        } else if (wood) {
            works.add(Suits.PARING);
        }
        if (kind.square()) {
            works.add(Suits.SQUARE);
        }
        if (trade.finishUsualUm() <= FINE_UM) {
            works.add(Suits.FINE);
            if (works.contains(Suits.EDGE)) {
                works.add(Suits.FINE_SLICE);
            }
        }
        return works;
    }

    /** Usual grain of finishes from which an edge is meant to be coarse (µm). Prior. */
    private static final double COARSE_UM = Prior.EDGE_CHECK_COARSE_UM.value();
    /** Usual camber from which a plane is a rough one (mm). Prior. */
    private static final double ROUGH_CAMBER_MM = Prior.EDGE_CHECK_ROUGH_CAMBER_MM.value();
    /** Usual grain of finishes up to which hair and tissue are fair tests (µm). Prior. */
    private static final double FINE_UM = Prior.EDGE_CHECK_FINE_UM.value();
}
