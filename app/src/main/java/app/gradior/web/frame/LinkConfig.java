package app.gradior.web.frame;

import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.filter.ShallowEtagHeaderFilter;
import org.springframework.web.servlet.resource.ResourceUrlEncodingFilter;

/**
 * What pages are made of. Whether a file is still the one that a browser has is told by its content: every file of a release has the
 * same time, so that a release can be built again to the same bytes.
 *
 * <p>Links are written as they stand. The framework would look every one of them up among the style sheets and scripts, in case these
 * had versions in their names, which took a fifth of a page's time.
 */
@Configuration
class LinkConfig {
    @Bean
    FilterRegistrationBean<ShallowEtagHeaderFilter> contentTags() {
        ShallowEtagHeaderFilter tags = new ShallowEtagHeaderFilter();
        tags.setWriteWeakETag(true); // a strong one would keep the answer from being compressed
        FilterRegistrationBean<ShallowEtagHeaderFilter> filter = new FilterRegistrationBean<>(tags);
        filter.addUrlPatterns("/css/*", "/js/*", "/fonts/*", "/icons/*", "/webjars/*", "/icon.svg", "/sw.js");
        return filter;
    }

    @Bean
    FilterRegistrationBean<ResourceUrlEncodingFilter> plainLinks() {
        FilterRegistrationBean<ResourceUrlEncodingFilter> filter =
                new FilterRegistrationBean<>(new ResourceUrlEncodingFilter());
        filter.setEnabled(false);
        return filter;
    }
}
