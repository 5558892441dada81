/**
 * Tickets: what a crew or a customer brought at once, how far each thing of it is, what it costs, and what lies there to be
 * collected.
 *
 * <p>Holds: a thing lies on one ticket at a time; putting it there says that work is wanted, finishing the work says that it
 * is done, handing it over says that it is gone. The name and the contact of whoever brought or collected it stand here and
 * nowhere else: not in a tool's log nor in any file of it, and they can be deleted.
 *
 * <p>Not robust: whoever collects is not asked for the other half of the receipt. Counter-example: a thing that is handed to
 * the wrong person is handed over.
 */
package truekeen.app.ticket;
