package truekeen.core.condition;

import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Drawknife;
import truekeen.core.tool.Operation;
import truekeen.core.tool.PlaneIron;

/**
 * What decides which jobs a sharpening is made of, beside the edge itself: the house, the work, the log and what a person
 * decided on the repair page.
 *
 * @param thinRule whether the back of an iron is polished under a thin rule instead of as a whole face
 * @param thinAtMm thickness behind a knife's edge from which it is thinned (mm); empty where that is not asked
 * @param broadFaceDue whether the broad face of a single-bevel knife is due
 * @param back what is done about a back that is pitted or ridged
 * @param strop whether there is a strop to try first
 * @param hardLayer thickness of the hard layer, where the tool is laminated and it is known
 */
public record Occasion(
        boolean thinRule,
        OptionalDouble thinAtMm,
        boolean broadFaceDue,
        BackDecision back,
        boolean strop,
        Optional<Length> hardLayer) {
    /** Of a tool that is hard all through. */
    public Occasion(boolean thinRule, OptionalDouble thinAtMm, boolean broadFaceDue, BackDecision back, boolean strop) {
        this(thinRule, thinAtMm, broadFaceDue, back, strop, Optional.empty());
    }

    /** Nothing but the edge decides. */
    public static final Occasion PLAIN = new Occasion(false, OptionalDouble.empty(), false, BackDecision.FLATTEN, true);

    /** The same occasion with another decision about the back. */
    public Occasion deciding(BackDecision other) {
        return new Occasion(thinRule, thinAtMm, broadFaceDue, other, strop, hardLayer);
    }

    /** The same occasion in a shop where nothing is stropped, so that what a strop would do goes to the finest stone. */
    public Occasion withoutStrop() {
        return new Occasion(thinRule, thinAtMm, broadFaceDue, back, false, hardLayer);
    }

    /** What is done about a back that is not ready. */
    public enum BackDecision {
        /** It is worked flat. */
        FLATTEN,
        /** It is left as it is, and a back bevel carries the edge. */
        BACK_BEVEL,
        /** The edge is moved back past the pits at it. */
        PAST_THE_PITS,
        /** Nothing is done about it this time. */
        LEAVE;

        /**
         * What a bench does where nobody decided: pits at the edge of a drawknife are never flattened out, and those of an
         * iron that are too deep to flatten, or that a house of the thin rule does not flatten, are carried past by a back
         * bevel. Source: workshop prior.
         */
        public static BackDecision usual(Blade blade, EdgeSurvey survey, boolean thinRule) {
            double pits = survey.pitsAtEdgeMm();
            boolean saves = blade.kind().allows(Operation.BACK_BEVEL) && SavingBackBevel.fits(pits);
            boolean never = pits > 0 && (blade instanceof Drawknife || blade instanceof PlaneIron && thinRule);
            return saves && (never || pits > Restorer.DEEPEST_PITS_MM) ? BACK_BEVEL : FLATTEN;
        }
    }
}
