/**
 * The repair of an edge: what it costs, by what it is done, the grinding, the heat, the back.
 *
 * <p>It keeps nothing: everything is worked out from survey, angle, kit and house rules when it is asked.
 *
 * <p>Times by machine are of the steel alone; rests between are in the dips, not in the minutes.
 */
package truekeen.app.repair;
