package app.gradior.web.guard;

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
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> deadlines() {
        return factory -> {
            factory.setProtocol(TimedProtocol.class.getName());
            factory.addEngineValves(new BodyDeadline());
            factory.addConnectorCustomizers(connector -> connector.setMaxLocaleCount(MOST_LANGUAGES));
        };
    }
}
