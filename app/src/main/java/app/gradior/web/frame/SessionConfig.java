package app.gradior.web.frame;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.List;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.session.web.http.SessionRepositoryFilter;

/**
 * Sessions, and the cookie that names one. A session's times are kept to the minute, so that pages within the same minute
 * write nothing ({@link SessionOnce}), and two that write the same minute, on two nodes perhaps, do not change one row twice.
 */
@Configuration
class SessionConfig {
    /** A session ends when it is not used for so long; the cookie's life too. */
    static final Duration IDLE = Duration.ofDays(30);
    /** And after so long whatever it is used for. */
    static final Duration LONGEST = Duration.ofDays(90);

    static final String COOKIE = "gradior";
    /** Behind TLS: browsers let nobody but this very host set it. */
    static final String HOST_COOKIE = "__Host-gradior";

    private static final String UPDATE = """
            UPDATE %TABLE_NAME%
            SET SESSION_ID = ?, LAST_ACCESS_TIME = 60000 * (? DIV 60000), MAX_INACTIVE_INTERVAL = ?,
                EXPIRY_TIME = 60000 * (? DIV 60000), PRINCIPAL_NAME = ?
            WHERE PRIMARY_ID = ?
            """;

    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> timesToTheMinute() {
        return repository -> {
            repository.setUpdateSessionQuery(UPDATE);
            repository.setDefaultMaxInactiveInterval(IDLE);
        };
    }

    /** The repository that the library made, behind one that asks it once a request. */
    @Bean
    static BeanPostProcessor sessionsOnce() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof JdbcIndexedSessionRepository sessions ? new SessionOnce<>(sessions) : bean;
            }
        };
    }

    @Bean
    FilterRegistrationBean<SessionOnce.Bounds> sessionBounds() {
        FilterRegistrationBean<SessionOnce.Bounds> bounds = new FilterRegistrationBean<>(new SessionOnce.Bounds());
        bounds.setOrder(SessionRepositoryFilter.DEFAULT_ORDER - 1);
        return bounds;
    }

    @Bean
    CookieSerializer sessionCookie() {
        DefaultCookieSerializer plain = cookie(COOKIE, false);
        DefaultCookieSerializer host = cookie(HOST_COOKIE, true);
        return new CookieSerializer() {
            private DefaultCookieSerializer of(HttpServletRequest request) {
                return request.isSecure() ? host : plain;
            }

            @Override
            public void writeCookieValue(CookieValue value) {
                of(value.getRequest()).writeCookieValue(value);
            }

            @Override
            public List<String> readCookieValues(HttpServletRequest request) {
                return of(request).readCookieValues(request);
            }
        };
    }

    private static DefaultCookieSerializer cookie(String name, boolean secure) {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName(name);
        cookie.setCookiePath("/");
        cookie.setUseSecureCookie(secure);
        cookie.setUseHttpOnlyCookie(true);
        cookie.setSameSite("Lax");
        cookie.setCookieMaxAge((int) IDLE.toSeconds());
        return cookie;
    }
}
