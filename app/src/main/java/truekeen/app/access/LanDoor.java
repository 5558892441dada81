package truekeen.app.access;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.InterfaceAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.nio.file.Files;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.web.embedded.tomcat.TomcatWebServer;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.stereotype.Component;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.SecondDoor;

/**
 * The way in for other devices of the network: TLS with a certificate of our own. It is opened once the owner has a passphrase,
 * and not before.
 */
@Component
class LanDoor implements SecondDoor {
    private static final Logger LOG = LoggerFactory.getLogger(LanDoor.class);
    private static final String ITSELF = "127.0.0.1";
    private static final int MOST_CONNECTIONS = 400;
    private static final int MOST_THREADS = 100;
    private static final Duration SENDS_WITHIN = Duration.ofSeconds(5);
    private static final Duration KEPT_ALIVE = Duration.ofSeconds(60);

    private final LanSettings settings;
    private final ServletWebServerApplicationContext context;
    private final List<String> names = new ArrayList<>();
    private volatile Connector connector;
    private volatile String fingerprint = "";

    LanDoor(LanSettings settings, ServletWebServerApplicationContext context) {
        this.settings = settings;
        this.context = context;
    }

    /** Whether the service was started for other devices. */
    boolean wanted() {
        return settings.served();
    }

    boolean open() {
        return connector != null;
    }

    String fingerprint() {
        return fingerprint;
    }

    /** Addresses to open on a device; none while it is shut. */
    List<String> addresses() {
        Connector now = connector;
        if (now == null) {
            return List.of();
        }
        List<String> numbers = names.stream().filter(n -> n.matches("[0-9.]+")).toList();
        // A machine without a network has only itself.
        return numbers.stream()
                .filter(n -> !n.equals(ITSELF) || numbers.size() == 1)
                .map(n -> "https://" + n + ":" + now.getLocalPort() + "/")
                .toList();
    }

    @Override
    public boolean through(HttpServletRequest request) {
        Connector now = connector;
        return now != null && request.getLocalPort() == now.getLocalPort();
    }

    @Override
    public boolean answersTo(String host) {
        return names.contains(host);
    }

    /** Opens it, if the service was started for other devices and it is not open yet. */
    synchronized void openIfWanted() {
        if (!settings.served() || connector != null) {
            return;
        }
        try {
            names.clear();
            names.addAll(ownNames());
            SelfMadeCertificate certificate = SelfMadeCertificate.in(settings.place(), names, BenchClock.real());
            Connector made = tls(certificate);
            ((TomcatWebServer) context.getWebServer()).getTomcat().getService().addConnector(made);
            fingerprint = certificate.fingerprint();
            connector = made;
            List<String> told = new ArrayList<>(addresses());
            told.add(fingerprint);
            Files.write(settings.place().resolve("address"), told);
            LOG.info("Other devices are served at {}", addresses());
        } catch (IOException e) {
            LOG.error("Other devices cannot be served: {}", e.getMessage(), e);
        }
    }

    private Connector tls(SelfMadeCertificate certificate) throws IOException {
        Connector made = new Connector("org.apache.coyote.http11.Http11NioProtocol");
        made.setPort(settings.port());
        made.setScheme("https");
        made.setSecure(true);
        made.setProperty("compression", "on");
        Http11NioProtocol protocol = (Http11NioProtocol) made.getProtocolHandler();
        protocol.setSSLEnabled(true);
        protocol.setMaxConnections(MOST_CONNECTIONS);
        protocol.setMaxThreads(MOST_THREADS);
        protocol.setConnectionTimeout((int) SENDS_WITHIN.toMillis());
        protocol.setKeepAliveTimeout((int) KEPT_ALIVE.toMillis());
        SSLHostConfig host = new SSLHostConfig();
        host.setProtocols("TLSv1.2+TLSv1.3");
        SSLHostConfigCertificate shown = new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.EC);
        shown.setCertificateKeystore(certificate.store());
        shown.setCertificateKeystorePassword(certificate.password());
        shown.setCertificateKeyAlias(SelfMadeCertificate.NAME);
        host.addCertificate(shown);
        made.addSslHostConfig(host);
        return made;
    }

    /** Names and addresses of this machine that other devices may call it by. */
    private static List<String> ownNames() throws SocketException {
        List<String> all = new ArrayList<>();
        NetworkInterface.networkInterfaces()
                .filter(LanDoor::up)
                .flatMap(n -> n.getInterfaceAddresses().stream())
                .map(InterfaceAddress::getAddress)
                .filter(a -> a instanceof Inet4Address && !a.isLoopbackAddress())
                .map(InetAddress::getHostAddress)
                .forEach(all::add);
        hostName().ifPresent(name -> {
            all.add(name);
            all.add(name + ".local");
        });
        all.add("localhost");
        all.add(ITSELF);
        return all;
    }

    private static boolean up(NetworkInterface network) {
        try {
            return network.isUp() && !network.isLoopback();
        } catch (SocketException gone) {
            return false;
        }
    }

    private static Optional<String> hostName() {
        try {
            return Optional.of(InetAddress.getLocalHost().getHostName()).filter(n -> n.matches("[A-Za-z0-9.-]+"));
        } catch (UnknownHostException nameless) {
            return Optional.empty();
        }
    }
}
