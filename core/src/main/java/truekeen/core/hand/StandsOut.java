package truekeen.core.hand;

/**
 * A session that took far more or far fewer strokes than those before it on the same stone and steel: a finding about the
 * stone, until someone says that it was the hand.
 *
 * @param seen the session
 * @param expected ratio that the sessions before it lead to
 * @param times how many times as many strokes as expected
 * @param slow whether it took more: the stone may be glazed, clogged or worn; else it may have been freshly dressed, or
 *     strokes were not counted
 */
public record StandsOut(StrokeRatio seen, double expected, double times, boolean slow) {}
