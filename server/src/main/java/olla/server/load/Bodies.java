package olla.server.load;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.atomic.AtomicBoolean;
import olla.server.web.Pages;
import olla.server.web.ProblemWriter;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Takes bodies in as they come, without a thread that waits for them, and lets a request go on when its body is whole: senders
 * who stop half way hold up nobody. What is taken in at once is bounded.
 */
@Component
@Order(Pages.BOUNDS + 1)
final class Bodies extends OncePerRequestFilter {

    /* A question comes in one piece; shorter than what a silent line is given, so that it can still be told. */
    private static final long PATIENCE_MS = 6_000;

    /* A picture, over a kitchen's far corner. */
    private static final long PHOTO_PATIENCE_MS = 60_000;

    /* Pictures and questions apart: no picture keeps a tap out. */
    private static final long MOST_AT_ONCE_BYTES = 48L << 20;

    private static final int CHUNK = 8192;

    private final ProblemWriter problems;
    private final Shares questions = new Shares(MOST_AT_ONCE_BYTES, MOST_AT_ONCE_BYTES / 2);
    private final Shares pictures = new Shares(MOST_AT_ONCE_BYTES, MOST_AT_ONCE_BYTES / 2);

    Bodies(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean body = request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
        Asker asker = Asker.of(request);
        if (!body || asker == null || Pages.isArchive(request)) {
            chain.doFilter(request, response);
            return;
        }
        boolean photo = Pages.isPhoto(request);
        Whole whole = new Whole(request);
        AsyncContext async = request.startAsync(whole, response);
        async.setTimeout(photo ? PHOTO_PATIENCE_MS : PATIENCE_MS);
        Reading reading = photo
                ? new Reading(async, whole, response, Pages.MOST_PHOTO_BYTES, asker.name(), pictures)
                : new Reading(async, whole, response, Pages.MOST_BYTES, asker.name(), questions);
        async.addListener(reading);
        whole.in.setReadListener(reading);
    }

    /** A request whose body is all there. */
    private static final class Whole extends HttpServletRequestWrapper {

        private final ServletInputStream in;
        private byte[] body = {};

        Whole(HttpServletRequest request) throws IOException {
            super(request);
            in = request.getInputStream();
        }

        @Override
        public ServletInputStream getInputStream() {
            return new There(new ByteArrayInputStream(body));
        }

        @Override
        public BufferedReader getReader() {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }

    private static final class There extends ServletInputStream {

        private final ByteArrayInputStream bytes;

        There(ByteArrayInputStream bytes) {
            this.bytes = bytes;
        }

        @Override
        public int read() {
            return bytes.read();
        }

        @Override
        public int read(byte[] into, int from, int most) {
            return bytes.read(into, from, most);
        }

        @Override
        public boolean isFinished() {
            return bytes.available() == 0;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new IllegalStateException("This body has been read without waiting already.");
        }
    }

    /** One body on its way; told by one thread at a time. */
    private final class Reading implements ReadListener, AsyncListener {

        private final AsyncContext async;
        private final Whole whole;
        private final HttpServletResponse response;
        private final ServletInputStream in;
        private final int most;
        private final String asker;
        private final Shares shares;
        private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        private final AtomicBoolean decided = new AtomicBoolean();

        Reading(AsyncContext async, Whole whole, HttpServletResponse response, int most, String asker, Shares shares) {
            this.async = async;
            this.whole = whole;
            this.response = response;
            this.in = whole.in;
            this.most = most;
            this.asker = asker;
            this.shares = shares;
        }

        @Override
        public void onDataAvailable() throws IOException {
            byte[] chunk = new byte[CHUNK];
            while (in.isReady() && !in.isFinished()) {
                int read = in.read(chunk);
                if (read < 0) {
                    return;
                }
                if (bytes.size() + read > most) {
                    refuse(HttpStatus.CONTENT_TOO_LARGE, "refusal.too-large", "kilobytes", most / 1024);
                    return;
                }
                if (!shares.take(asker, read)) {
                    response.setHeader(HttpHeaders.RETRY_AFTER, "1");
                    refuse(HttpStatus.SERVICE_UNAVAILABLE, "busy.sent");
                    return;
                }
                bytes.write(chunk, 0, read);
            }
        }

        @Override
        public void onAllDataRead() {
            if (decided.compareAndSet(false, true)) {
                whole.body = bytes.toByteArray();
                async.dispatch();
            }
        }

        /* The line has ended, or what comes is no body. */
        @Override
        public void onError(Throwable failure) {
            refuse(HttpStatus.BAD_REQUEST, "refusal.body-broken");
        }

        @Override
        public void onTimeout(AsyncEvent event) {
            refuse(HttpStatus.REQUEST_TIMEOUT, "refusal.body-late");
        }

        private void refuse(HttpStatus status, String key, Object... namesAndValues) {
            if (!decided.compareAndSet(false, true)) {
                return;
            }
            try {
                // What is still on its way is not read, so this line cannot be used again.
                response.setHeader(HttpHeaders.CONNECTION, "close");
                problems.answer(whole, response, status, key, namesAndValues);
            } catch (IOException | IllegalStateException away) {
                logger.debug("Nobody heard: " + key);
            } finally {
                async.complete();
            }
        }

        @Override
        public void onComplete(AsyncEvent event) {
            shares.give(asker, bytes.size());
            bytes.reset();
        }

        @Override
        public void onError(AsyncEvent event) {
            // Told by onError(Throwable), or by what the request went on to.
        }

        @Override
        public void onStartAsync(AsyncEvent event) {
            // Nothing that brings a body goes on in another way.
        }
    }
}
