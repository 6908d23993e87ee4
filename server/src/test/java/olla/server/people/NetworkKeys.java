package olla.server.people;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.util.concurrent.TimeUnit;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Makes a certificate of the kitchen's own as the olla command does, before the application wants it. */
public final class NetworkKeys implements BeforeAllCallback {

    public static final String FILE = "target/network-test.p12";
    public static final String PASSWORD = "not-a-secret";

    /** What trusts that certificate, and nothing else. */
    public static SSLContext trusting() throws IOException, GeneralSecurityException {
        KeyStore known = KeyStore.getInstance("PKCS12");
        try (InputStream file = Files.newInputStream(Path.of(FILE))) {
            known.load(file, PASSWORD.toCharArray());
        }
        KeyStore trusted = KeyStore.getInstance("PKCS12");
        trusted.load(null, null);
        trusted.setCertificateEntry("olla", known.getCertificate("olla"));
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(trusted);
        SSLContext tls = SSLContext.getInstance("TLS");
        tls.init(null, trust.getTrustManagers(), null);
        return tls;
    }

    @Override
    public void beforeAll(ExtensionContext test) throws Exception {
        Path file = Path.of(FILE);
        if (Files.exists(file)) {
            return;
        }
        Process keytool = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "keytool")
                                .toString(),
                        "-genkeypair",
                        "-alias",
                        "olla",
                        "-keyalg",
                        "EC",
                        "-groupname",
                        "secp256r1",
                        "-validity",
                        "3",
                        "-dname",
                        "CN=Olla",
                        "-ext",
                        "SAN=dns:localhost,ip:127.0.0.1",
                        "-storetype",
                        "PKCS12",
                        "-storepass",
                        PASSWORD,
                        "-keystore",
                        FILE)
                .inheritIO()
                .start();
        if (!keytool.waitFor(1, TimeUnit.MINUTES) || keytool.exitValue() != 0) {
            throw new IllegalStateException("keytool made no certificate");
        }
    }
}
