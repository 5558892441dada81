/**
 * Tickets: what somebody brought at once, how far each thing of it is, and what it costs by the shop's price list.
 *
 * <p>Holds: the state of a thing follows from what was done with it since it was brought; a quote is the sum of its lines,
 * and says when a line is still to come. Not robust: a price asks what kind of thing it is and what the survey found, not how
 * long the work took. Counter-example: a kitchen knife ground hollow behind its heel is quoted as any other.
 */
package truekeen.core.ticket;
