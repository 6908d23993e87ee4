package olla.server.load;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Whoever sent a request, as the connection tells: who, and whether still there. */
public final class Asker {

    private static final String NAME = Asker.class.getName();

    /* What the web server says is there to read where the line has ended; a next request would be longer. */
    private static final int ENDED = 1;

    private final Request request;

    private Asker(Request request) {
        this.request = request;
    }

    /** Who asked this; null where no connection did, as in a test without a web server. */
    static Asker of(HttpServletRequest request) {
        return (Asker) request.getAttribute(NAME);
    }

    /** Who asked what this thread is at; null where no connection did. */
    static Asker here() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes here
                ? of(here.getRequest())
                : null;
    }

    /** The name of whoever asked what this thread is at. */
    public static String nameHere() {
        Asker here = here();
        return here == null ? "" : here.name();
    }

    /** Who: one machine counts as one. */
    String name() {
        return String.valueOf(request.getRemoteAddr());
    }

    /** Whether the line has ended. Asked by the thread that works on the request, once its body has been read. */
    boolean gone() {
        org.apache.coyote.Request coyote = request.getCoyoteRequest();
        coyote.action(ActionCode.AVAILABLE, true);
        return coyote.getAvailable() == ENDED;
    }

    /** Tells every request who asked it. */
    public static final class Introduction extends ValveBase {

        /** A valve for requests that go on in other threads too. */
        public Introduction() {
            super(true);
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            request.setAttribute(NAME, new Asker(request));
            getNext().invoke(request, response);
        }
    }
}
