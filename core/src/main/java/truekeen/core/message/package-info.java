/**
 * What can be wrong, in the words of the bench: code, field, value and what is allowed; and how catalogues of words
 * are made.
 *
 * <p>A refusal carries its code and its parameters; the words are made from them last. {@link
 * truekeen.core.message.Wording} is a sentence of a package's catalogue.
 *
 * <p>Words of parameters are put in as they are: a name with braces in it is not read again.
 */
package truekeen.core.message;
