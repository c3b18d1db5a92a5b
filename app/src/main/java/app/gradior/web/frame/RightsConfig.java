package app.gradior.web.frame;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Every page is asked for its right, and what it did is noted. */
@Configuration
class RightsConfig implements WebMvcConfigurer {
    private final Rights rights;
    private final AuditTrail trail;

    RightsConfig(Rights rights, AuditTrail trail) {
        this.rights = rights;
        this.trail = trail;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(rights);
        registry.addInterceptor(trail);
    }
}
