/** Kinds of abrasive and the pieces of them that stand on a shelf. */
package truekeen.core.abrasive;
