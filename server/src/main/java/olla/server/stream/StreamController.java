package olla.server.stream;

import olla.server.people.LetIn;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Where screens come to follow the bakes. */
@RestController
class StreamController {

    private final BakeStream stream;

    StreamController(BakeStream stream) {
        this.stream = stream;
    }

    /** All that screens follow, then every change of it, as server-sent events. */
    @GetMapping(path = "/api/bakes/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter follow(@AuthenticationPrincipal Object who) {
        return stream.follow(who instanceof LetIn screen ? screen.screen() : null);
    }
}
