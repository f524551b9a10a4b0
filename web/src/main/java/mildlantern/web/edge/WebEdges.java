package mildlantern.web.edge;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.web.http.CookieHttpSessionIdResolver;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.session.web.http.HttpSessionIdResolver;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** What no page should have to think of: signs that no text can hold, and cookies that are no session of ours. */
@Configuration(proxyBeanMethods = false)
class WebEdges implements WebMvcConfigurer {
    private static final Pattern SESSION =
            Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(new NoZeroSigns());
    }

    /** The database's texts hold every sign but the zero one; nobody types it. */
    private static final class NoZeroSigns implements HandlerInterceptor {
        @Override
        public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
                throws Exception {
            for (Map.Entry<String, String[]> parameter :
                    request.getParameterMap().entrySet()) {
                if (holdsZero(parameter.getKey())
                        || List.of(parameter.getValue()).stream().anyMatch(NoZeroSigns::holdsZero)) {
                    Answers.plain(request, response, Edges.UNREADABLE);
                    return false;
                }
            }
            return true;
        }

        private static boolean holdsZero(String text) {
            return text.indexOf('\0') >= 0;
        }
    }

    /** A cookie that does not look like a session of ours is none: it never reaches the database. */
    @Bean
    HttpSessionIdResolver sessionIds(
            @org.springframework.beans.factory.annotation.Value("${server.servlet.session.cookie.name}") String name) {
        DefaultCookieSerializer cookies = new DefaultCookieSerializer() {
            @Override
            public List<String> readCookieValues(HttpServletRequest request) {
                return super.readCookieValues(request).stream()
                        .filter(value -> SESSION.matcher(value).matches())
                        .toList();
            }
        };
        cookies.setCookieName(name);
        cookies.setSameSite("Lax");
        cookies.setUseHttpOnlyCookie(true);
        CookieHttpSessionIdResolver resolver = new CookieHttpSessionIdResolver();
        resolver.setCookieSerializer(cookies);
        return resolver;
    }
}
