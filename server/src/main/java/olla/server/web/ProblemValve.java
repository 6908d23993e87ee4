package olla.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import olla.core.messages.Message;
import olla.server.messages.AskedLanguage;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import tools.jackson.core.io.JsonStringEncoder;

/**
 * What the web server itself turns away, before any filter of ours has seen it, as problem details (RFC 9457) too. Made by
 * Tomcat from its name, so it can be given nothing.
 */
public class ProblemValve extends ErrorReportValve {

    private static final int FIRST_ERROR = 400;

    @Override
    protected void report(Request request, Response response, Throwable thrown) {
        int status = response.getStatus();
        if (status < FIRST_ERROR || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        try {
            response.setContentType("application/problem+json");
            response.setHeader("X-Content-Type-Options", "nosniff");
            response.setHeader("Cache-Control", "no-store");
            String detail = AskedLanguage.of(request).say(detail(status));
            StringBuilder text = new StringBuilder("{\"type\":\"about:blank\",\"status\":" + status + ",\"detail\":\"");
            JsonStringEncoder.getInstance().quoteAsString(detail, text);
            byte[] body = text.append("\"}").toString().getBytes(StandardCharsets.UTF_8);
            response.setContentLength(body.length);
            response.getOutputStream().write(body);
            response.finishResponse();
        } catch (IOException gone) {
            getContainer().getLogger().debug("Nobody waits for this answer any more.", gone);
        }
    }

    /** What a status says where it says all there is to say. */
    static Message detail(int status) {
        return switch (status) {
            case HttpServletResponse.SC_NOT_FOUND -> Message.of("refusal.nothing-here");
            case HttpServletResponse.SC_METHOD_NOT_ALLOWED, HttpServletResponse.SC_NOT_IMPLEMENTED ->
                Message.of("refusal.not-done-here");
            default ->
                Message.of(
                        status < HttpServletResponse.SC_INTERNAL_SERVER_ERROR
                                ? "refusal.no-request"
                                : "refusal.went-wrong");
        };
    }
}
