/**
 * House rules: what a shop picks where practitioners disagree.
 *
 * <p>An option is an enum, decided on by its code; its words are only shown. The first option of a rule is the usual
 * one.
 *
 * <p>Options of one rule are not checked against those of another: a house may contradict itself.
 */
package truekeen.core.rule;
