package truekeen.core.progression;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;

/** Why an abrasive may not be used for a job, each rule with its reason. */
public enum ShelfRule {
    RETIRED("out of use", "out of use", c -> c.abrasive.state().retired()),
    FROZEN("frozen wet", "it may have frozen wet: a stone that froze can come apart", c -> c.abrasive
            .state()
            .frozen()),
    UNFLAT_FOR_GOOD(
            "not flat for good",
            "not flat, and nothing here may lap it",
            c -> !c.abrasive.state().flat()
                    && !c.abrasive.state().lappable()
                    && c.abrasive.kind().flattenAfterStrokes().isPresent()),
    WRONG_SHAPE(
            "wrong shape",
            "its shape does not suit this face",
            c -> !c.job.shapes().contains(c.abrasive.shape()) && !finishes(c)),
    FINE_ONLY(
            "fine stones only",
            "this face is touched by fine stones only",
            c -> c.job.fineOnly() && c.abrasive.d50Um() > Prior.FINE_STONES_UM.value()),
    WORN_OUT(
            "worn out", "worn out: it slides and heats", c -> c.abrasive.state().worn() >= 1),
    OIL_INSIDE(
            "oil inside",
            "it has had oil: degrease it before water goes on it",
            c -> c.abrasive.state().oilInside() && c.abrasive.wet()),
    HOUSE_LUBRICANT(
            "what the house keeps off its tools",
            "the house keeps what is on this stone off its tools",
            c -> !c.rules.habits().lubricant().allows(c.abrasive)),
    OXIDE_ON_HARD_CARBIDE(
            "oxide on hard carbides",
            "oxide grain wears away on this steel and tears its carbides out: diamond or boron nitride is wanted",
            c -> c.abrasive.grain() == AbrasiveClass.OXIDE
                    && c.steel.resistanceOxide() >= Prior.SHELF_RULE_OXIDE_REFUSED_AT.value());

    /** From this resistance on, oxide grain is warned of. */
    static final double OXIDE_WARNS_AT = Prior.SHELF_RULE_OXIDE_WARNS_AT.value();

    /** From this resistance on, it is refused. */
    static final double OXIDE_REFUSED_AT = Prior.SHELF_RULE_OXIDE_REFUSED_AT.value();

    private record Case(Abrasive abrasive, StoneWork job, SteelClass steel, PlanRules rules) {}

    private final String title;
    private final String reason;
    private final Predicate<Case> bars;

    ShelfRule(String title, String reason, Predicate<Case> bars) {
        this.title = title;
        this.reason = reason;
        this.bars = bars;
    }

    /** What may end the work though its shape does not suit all of it. */
    private static boolean finishes(Case c) {
        return c.job.finishers().contains(c.abrasive.shape()) && c.abrasive.kind() == AbrasiveKind.FUSED_CERAMIC;
    }

    /** What the rule is about, in few words. */
    public String title() {
        return title;
    }

    /** The reason, in words. */
    public String reason() {
        return reason;
    }

    /** The first rule that keeps an abrasive from a job in a house of the usual rules. */
    public static Optional<ShelfRule> barring(Abrasive abrasive, StoneWork job, SteelClass steel) {
        return barring(abrasive, job, steel, PlanRules.USUAL);
    }

    /** The first rule that keeps an abrasive from a job. */
    public static Optional<ShelfRule> barring(Abrasive abrasive, StoneWork job, SteelClass steel, PlanRules rules) {
        Case asked = new Case(abrasive, job, steel, rules);
        return Arrays.stream(values()).filter(rule -> rule.bars.test(asked)).findFirst();
    }

    /** The pieces of a shelf that may be used for a job in a house of the usual rules. */
    public static List<Abrasive> allowed(List<Abrasive> shelf, StoneWork job, SteelClass steel) {
        return allowed(shelf, job, steel, PlanRules.USUAL);
    }

    /** The pieces of a shelf that cut in strokes and may be used for a job, in the shelf's order. */
    public static List<Abrasive> allowed(List<Abrasive> shelf, StoneWork job, SteelClass steel, PlanRules rules) {
        return shelf.stream()
                .filter(a -> a.kind().cutsInStrokes() && a.kind().use() != AbrasiveKind.Use.STROP)
                .filter(a -> barring(a, job, steel, rules).isEmpty())
                .toList();
    }
}
