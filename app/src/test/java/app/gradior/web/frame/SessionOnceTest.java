package app.gradior.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.MapSession;
import org.springframework.session.MapSessionRepository;

/** Sessions are asked for once a request, written when they changed, and never known beyond the request. */
class SessionOnceTest {
    /** In the middle of a minute; of now, since a session that was not used for long is none. */
    private static final Instant HALF_PAST =
            Instant.now().truncatedTo(ChronoUnit.MINUTES).plusSeconds(30);

    private final List<String> done = new ArrayList<>();
    private final SessionOnce<MapSession> sessions = new SessionOnce<>(new Counted());

    private final class Counted extends MapSessionRepository implements FindByIndexNameSessionRepository<MapSession> {
        Counted() {
            super(new HashMap<>());
        }

        @Override
        public void save(MapSession session) {
            done.add("save");
            super.save(session);
        }

        @Override
        public MapSession findById(String id) {
            done.add("find");
            return super.findById(id);
        }

        @Override
        public Map<String, MapSession> findByIndexNameAndIndexValue(String name, String value) {
            return Map.of();
        }
    }

    private interface Deed {
        void run() throws Exception;
    }

    /** What one request does to the repository behind. */
    private List<String> request(Deed deed) throws Exception {
        done.clear();
        new SessionOnce.Bounds()
                .doFilter(new MockHttpServletRequest(), new MockHttpServletResponse(), new MockFilterChain() {
                    @Override
                    public void doFilter(
                            jakarta.servlet.ServletRequest request, jakarta.servlet.ServletResponse response) {
                        try {
                            deed.run();
                        } catch (Exception e) {
                            throw new AssertionError(e);
                        }
                    }
                });
        return List.copyOf(done);
    }

    private String begun() throws Exception {
        String[] id = new String[1];
        assertThat(request(() -> {
                    SessionOnce.Kept<MapSession> session = sessions.createSession();
                    session.setLastAccessedTime(HALF_PAST);
                    sessions.save(session);
                    id[0] = session.getId();
                    assertThat(sessions.findById(id[0])).isSameAs(session);
                }))
                .as("a new one is written at once")
                .containsExactly("save");
        return id[0];
    }

    /** What a page does: the session is found, its access noted, and it is looked for once more at the end. */
    private List<String> page(String id, Instant at) throws Exception {
        return request(() -> {
            SessionOnce.Kept<MapSession> session = sessions.findById(id);
            session.setLastAccessedTime(at);
            sessions.save(session);
            sessions.save(session);
            assertThat(sessions.findById(id)).isSameAs(session);
        });
    }

    @Test
    void aPageOfTheSameMinuteReadsOnceAndWritesNothing() throws Exception {
        String id = begun();
        assertThat(page(id, HALF_PAST.plusSeconds(29))).containsExactly("find");
        assertThat(page(id, HALF_PAST.plusSeconds(30))).as("another minute").containsExactly("find", "save");
        assertThat(page(id, HALF_PAST.plusSeconds(31)))
                .as("and each request asks anew")
                .containsExactly("find");
    }

    @Test
    void whateverChangesIsWritten() throws Exception {
        String id = begun();
        List<String> written = List.of("find", "save");
        assertThat(request(() -> {
                    SessionOnce.Kept<MapSession> session = sessions.findById(id);
                    session.setAttribute("who", "cook");
                    sessions.save(session);
                }))
                .isEqualTo(written);
        assertThat(request(() -> {
                    SessionOnce.Kept<MapSession> session = sessions.findById(id);
                    session.removeAttribute("who");
                    sessions.save(session);
                }))
                .isEqualTo(written);
        assertThat(request(() -> {
                    SessionOnce.Kept<MapSession> session = sessions.findById(id);
                    String fresh = session.changeSessionId();
                    sessions.save(session);
                    assertThat(sessions.findById(fresh)).isSameAs(session);
                    assertThat(sessions.findById(id)).as("the old id").isNull();
                }))
                .containsExactly("find", "save", "find");
    }

    @Test
    void whatIsEndedIsNotKnownAnyMore() throws Exception {
        String id = begun();
        request(() -> {
            assertThat(sessions.findById(id)).isNotNull();
            sessions.deleteById(id);
            assertThat(sessions.findById(id)).isNull();
        });
        String other = begun();
        assertThat(request(() -> assertThat(sessions.findById(other)).isNotNull()))
                .containsExactly("find");
        done.clear();
        assertThat(sessions.findById(other)).isNotSameAs(sessions.findById(other));
        assertThat(done).as("outside of a request").containsExactly("find", "find");
    }
}
