/**
 * Things to print at true scale and cut out: stop boards, wedges, camber, protractor, set-up card. Lengths in mm.
 *
 * <p>Pages are lines and letters in millimetres; what does not fit a page is another page, never
 * smaller.
 *
 * <p>True to scale as far as the printer is: hence the bar on each page.
 */
package truekeen.core.template;
