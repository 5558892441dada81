/** The plan as steps of the bench, in order, each with its gate. */
package truekeen.core.stepsheet;
