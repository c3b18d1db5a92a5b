package app.gradior.web.guard;

import app.gradior.room.house.GradiorProperties;
import io.micrometer.prometheusmetrics.PrometheusConfig;
import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import org.apache.catalina.connector.Connector;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The web server with deadlines. */
@Configuration
class ServerConfig {
    /** More than fit into the headers that are read: a long wish list of languages is no fault. */
    private static final int MOST_LANGUAGES = 8192;

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> deadlines(GradiorProperties properties) {
        return factory -> {
            if (properties.house().open()) {
                factory.addAdditionalConnectors(plain(properties.house().plainPort()));
            }
            if (properties.metricsPort() > 0) {
                Connector guarded = plain(properties.metricsPort());
                guarded.setProperty("address", "127.0.0.1");
                factory.addAdditionalConnectors(guarded);
            }
            factory.setProtocol(TimedProtocol.class.getName());
            factory.addEngineValves(new BodyDeadline());
            factory.addConnectorCustomizers(connector -> connector.setMaxLocaleCount(MOST_LANGUAGES));
        };
    }

    /** What is counted, in the form that a monitor reads ({@link MetricsFilter}). */
    @Bean
    PrometheusMeterRegistry counted() {
        return new PrometheusMeterRegistry(PrometheusConfig.DEFAULT);
    }

    /** Plain http beside the first port. */
    private static Connector plain(int port) {
        Connector connector = new Connector(TimedProtocol.class.getName());
        connector.setPort(port);
        connector.setMaxLocaleCount(MOST_LANGUAGES);
        return connector;
    }
}
