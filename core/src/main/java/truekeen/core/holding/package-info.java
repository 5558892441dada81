/** Whatever holds an angle (guides, rests, bars, stacks, wedges, hones, stones), what to set it to, and the inverse. */
package truekeen.core.holding;
