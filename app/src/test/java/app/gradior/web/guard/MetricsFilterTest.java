package app.gradior.web.guard;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.ApplicationTest;
import app.gradior.Settings;
import app.gradior.batch.BatchEvent;
import app.gradior.room.batch.BatchChanged;
import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** What a monitor sees, and where alone. */
@ApplicationTest
class MetricsFilterTest {
    private static final int PORT = 9187;

    @Autowired
    private PrometheusMeterRegistry registry;

    @Autowired
    private ApplicationEventPublisher publisher;

    private MockHttpServletResponse at(int metricsPort, int port, String path, MockFilterChain chain) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
        request.setLocalPort(port);
        MockHttpServletResponse response = new MockHttpServletResponse();
        new MetricsFilter(Settings.of("metrics-port", String.valueOf(metricsPort)), registry)
                .doFilter(request, response, chain);
        return response;
    }

    private double events() throws Exception {
        return at(PORT, PORT, "/metrics", new MockFilterChain())
                .getContentAsString()
                .lines()
                .filter(line -> line.startsWith("gradior_events_total "))
                .mapToDouble(line -> Double.parseDouble(line.split(" ")[1]))
                .sum();
    }

    @Test
    void aPortOfItsOwnAnswersWithWhatIsCountedAndNothingElse() throws Exception {
        double before = events();
        publisher.publishEvent(new BatchChanged(1, 2, Mockito.mock(BatchEvent.class)));
        assertThat(events()).isEqualTo(before + 1);
        MockFilterChain chain = new MockFilterChain();
        assertThat(at(PORT, PORT, "/metrics", chain).getContentAsString())
                .contains(
                        "gradior_forecast_seconds_count",
                        "gradior_forecast_program_seconds_count",
                        "gradior_streams ",
                        "gradior_streams_unsaid ")
                .contains(
                        "cache_gets_total{cache=\"forecasts.now\"",
                        "hikaricp_connections_active",
                        "jvm_memory_used_bytes");
        assertThat(at(PORT, PORT, "/sauces", chain).getStatus()).isEqualTo(404);
        assertThat(chain.getRequest()).as("nothing else goes on there").isNull();
    }

    @Test
    void otherPortsKnowNothingOfIt() throws Exception {
        for (int metricsPort : new int[] {0, PORT}) {
            MockFilterChain chain = new MockFilterChain();
            assertThat(at(metricsPort, 8080, "/metrics", chain).getContentAsString())
                    .isEmpty();
            assertThat(chain.getRequest()).isNotNull();
        }
    }
}
