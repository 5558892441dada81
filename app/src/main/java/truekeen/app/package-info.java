/** The service: it translates, stores, and asks the core. No craft is computed here. */
package truekeen.app;
