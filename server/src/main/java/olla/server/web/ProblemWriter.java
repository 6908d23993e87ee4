package olla.server.web;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;

/** Answers with problem details (RFC 9457) where no controller has been reached. */
public class ProblemWriter {

    private final ObjectMapper json;

    ProblemWriter(ObjectMapper json) {
        this.json = json;
    }

    /**
     * Answers so and with nothing else.
     *
     * @param detail a sentence a cook could read
     */
    public void answer(HttpServletResponse response, HttpStatusCode status, String detail) throws IOException {
        answer(response, ProblemDetail.forStatusAndDetail(status, detail));
    }

    /** Answers with a problem and nothing else. */
    void answer(HttpServletResponse response, ProblemDetail problem) throws IOException {
        response.setStatus(problem.getStatus());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        byte[] body = json.writeValueAsString(problem).getBytes(StandardCharsets.UTF_8);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }
}
