/**
 * Survey: what was found on an edge and what must go.
 *
 * <p>Surveys are only added; the newest counts. What a look-alike finding became is told against the one before, less
 * what was taken off since.
 *
 * <p>It asks the angle through a port and the other way round; neither keeps what the other said.
 */
package truekeen.app.survey;
