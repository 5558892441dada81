/** House rules: what the shop picks where practitioners disagree, and the exceptions of single tools. */
package truekeen.app.houserule;
