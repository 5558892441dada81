/** What comes after the test: clean, dry, protect, refit, and the day it is looked at again. */
package truekeen.core.finish;
