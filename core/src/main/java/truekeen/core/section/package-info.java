/** The cross-section of an edge and the cuts that make and remake it. */
package truekeen.core.section;
