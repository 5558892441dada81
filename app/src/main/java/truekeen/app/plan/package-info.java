/** Plan: the progression chosen for a survey and a set-up, kept as it was. */
package truekeen.app.plan;
