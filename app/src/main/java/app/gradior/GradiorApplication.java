package app.gradior;

import java.time.Clock;
import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import org.springframework.resilience.annotation.EnableResilientMethods;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the application. */
@EnableScheduling
@EnableResilientMethods
@SpringBootApplication
@ConfigurationPropertiesScan
@MapperScan(
        basePackages = {"app.gradior.room", "app.gradior.nodes"},
        annotationClass = Mapper.class)
@MapperScan(basePackages = "app.gradior.access", markerInterface = app.gradior.access.AccessTables.class)
public class GradiorApplication {
    public static void main(String[] args) {
        SpringApplication.run(GradiorApplication.class, args);
    }

    /** The one clock; tests put a settable one in its place. */
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
