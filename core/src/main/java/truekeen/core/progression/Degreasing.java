package truekeen.core.progression;

import truekeen.core.abrasive.Abrasive;

/**
 * Oil from a stone stays on the tool, floats the grain of a water stone and soaks into it: it is cleaned off before water.
 * Source: workshop prior.
 */
final class Degreasing {
    private Degreasing() {}

    /** Whether a tool is cleaned before it goes onto an abrasive. */
    static boolean needed(boolean oily, Abrasive next) {
        return oily && next.wet();
    }

    /** Whether a tool is oily after an abrasive: water finds it cleaned, what is dry leaves it as it is. */
    static boolean oilyAfter(boolean oily, Abrasive used) {
        return used.oiled() || oily && !used.wet();
    }
}
