package truekeen.app.platform;

import jakarta.servlet.http.HttpServletRequest;

/** The way into the service from other devices of the network, beside that from this machine itself. */
public interface SecondDoor {
    /** Whether a request came in by it. */
    boolean through(HttpServletRequest request);

    /** Whether it answers to a host name. */
    boolean answersTo(String host);
}
