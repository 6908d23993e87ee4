package olla.server.web;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;

/** Answers with problem details (RFC 9457) where no controller has been reached. */
class ProblemWriter {

    private final ObjectMapper json;

    ProblemWriter(ObjectMapper json) {
        this.json = json;
    }

    /**
     * Answers so and with nothing else.
     *
     * @param detail a sentence a cook could read
     */
    void answer(HttpServletResponse response, HttpStatusCode status, String detail) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        byte[] body = json.writeValueAsString(ProblemDetail.forStatusAndDetail(status, detail))
                .getBytes(StandardCharsets.UTF_8);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }
}
