package truekeen.app.access;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** The wire of who may open the shop. */
final class AccessRecords {
    private AccessRecords() {}

    /**
     * Who asks.
     *
     * @param signedIn whether anything else is answered
     * @param here whether it is the machine itself
     * @param owner whether everything may be done
     * @param tablet name of the device; empty at the machine itself and before it is signed in
     */
    public record AccessView(boolean signedIn, boolean here, boolean owner, String tablet) {}

    /** A device that wants in: its passphrase, and what it is to be called. */
    public record SignInForm(String passphrase, String tablet) {}

    /** A passphrase as it is to be. */
    public record PassphraseForm(String passphrase) {}

    /**
     * How other devices are let in.
     *
     * @param wanted whether the service was started for them
     * @param addresses where they open it; none before the owner has a passphrase
     * @param code the first address as a code, its dark squares row by row
     * @param fingerprint of the certificate they are shown (SHA-256)
     * @param ownerSet whether the owner has a passphrase
     * @param handSet whether hands have one
     * @param tablets devices that are signed in, the last seen first
     */
    public record TabletsView(
            boolean wanted,
            List<String> addresses,
            List<List<Boolean>> code,
            String fingerprint,
            boolean ownerSet,
            boolean handSet,
            List<TabletView> tablets) {
        /** Keeps the lists from changing. */
        public TabletsView {
            addresses = List.copyOf(addresses);
            code = List.copyOf(code);
            tablets = List.copyOf(tablets);
        }
    }

    /**
     * A device that is signed in.
     *
     * @param name what it is called
     * @param owner whether it may do everything
     * @param since when it signed in
     * @param lastSeen when it last asked anything, to the minute
     * @param address from where
     * @param thisOne whether it is the one that asks
     */
    public record TabletView(
            UUID id, String name, boolean owner, Instant since, Instant lastSeen, String address, boolean thisOne) {}
}
