package olla.server.people;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Makes a certificate of the kitchen's own as the olla command does, before the application wants it. */
final class NetworkKeys implements BeforeAllCallback {

    static final String FILE = "target/network-test.p12";
    static final String PASSWORD = "not-a-secret";

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
