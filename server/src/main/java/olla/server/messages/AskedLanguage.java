package olla.server.messages;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.DispatcherServlet;
import org.springframework.web.servlet.LocaleResolver;

/**
 * Which language and units an answer is wanted in: {@code lang} and {@code units} in the address where they are said there,
 * the languages of {@code Accept-Language} otherwise, which may name the units too ({@code en-u-ms-ussystem}).
 */
@Component(DispatcherServlet.LOCALE_RESOLVER_BEAN_NAME)
@Order(Ordered.HIGHEST_PRECEDENCE)
public class AskedLanguage extends OncePerRequestFilter implements LocaleResolver {

    private static final Pattern LANG = Pattern.compile("(?:^|&)lang=([A-Za-z0-9-]{2,35})(?:&|$)");
    private static final Pattern UNITS = Pattern.compile("(?:^|&)units=(metric|imperial|gas)(?:&|$)");

    /** What a request asks for. */
    public static Sentences of(HttpServletRequest request) {
        // The address alone is looked at: a parameter may stand in a body that is not all there yet.
        String query = request.getQueryString() == null ? "" : request.getQueryString();
        Matcher lang = LANG.matcher(query);
        Matcher units = UNITS.matcher(query);
        List<Locale.LanguageRange> wanted =
                lang.find() ? ranges(lang.group(1)) : ranges(request.getHeader(HttpHeaders.ACCEPT_LANGUAGE));
        return Sentences.in(
                wanted,
                units.find() ? Units.valueOf(units.group(1).toUpperCase(Locale.ROOT)) : Units.of(request.getLocale()));
    }

    /* What cannot be read asks for nothing. */
    private static List<Locale.LanguageRange> ranges(String wanted) {
        if (wanted == null || wanted.isBlank()) {
            return List.of();
        }
        try {
            return Locale.LanguageRange.parse(wanted.replaceAll("-u-[A-Za-z0-9-]*", ""));
        } catch (IllegalArgumentException unreadable) {
            return List.of();
        }
    }

    @Override
    public Locale resolveLocale(HttpServletRequest request) {
        return of(request).locale();
    }

    @Override
    public void setLocale(HttpServletRequest request, HttpServletResponse response, Locale locale) {
        throw new UnsupportedOperationException("The asker says it anew each time.");
    }

    /* Before all others: what they turn away is said in that language too. */
    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        LocaleContextHolder.setLocale(resolveLocale(request));
        try {
            chain.doFilter(request, response);
        } finally {
            LocaleContextHolder.resetLocaleContext();
        }
    }
}
