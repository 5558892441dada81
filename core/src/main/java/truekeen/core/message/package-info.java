/** One catalogue of what can be wrong, in the words of the bench: code, field, value and what is allowed. */
package truekeen.core.message;
