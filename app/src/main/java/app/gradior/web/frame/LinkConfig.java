package app.gradior.web.frame;

import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.resource.ResourceUrlEncodingFilter;

/**
 * Links are written as they stand. The framework would look every one of them up among the style sheets and scripts, in case these
 * had versions in their names, which took a fifth of a page's time.
 */
@Configuration
class LinkConfig {
    @Bean
    FilterRegistrationBean<ResourceUrlEncodingFilter> plainLinks() {
        FilterRegistrationBean<ResourceUrlEncodingFilter> filter =
                new FilterRegistrationBean<>(new ResourceUrlEncodingFilter());
        filter.setEnabled(false);
        return filter;
    }
}
