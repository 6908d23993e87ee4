package olla.server;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import javax.net.SocketFactory;

/** Says to a server exactly what it is told to: whatever a client library would set right or refuse to send. */
public final class Wire {

    private static final int PATIENCE_MS = 20_000;
    private static final int SMALL_BUFFER = 4096;

    private final int port;

    private final InetAddress from;
    private final SocketFactory sockets;

    /** @param port of the server, on this machine */
    public Wire(int port) {
        this(port, "127.0.0.1");
    }

    /** @param from which of this machine's own addresses asks: the server takes each for another asker */
    public Wire(int port, String from) {
        this(port, from, SocketFactory.getDefault());
    }

    /** @param sockets how a line is opened, as over TLS */
    public Wire(int port, String from, SocketFactory sockets) {
        this.port = port;
        this.sockets = sockets;
        try {
            this.from = InetAddress.getByName(from);
        } catch (UnknownHostException none) {
            throw new IllegalArgumentException(none);
        }
    }

    /**
     * What came back.
     *
     * @param headers their names in lower case
     */
    public record Reply(int status, Map<String, String> headers, String body) {

        /** Whether it is a problem detail (RFC 9457). */
        public boolean isProblem() {
            return headers.getOrDefault("content-type", "").startsWith("application/problem+json");
        }
    }

    /**
     * Sends a request line and headers, and a body where there is one.
     *
     * @param head the first line and the headers, each ended by a line's end; the server is asked to hang up after its answer
     */
    public Reply say(String head, byte[] body) throws IOException {
        try (Socket socket = begin(head, body, body.length)) {
            return heard(socket);
        }
    }

    /**
     * Begins to say something and leaves the line open.
     *
     * @param length how long the body is said to be, whatever follows
     */
    public Socket begin(String head, byte[] body, int length) throws IOException {
        Socket socket = sockets.createSocket();
        // A line that is not read takes little before it stands still.
        socket.setReceiveBufferSize(SMALL_BUFFER);
        socket.bind(new InetSocketAddress(from, 0));
        socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
        socket.setSoTimeout(PATIENCE_MS);
        String all = head.replace("\n", "\r\n") + "Connection: close\r\n"
                + (length > 0 ? "Content-Length: " + length + "\r\n" : "") + "\r\n";
        try {
            socket.getOutputStream().write(all.getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().write(body);
            socket.getOutputStream().flush();
        } catch (SocketException hungUp) {
            // It may have answered before it has read everything.
        }
        return socket;
    }

    /** Everything that comes on a line until it is hung up. */
    public static Reply heard(Socket socket) throws IOException {
        return reply(new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8));
    }

    public Reply say(String head, String body) throws IOException {
        return say(head, body.getBytes(StandardCharsets.UTF_8));
    }

    private static Reply reply(String all) {
        int end = all.indexOf("\r\n\r\n");
        if (end < 0) {
            return new Reply(0, Map.of(), all);
        }
        String[] lines = all.substring(0, end).split("\r\n");
        Map<String, String> headers = new TreeMap<>();
        for (int i = 1; i < lines.length; i++) {
            int colon = lines[i].indexOf(':');
            headers.put(
                    lines[i].substring(0, colon).toLowerCase(Locale.ROOT),
                    lines[i].substring(colon + 1).strip());
        }
        return new Reply(Integer.parseInt(lines[0].split(" ")[1]), headers, all.substring(end + 4));
    }
}
