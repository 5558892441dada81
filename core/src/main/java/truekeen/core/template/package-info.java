/** Things to print at true scale and cut out: stop boards, wedges, camber, protractor, set-up card. Lengths in mm. */
package truekeen.core.template;
