package olla.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.UUID;
import olla.server.Started;
import olla.server.web.Lan;
import org.apache.catalina.connector.Connector;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;

/** The network's door where screens reach a proxy on this machine, which tells who asked it. */
@ExtendWith(NetworkKeys.class)
@Started(
        schema = "behind_proxy",
        settings = {
            "olla.lan.port=0",
            "olla.lan.address=127.0.0.1",
            "olla.lan.proxy-port=8443",
            "olla.lan.keys=" + NetworkKeys.FILE,
            "olla.lan.password=" + NetworkKeys.PASSWORD
        })
class BehindProxyTest {

    private static final int WRONG = 404;
    private static final int TOO_MANY = 429;
    private static final int MOST = 10;

    @Autowired
    private Lan lan;

    @Autowired
    private ServletWebServerApplicationContext context;

    private NetworkScreen proxy() throws Exception {
        int door = Arrays.stream(((TomcatWebServer) context.getWebServer())
                        .getTomcat()
                        .getService()
                        .findConnectors())
                .filter(Connector::getSecure)
                .mapToInt(Connector::getLocalPort)
                .findFirst()
                .orElseThrow();
        return NetworkScreen.at(door);
    }

    @Test
    void screensAreToldTheProxysPort() {
        assertThat(lan.addresses())
                .isNotEmpty()
                .allSatisfy(address -> assertThat(address).endsWith(":8443"));
    }

    @Test
    void whoHasTypedWrongCodesIsToldByTheProxy() throws Exception {
        for (int i = 0; i < MOST; i++) {
            assertThat(tried("192.0.2.7")).isEqualTo(WRONG);
        }
        assertThat(tried("192.0.2.7")).isEqualTo(TOO_MANY);
        assertThat(tried("192.0.2.8")).as("another").isEqualTo(WRONG);
    }

    /** Whoever asks the proxy may say of itself what it likes: the proxy's own word, which is the last, counts. */
    @Test
    void whatWasSaidToTheProxyIsNotBelieved() throws Exception {
        for (int i = 0; i < MOST; i++) {
            tried("198.51.100." + i + ", 192.0.2.9");
        }
        assertThat(tried("198.51.100.99, 192.0.2.9")).isEqualTo(TOO_MANY);
    }

    private int tried(String who) throws Exception {
        return proxy().forwarding(who)
                .enter(UUID.randomUUID(), "AAAABBBB", "Phone")
                .statusCode();
    }
}
