package app.gradior.nodes;

import javax.sql.DataSource;
import net.javacrumbs.shedlock.core.LockProvider;
import net.javacrumbs.shedlock.provider.jdbctemplate.JdbcTemplateLockProvider;
import net.javacrumbs.shedlock.spring.annotation.EnableSchedulerLock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;

/** Upkeep is done by one node at a time, by a lock in the database; one that died holds it for ten minutes at most. */
@Configuration
@EnableSchedulerLock(defaultLockAtMostFor = "PT10M")
class UpkeepLocks {
    @Bean
    LockProvider upkeepLock(DataSource database) {
        return new JdbcTemplateLockProvider(JdbcTemplateLockProvider.Configuration.builder()
                .withJdbcTemplate(new JdbcTemplate(database))
                .usingDbTime()
                .build());
    }
}
