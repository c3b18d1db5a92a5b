package app.gradior.web.frame;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Every page is asked for its right. */
@Configuration
class RightsConfig implements WebMvcConfigurer {
    private final Rights rights;

    RightsConfig(Rights rights) {
        this.rights = rights;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(rights);
    }
}
