/**
 * House rules: what the shop picks where practitioners disagree, and the exceptions of single tools.
 *
 * <p>One choice for each rule and place, the tool's before the shop's; a rule without a choice stands at its first
 * option.
 *
 * <p>Rules that wait for places still to be built are kept and say so.
 */
package truekeen.app.houserule;
