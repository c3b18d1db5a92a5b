package app.gradior.web.guard;

import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The web server with deadlines. */
@Configuration
class ServerConfig {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> deadlines() {
        return factory -> {
            factory.setProtocol(TimedProtocol.class.getName());
            factory.addEngineValves(new BodyDeadline());
        };
    }
}
