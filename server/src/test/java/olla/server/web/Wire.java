package olla.server.web;

import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.SocketException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** Says to a server exactly what it is told to: whatever a client library would set right or refuse to send. */
final class Wire {

    private static final int PATIENCE_MS = 20_000;

    private final int port;

    Wire(int port) {
        this.port = port;
    }

    /**
     * What came back.
     *
     * @param headers their names in lower case
     */
    record Reply(int status, Map<String, String> headers, String body) {

        boolean isProblem() {
            return headers.getOrDefault("content-type", "").startsWith("application/problem+json");
        }
    }

    /**
     * Sends a request line and headers, and a body where there is one.
     *
     * @param head the first line and the headers, each ended by a line's end; the server is asked to hang up after its answer
     */
    Reply say(String head, byte[] body) throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            socket.setSoTimeout(PATIENCE_MS);
            String all = head.replace("\n", "\r\n") + "Connection: close\r\n"
                    + (body.length > 0 ? "Content-Length: " + body.length + "\r\n" : "") + "\r\n";
            try {
                socket.getOutputStream().write(all.getBytes(StandardCharsets.ISO_8859_1));
                socket.getOutputStream().write(body);
                socket.getOutputStream().flush();
            } catch (SocketException hungUp) {
                // It may have answered before it has read everything.
            }
            return reply(new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    Reply say(String head, String body) throws IOException {
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
