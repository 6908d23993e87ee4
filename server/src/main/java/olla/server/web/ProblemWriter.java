package olla.server.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import olla.core.messages.Message;
import olla.server.messages.AskedLanguage;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import tools.jackson.databind.ObjectMapper;

/** Answers with problem details (RFC 9457) where no controller has been reached. */
public class ProblemWriter {

    /* Published: RFC 9110, 15.5.20; Spring knows this number by another name, from an older draft. */
    private static final int MISDIRECTED = 421;

    private final ObjectMapper json;

    ProblemWriter(ObjectMapper json) {
        this.json = json;
    }

    /**
     * Answers so and with nothing else, in the language that was asked for.
     *
     * @param key of what is said in the catalogue, with the values that stand in it
     */
    public void answer(
            HttpServletRequest request,
            HttpServletResponse response,
            HttpStatusCode status,
            String key,
            Object... namesAndValues)
            throws IOException {
        String detail = AskedLanguage.of(request).say(Message.of(key, namesAndValues));
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        if (status.value() == MISDIRECTED) {
            problem.setTitle("Misdirected Request");
        }
        answer(response, problem);
    }

    private void answer(HttpServletResponse response, ProblemDetail problem) throws IOException {
        response.setStatus(problem.getStatus());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        byte[] body = json.writeValueAsString(problem).getBytes(StandardCharsets.UTF_8);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }
}
