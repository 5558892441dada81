/** Numbers a person acts on, with what they came from, and the descriptors of the formulas behind them. */
package truekeen.core.advice;
