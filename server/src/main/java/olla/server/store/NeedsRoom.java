package olla.server.store;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Set;
import olla.server.web.NoRoom;
import org.springframework.context.annotation.Import;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Refuses in words what there is no room to store. What only asks, and what makes room, goes on. */
@Component
@Import(Room.class)
class NeedsRoom implements WebMvcConfigurer, HandlerInterceptor {

    private static final Set<String> STORES = Set.of(HttpMethod.POST.name(), HttpMethod.PUT.name());
    private static final String[] STORED = {"/api/bakes/**", "/api/ovens/**", "/api/recipes/**", "/api/readings/**"};
    private static final List<String> LARGE = List.of("/api/recipes", "/api/readings");

    private final Room room;

    NeedsRoom(Room room) {
        this.room = room;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns(STORED);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (!STORES.contains(request.getMethod())) {
            return true;
        }
        Room.Left left = room.left();
        String path = request.getRequestURI();
        boolean large = path.endsWith("/photo") || LARGE.stream().anyMatch(path::startsWith);
        if (left == Room.Left.NONE) {
            throw new NoRoom("no-room.full");
        }
        if (large && left == Room.Left.TAPS_ONLY) {
            throw new NoRoom("no-room.nearly");
        }
        return true;
    }
}
