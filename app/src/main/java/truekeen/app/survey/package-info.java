/** Survey: what was found on an edge and what must go. */
package truekeen.app.survey;
