package app.gradior.web.frame;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.filter.ShallowEtagHeaderFilter;
import org.springframework.web.servlet.resource.ResourceUrlEncodingFilter;

/**
 * The files that pages are made of; nobody has to be signed in for them. Whether a file is still the one that a browser has is told by
 * its content: every file of a release has the same time, so that a release can be built again to the same bytes.
 *
 * <p>Links are written as they stand. The framework would look every one of them up among the style sheets and scripts, in case these
 * had versions in their names, which took a fifth of a page's time.
 */
@Configuration
class PageParts {
    private static final List<String> FOLDERS = List.of("css", "js", "fonts", "icons", "webjars");
    private static final List<String> FILES = List.of("/icon.svg", "/sw.js");

    /** Their addresses, for whoever lets them through. */
    static String[] addresses(String allOfAFolder) {
        return Stream.concat(FOLDERS.stream().map(folder -> "/" + folder + allOfAFolder), FILES.stream())
                .toArray(String[]::new);
    }

    /** Whether an address is one of them. */
    static boolean are(String address) {
        return FILES.contains(address) || FOLDERS.stream().anyMatch(folder -> address.startsWith("/" + folder + "/"));
    }

    @Bean
    FilterRegistrationBean<ShallowEtagHeaderFilter> contentTags() {
        ShallowEtagHeaderFilter tags = new ShallowEtagHeaderFilter();
        tags.setWriteWeakETag(true); // a strong one would keep the answer from being compressed
        FilterRegistrationBean<ShallowEtagHeaderFilter> filter = new FilterRegistrationBean<>(tags);
        filter.addUrlPatterns(addresses("/*"));
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
