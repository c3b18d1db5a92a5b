package app.gradior.nodes;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.ApplicationTest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import net.javacrumbs.shedlock.core.LockConfiguration;
import net.javacrumbs.shedlock.core.LockProvider;
import net.javacrumbs.shedlock.core.SimpleLock;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What a cluster of databases asks of us: rows that every node can name, and no lock that one node alone sees. */
@ApplicationTest
class ClusterReadyTest {
    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private LockProvider locks;

    @Autowired
    private Outbox outbox;

    @Test
    void everyTableHasAPrimaryKeyAndIsInnodb() {
        List<String> without = jdbc.queryForList("""
                select t.table_name from information_schema.tables t
                left join information_schema.table_constraints c on c.table_schema = t.table_schema
                    and c.table_name = t.table_name and c.constraint_type = 'PRIMARY KEY'
                where t.table_schema = database() and t.table_type = 'BASE TABLE'
                    and (c.constraint_name is null or t.engine <> 'InnoDB')
                """, String.class);
        assertThat(without).isEmpty();
    }

    @Test
    void noLockIsOneNodesOwn() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src/main"))) {
            assertThat(files.filter(file -> file.toString().matches(".*\\.(java|sql)"))
                            .filter(file -> {
                                try {
                                    return Files.readString(file)
                                            .toLowerCase(Locale.ROOT)
                                            .matches("(?s).*\\b(get_lock\\s*\\(|lock tables).*");
                                } catch (IOException e) {
                                    throw new IllegalStateException(e);
                                }
                            }))
                    .isEmpty();
        }
    }

    /** While one node does a piece of upkeep no other does it; once it is done another may. */
    @Test
    void oneNodeDoesTheUpkeep() {
        LockConfiguration upkeep =
                new LockConfiguration(Instant.now(), "try-" + System.nanoTime(), Duration.ofMinutes(1), Duration.ZERO);
        Optional<SimpleLock> mine = locks.lock(upkeep);
        assertThat(mine).isPresent();
        assertThat(locks.lock(upkeep)).isEmpty();
        mine.get().unlock();
        assertThat(locks.lock(upkeep)).isPresent();
    }

    /** A node hears each piece of news once, and never its own; what nobody needs any more goes. */
    @Test
    void newsIsHeardOnce() {
        Outbox one = outbox.ofAnotherNode();
        Outbox other = outbox.ofAnotherNode();
        one.tell(Outbox.Kind.HERE, 1, 2, 0, "marta");
        assertThat(one.news()).extracting(Outbox.News::who).doesNotContain("marta");
        assertThat(other.news()).extracting(Outbox.News::who).containsOnlyOnce("marta");
        assertThat(other.news()).isEmpty();
        jdbc.update("insert into outbox (node, kind, kitchen_id, batch_id, event_id, who, at)"
                + " values ('n', 'HERE', 1, 2, 0, 'late', now(3) - interval 15 second)");
        List<String> heard = new ArrayList<>();
        for (int look = 0; look < 30; look++) {
            other.news().forEach(news -> heard.add(news.who()));
        }
        assertThat(heard).as("what was kept long after it was written").containsOnlyOnce("late");
        outbox.forget();
        assertThat(outbox.ofAnotherNode().news())
                .as("young enough to be heard by a node that comes")
                .extracting(Outbox.News::who)
                .contains("marta");
        jdbc.update("update outbox set at = now(3) - interval 400 second");
        outbox.forget();
        assertThat(jdbc.queryForObject("select count(*) from outbox", Integer.class))
                .isZero();
    }
}
