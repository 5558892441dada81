/** The reference: a page for each formula and rule, and the calculators behind them. */
package truekeen.app.reference;
