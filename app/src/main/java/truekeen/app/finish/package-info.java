/** Finish: clean, dry, protect, refit, and the day the tool is looked at again. */
package truekeen.app.finish;
