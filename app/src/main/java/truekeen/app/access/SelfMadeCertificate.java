package truekeen.app.access;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * The certificate that the shop shows its tablets, made by itself and kept in a folder that only its user reads. It stays the
 * same, so that its fingerprint does, until it is nearly out of date or the folder is emptied.
 */
final class SelfMadeCertificate {
    static final String NAME = "shop";
    private static final Duration LASTS = Duration.ofDays(730);
    private static final Duration RENEWED_BEFORE = Duration.ofDays(30);
    private static final int SERIAL_BITS = 120;
    private static final int PASSWORD_BYTES = 24;

    private final KeyStore store;
    private final String password;

    private SelfMadeCertificate(KeyStore store, String password) {
        this.store = store;
        this.password = password;
    }

    /**
     * The one that is kept in a folder, or a new one.
     *
     * @param names host names and addresses that it is made for
     * @throws IOException when the folder cannot be used
     */
    static SelfMadeCertificate in(Path folder, List<String> names, Instant now) throws IOException {
        Path file = folder.resolve("certificate.p12");
        Path secret = folder.resolve("certificate.password");
        try {
            if (Files.exists(file) && Files.exists(secret)) {
                String password = Files.readString(secret);
                KeyStore store = KeyStore.getInstance("PKCS12");
                try (InputStream in = Files.newInputStream(file)) {
                    store.load(in, password.toCharArray());
                }
                SelfMadeCertificate kept = new SelfMadeCertificate(store, password);
                if (kept.certificate().getNotAfter().toInstant().isAfter(now.plus(RENEWED_BEFORE))) {
                    return kept;
                }
            }
            Files.createDirectories(folder);
            Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
            SelfMadeCertificate made = make(names, now);
            Files.deleteIfExists(secret);
            Files.createFile(
                    secret, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            Files.writeString(secret, made.password);
            try (OutputStream out = Files.newOutputStream(file)) {
                made.store.store(out, made.password.toCharArray());
            }
            return made;
        } catch (GeneralSecurityException | OperatorCreationException e) {
            throw new IOException("no certificate in " + folder, e);
        }
    }

    private static SelfMadeCertificate make(List<String> names, Instant now)
            throws GeneralSecurityException, OperatorCreationException, IOException {
        SecureRandom random = new SecureRandom();
        KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
        generator.initialize(new ECGenParameterSpec("secp256r1"), random);
        KeyPair pair = generator.generateKeyPair();
        X500Name who = new X500Name("CN=True Keen");
        JcaX509v3CertificateBuilder builder = new JcaX509v3CertificateBuilder(
                who,
                new BigInteger(SERIAL_BITS, random),
                Date.from(now.minus(Duration.ofDays(1))),
                Date.from(now.plus(LASTS)),
                who,
                pair.getPublic());
        builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
        builder.addExtension(
                Extension.subjectAlternativeName,
                false,
                new GeneralNames(names.stream()
                        .map(name -> new GeneralName(
                                name.matches("[0-9.]+") ? GeneralName.iPAddress : GeneralName.dNSName, name))
                        .toArray(GeneralName[]::new)));
        X509Certificate certificate = new JcaX509CertificateConverter()
                .getCertificate(builder.build(new JcaContentSignerBuilder("SHA256withECDSA").build(pair.getPrivate())));
        byte[] bytes = new byte[PASSWORD_BYTES];
        random.nextBytes(bytes);
        String password = HexFormat.of().formatHex(bytes);
        KeyStore store = KeyStore.getInstance("PKCS12");
        store.load(null, null);
        store.setKeyEntry(NAME, pair.getPrivate(), password.toCharArray(), new Certificate[] {certificate});
        return new SelfMadeCertificate(store, password);
    }

    KeyStore store() {
        return store;
    }

    String password() {
        return password;
    }

    private X509Certificate certificate() throws GeneralSecurityException {
        return (X509Certificate) store.getCertificate(NAME);
    }

    /** What a browser shows of it (SHA-256), in pairs. */
    String fingerprint() {
        try {
            byte[] digest =
                    MessageDigest.getInstance("SHA-256").digest(certificate().getEncoded());
            return HexFormat.ofDelimiter(":").withUpperCase().formatHex(digest).toUpperCase(Locale.ROOT);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }
}
