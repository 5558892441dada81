package truekeen.app.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.access.AccessRecords.AccessView;
import truekeen.app.access.AccessRecords.PassphraseForm;
import truekeen.app.access.AccessRecords.SignInForm;
import truekeen.app.access.AccessRecords.TabletView;
import truekeen.app.access.AccessRecords.TabletsView;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.OwnerOnly;
import truekeen.app.print.QrCode;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/** Who may open the shop. */
@RestController
@RequestMapping("/api/v1/access")
class AccessController {
    private static final int LONGEST_NAME = 40;

    private final LanDoor door;
    private final DoorOpener opener;
    private final Passphrases passphrases;
    private final Tablets tablets;
    private final BenchClock clock;
    private final Tries tries = new Tries();

    AccessController(LanDoor door, DoorOpener opener, Passphrases passphrases, Tablets tablets, BenchClock clock) {
        this.door = door;
        this.opener = opener;
        this.passphrases = passphrases;
        this.tablets = tablets;
        this.clock = clock;
    }

    @GetMapping
    AccessView access(HttpServletRequest request) {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        boolean here = !door.through(request);
        boolean owner = who != null
                && who.getAuthorities().stream().anyMatch(a -> a.getAuthority().equals(May.OWNER.authority()));
        Optional<Tablets.Known> tablet = asking();
        return new AccessView(
                here || tablet.isPresent(),
                here,
                owner,
                tablet.map(Tablets.Known::name).orElse(""));
    }

    @PostMapping("/sign-in")
    AccessView signIn(@RequestBody SignInForm in, HttpServletRequest request, HttpServletResponse response) {
        String from = request.getRemoteAddr();
        Duration wait = tries.wait(from, clock.instant());
        if (!wait.isZero()) {
            response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(wait.toSeconds() + 1));
            throw new RefusedException(Refusal.of(MessageCode.TOO_MANY_TRIES, "passphrase", "")
                    .with("allowed", AccessWords.WAIT.fill("minutes", wait.toMinutes() + 1)));
        }
        Optional<May> may = passphrases.whose(in.passphrase());
        if (may.isEmpty()) {
            tries.wrong(from, clock.instant());
            throw new RefusedException(Refusal.of(MessageCode.PASSPHRASE_WRONG, "passphrase", ""));
        }
        tries.right(from);
        String name = Optional.ofNullable(in.tablet())
                .map(String::strip)
                .filter(n -> !n.isEmpty())
                .orElseGet(AccessWords.NAMELESS::words);
        name = name.substring(0, Math.min(name.length(), LONGEST_NAME));
        cookie(response, tablets.signIn(name, may.get(), from), Tablets.KEPT);
        return new AccessView(true, false, may.get() == May.OWNER, name);
    }

    @PostMapping("/sign-out")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletResponse response) {
        asking().ifPresent(t -> tablets.signOut(t.id()));
        cookie(response, "", Duration.ZERO);
    }

    @OwnerOnly
    @GetMapping("/tablets")
    TabletsView tablets() {
        opener.openIfMay();
        List<String> addresses = door.addresses();
        Optional<UUID> asks = asking().map(Tablets.Known::id);
        return new TabletsView(
                door.wanted(),
                addresses,
                addresses.isEmpty() ? List.of() : QrCode.of(addresses.get(0)),
                door.fingerprint(),
                passphrases.isSet(May.OWNER),
                passphrases.isSet(May.HAND),
                tablets.all().stream()
                        .map(t -> new TabletView(
                                t.id(),
                                t.name(),
                                t.may() == May.OWNER,
                                t.since(),
                                t.lastSeen(),
                                t.address(),
                                asks.filter(t.id()::equals).isPresent()))
                        .toList());
    }

    @OwnerOnly
    @DeleteMapping("/tablets/{id}")
    TabletsView signOut(@PathVariable UUID id) {
        tablets.signOut(id);
        return tablets();
    }

    @OwnerOnly
    @PutMapping("/passphrases/owner")
    TabletsView ownerSets(@RequestBody PassphraseForm in) {
        passphrases.set(May.OWNER, in.passphrase());
        return tablets();
    }

    @OwnerOnly
    @PutMapping("/passphrases/hand")
    TabletsView handSet(@RequestBody PassphraseForm in) {
        passphrases.set(May.HAND, in.passphrase());
        return tablets();
    }

    @OwnerOnly
    @DeleteMapping("/passphrases/hand")
    TabletsView takenFromHands() {
        passphrases.takeFromHands();
        return tablets();
    }

    private static Optional<Tablets.Known> asking() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof Optional<?> tablet
                ? tablet.map(Tablets.Known.class::cast)
                : Optional.empty();
    }

    private static void cookie(HttpServletResponse response, String token, Duration lasts) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(TabletFilter.COOKIE, token)
                        .httpOnly(true)
                        .secure(true)
                        .sameSite("Strict")
                        .path("/")
                        .maxAge(lasts)
                        .build()
                        .toString());
    }
}
