package app.gradior;

import app.gradior.testing.PrivateMariaDb;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistrar;
import org.springframework.test.context.TestContext;
import org.springframework.test.context.TestExecutionListener;
import org.springframework.test.context.TestExecutionListeners;

/** A test against the whole application, on a database of its own and with a clock that the test sets. One context for all. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest
@AutoConfigureMockMvc
@Import(ApplicationTest.Setting.class)
@TestExecutionListeners(
        listeners = ApplicationTest.SameTimeForEach.class,
        mergeMode = TestExecutionListeners.MergeMode.MERGE_WITH_DEFAULTS)
public @interface ApplicationTest {

    /** Each test begins at the same moment, wherever the one before it moved the clock to, and nobody has tried a door since. */
    class SameTimeForEach implements TestExecutionListener {
        @Override
        public void beforeTestMethod(TestContext test) {
            test.getApplicationContext().getBean(SetClock.class).to(SetClock.BEGINS);
            test.getApplicationContext().getBean(JdbcTemplate.class).update("delete from attempt_bucket");
        }
    }

    /** A clock that stands until it is moved. */
    final class SetClock extends Clock {
        private static final Instant BEGINS = Instant.parse("2026-12-01T18:00:00Z");

        private Instant now = BEGINS;

        public void to(Instant instant) {
            now = instant;
        }

        public void forward(Duration by) {
            now = now.plus(by);
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    /** Database and clock. */
    @TestConfiguration
    class Setting {
        @Bean
        @Primary
        SetClock setClock() {
            return new SetClock();
        }

        @Bean
        DynamicPropertyRegistrar database() {
            PrivateMariaDb db = PrivateMariaDb.get();
            String url = db.create("app_" + Long.toHexString(System.nanoTime()));
            return registry -> {
                registry.add("spring.datasource.url", () -> url);
                registry.add("spring.datasource.username", db::user);
                registry.add("spring.datasource.password", db::password);
                registry.add("spring.flyway.user", db::owner);
                registry.add("spring.flyway.password", db::password);
            };
        }
    }
}
