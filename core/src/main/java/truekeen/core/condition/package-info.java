/** The survey of an edge and what must go to mend it. */
package truekeen.core.condition;
