package app.gradior.web.frame;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;

/**
 * A session's last use is written at most once a minute: every page would otherwise wait for the disk. One that nobody has signed
 * in to yet is written at once, since signing in gives it a new id.
 */
@Configuration
class SessionConfig {
    private static final String UPDATE = """
            UPDATE %TABLE_NAME%
            SET SESSION_ID = ?, LAST_ACCESS_TIME = ?, MAX_INACTIVE_INTERVAL = ?, EXPIRY_TIME = ?, PRINCIPAL_NAME = ?
            WHERE PRIMARY_ID = ?
            AND (PRINCIPAL_NAME IS NULL OR LAST_ACCESS_TIME < UNIX_TIMESTAMP(NOW(3)) * 1000 - 60000)
            """;

    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> seldomWritten() {
        return repository -> repository.setUpdateSessionQuery(UPDATE);
    }
}
