package olla.server.web;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.Certificate;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.valves.RemoteIpValve;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** The door to the kitchen's network, over TLS, where there is one: another than that of the machine itself. */
@Component
public class Lan implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    private static final Logger LOG = LoggerFactory.getLogger(Lan.class);
    private static final int SHUT = -1;
    private static final String PATIENCE_MS = "10000";

    private final int port;
    private final String address;
    private final String keys;
    private final String password;
    private final int proxyPort;
    private Connector door;
    private byte[] authority;

    Lan(
            @Value("${olla.lan.port}") int port,
            @Value("${olla.lan.address}") String address,
            @Value("${olla.lan.keys}") String keys,
            @Value("${olla.lan.password}") String password,
            @Value("${olla.lan.proxy-port}") int proxyPort) {
        this.port = port;
        this.address = address;
        this.keys = keys;
        this.password = password;
        this.proxyPort = proxyPort;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (!open()) {
            return;
        }
        authority = authority(keys, password);
        door = new Connector(Http11NioProtocol.class.getName());
        door.setPort(port);
        door.setScheme("https");
        door.setSecure(true);
        door.setProperty("address", address);
        door.setProperty("SSLEnabled", "true");
        door.setProperty("connectionTimeout", PATIENCE_MS);
        SSLHostConfig tls = new SSLHostConfig();
        tls.setProtocols("TLSv1.2+TLSv1.3");
        SSLHostConfigCertificate own = new SSLHostConfigCertificate(tls, SSLHostConfigCertificate.Type.UNDEFINED);
        own.setCertificateKeystoreFile(Path.of(keys).toAbsolutePath().toString());
        own.setCertificateKeystorePassword(password);
        tls.addCertificate(own);
        door.addSslHostConfig(tls);
        factory.addAdditionalConnectors(door);
        if (proxied()) {
            factory.addEngineValves(whoAskedTheProxy());
        }
    }

    /* Whether screens reach a proxy on this machine, and by it this door. */
    private boolean proxied() {
        return proxyPort > 0;
    }

    /* The proxy says who asked it. Only what comes from this machine is believed to be the proxy. */
    private static RemoteIpValve whoAskedTheProxy() {
        RemoteIpValve valve = new RemoteIpValve();
        valve.setInternalProxies("127\\.0\\.0\\.1");
        valve.setProtocolHeader(null);
        return valve;
    }

    /** Whether the kitchen can be reached from the network. */
    public boolean open() {
        return port != SHUT;
    }

    /** Whether a request came in by that door. */
    public boolean asks(HttpServletRequest request) {
        return door != null && request.getLocalPort() == door.getLocalPort();
    }

    /**
     * The authority that vouches for the door's certificate, where that is the kitchen's own: a screen that trusts it keeps the app, as browsers do behind a certificate they
     * trust and behind no other.
     *
     * @return DER
     */
    public Optional<byte[]> authority() {
        return Optional.ofNullable(authority).map(byte[]::clone);
    }

    /* Read once: it takes its time, and anybody may ask for it. */
    private static byte[] authority(String keys, String password) {
        try (InputStream file = Files.newInputStream(Path.of(keys))) {
            KeyStore store = KeyStore.getInstance("PKCS12");
            store.load(file, password.toCharArray());
            for (String alias : Collections.list(store.aliases())) {
                Certificate[] chain = store.getCertificateChain(alias);
                if (chain != null && chain.length > 1) {
                    return chain[chain.length - 1].getEncoded();
                }
            }
            return null;
        } catch (IOException | GeneralSecurityException unreadable) {
            throw new IllegalStateException("The keys of the network cannot be read: " + unreadable, unreadable);
        }
    }

    /** Names by which this machine is called there, lower case. */
    public Set<String> names() {
        Set<String> names = new HashSet<>(Set.of("localhost"));
        for (InetAddress at : own()) {
            String plain = at.getHostAddress().replaceAll("%.*", "").toLowerCase(Locale.ROOT);
            names.add(at instanceof Inet4Address ? plain : "[" + plain + "]");
        }
        try {
            String own = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
            names.addAll(Set.of(own, own + ".local"));
        } catch (UnknownHostException nameless) {
            LOG.info("This machine has no name of its own on the network: {}", nameless.getMessage());
        }
        return names;
    }

    /** Where screens reach it, its own machine last: by the proxy, where there is one. */
    public List<String> addresses() {
        if (door == null) {
            return List.of();
        }
        int reached = proxied() ? proxyPort : door.getLocalPort();
        return own().stream()
                .filter(at -> at instanceof Inet4Address)
                .sorted(Comparator.comparing(InetAddress::isLoopbackAddress))
                .map(at -> "https://" + at.getHostAddress() + ":" + reached)
                .toList();
    }

    private static List<InetAddress> own() {
        try {
            return NetworkInterface.networkInterfaces()
                    .flatMap(NetworkInterface::inetAddresses)
                    .toList();
        } catch (SocketException unknown) {
            LOG.warn("The addresses of this machine cannot be found out: {}", unknown.getMessage());
            return List.of();
        }
    }
}
