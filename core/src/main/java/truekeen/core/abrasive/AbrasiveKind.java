package truekeen.core.abrasive;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import truekeen.core.table.TableReader;
import truekeen.core.table.TableReader.Row;

/**
 * The kinds of abrasive, wheel, belt, file and rod. Their figures stand in {@code tables/abrasives.csv}, one row for each,
 * and what runs under power has a second row in {@code tables/machines.csv}. All figures are workshop priors.
 */
public enum AbrasiveKind {
    OXIDE_WATER_STONE,
    CERAMIC_WATER_STONE,
    NATURAL_WATER_STONE,
    OXIDE_OIL_STONE,
    NATURAL_OIL_STONE,
    CARBIDE_STONE,
    FUSED_CERAMIC,
    PLATED_DIAMOND,
    RESIN_DIAMOND,
    VITRIFIED_DIAMOND,
    PAPER_ON_PLATE,
    FILM_ON_GLASS,
    CHARGED_STROP,
    BARE_STROP,
    PAPER_ON_STICK,
    DRY_WHEEL,
    SLOW_WET_WHEEL,
    BELT,
    PAPER_DISC,
    FILE,
    SMOOTH_ROD,
    RIBBED_ROD,
    LAPPING_PLATE,
    DRESSING_STONE;

    /** What a kind is used as. */
    public enum Use {
        /** Worked by hand in strokes: stones, plates, paper, film. */
        STROKES,
        /** Leather and the like: burr and polish after the last stone. */
        STROP,
        /** Runs under power, by volume in time. */
        POWERED,
        /** Flattens stones. */
        LAPPING,
        /** Cleans and wakes stones. */
        DRESSING,
        /** Files and smooth rods: not part of a progression. */
        OTHER
    }

    /** What is peculiar to a kind. */
    public enum Trait {
        /** A fresh sheet is put on where another kind would be flattened. */
        RENEWED,
        /** A single layer of grain: it is never flattened, and replaced when it is slow. */
        PLATED,
        /** Nicks in it would cut into an edge. */
        MAY_BE_NICKED,
        /** It carries compound, which is put on anew. */
        CHARGED,
        /** Its slurry may be kept or rinsed. */
        MAKES_SLURRY,
        /** Its grain may be oxide, or diamond and boron nitride: which is asked. */
        EITHER_GRAIN
    }

    /** Read before the constants are made, which an enum's own fields are not. */
    private static final class Rows {
        private static final Map<String, Row> BY_CODE = TableReader.rows("abrasives").stream()
                .collect(Collectors.toUnmodifiableMap(r -> r.text("code"), Function.identity()));

        static Row of(String code) {
            Row row = BY_CODE.get(code);
            if (row == null) {
                throw new IllegalStateException("tables/abrasives.csv has no row " + code);
            }
            return row;
        }
    }

    private final String key;
    private final AbrasiveClass grain;
    private final OptionalDouble specificWear;
    private final double scratchRatio;
    private final boolean trailingOnly;
    private final int soakMinutes;
    private final List<Lubricant> lubricants;
    private final OptionalDouble flattenAfterStrokes;
    private final String care;
    private final Use use;
    private final Set<Trait> traits;

    AbrasiveKind() {
        Row row = Rows.of(name());
        this.key = row.text("kind");
        this.grain = AbrasiveClass.valueOf(row.text("class").toUpperCase(Locale.ROOT));
        this.specificWear = row.numberIfAny("k0_mm2_per_N");
        this.scratchRatio = row.numberIfAny("scratch_ratio").orElse(0);
        this.trailingOnly = row.number("trailing_only") == 1;
        this.soakMinutes = (int) row.number("soak_min");
        this.lubricants = Arrays.stream(row.text("lubricants").split("\\|"))
                .map(l -> Lubricant.byKey(l).orElseThrow())
                .toList();
        this.flattenAfterStrokes = row.numberIfAny("flatten_after_strokes");
        this.care = row.text("care");
        this.use = Use.valueOf(row.text("use").toUpperCase(Locale.ROOT));
        this.traits = EnumSet.noneOf(Trait.class);
        for (String trait : row.text("traits").split("\\|")) {
            if (!trait.isEmpty()) {
                traits.add(Trait.valueOf(trait));
            }
        }
    }

    /** The kind of that key. */
    public static Optional<AbrasiveKind> byKey(String key) {
        return Arrays.stream(values()).filter(k -> k.key.equals(key)).findFirst();
    }

    /** What it is called, such as "ceramic-bonded water stone": its key in the table and in lists. */
    public String key() {
        return key;
    }

    /** Class of its grain. */
    public AbrasiveClass grain() {
        return grain;
    }

    /**
     * k₀, volume per newton and millimetre on plain carbon steel at 11.5 µm (mm²/N); empty for wheels and belts, which go by
     * volume in time, and for files.
     */
    public OptionalDouble specificWear() {
        return specificWear;
    }

    /** Depth of the scratch it leaves over its median grain. */
    public double scratchRatio() {
        return scratchRatio;
    }

    /** Whether only trailing strokes may be taken. */
    public boolean trailingOnly() {
        return trailingOnly;
    }

    /** How long it soaks when it is one that soaks (min). */
    public int soakMinutes() {
        return soakMinutes;
    }

    /** What may be used on it. */
    public List<Lubricant> lubricants() {
        return lubricants;
    }

    /** Strokes until it wants flattening; empty for what is not flattened. */
    public OptionalDouble flattenAfterStrokes() {
        return flattenAfterStrokes;
    }

    /** What to look after. */
    public String care() {
        return care;
    }

    /** What it is for at the bench. */
    public Use use() {
        return use;
    }

    /** Whether something is peculiar to it. */
    public boolean has(Trait trait) {
        return traits.contains(trait);
    }

    /** Whether it takes steel off at all in strokes. */
    public boolean cutsInStrokes() {
        return use != Use.POWERED && specificWear.isPresent() && specificWear.getAsDouble() > 0;
    }
}
