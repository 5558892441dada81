/** House rules: what a shop picks where practitioners disagree. */
package truekeen.core.rule;
