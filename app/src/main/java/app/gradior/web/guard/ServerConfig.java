package app.gradior.web.guard;

import app.gradior.room.house.GradiorProperties;
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
            factory.setProtocol(TimedProtocol.class.getName());
            factory.addEngineValves(new BodyDeadline());
            factory.addConnectorCustomizers(connector -> connector.setMaxLocaleCount(MOST_LANGUAGES));
        };
    }

    /** Plain http beside https: for this machine itself, and to lead others to https. */
    private static Connector plain(int port) {
        Connector connector = new Connector(TimedProtocol.class.getName());
        connector.setPort(port);
        connector.setMaxLocaleCount(MOST_LANGUAGES);
        return connector;
    }
}
