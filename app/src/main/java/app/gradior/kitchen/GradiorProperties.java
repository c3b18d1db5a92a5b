package app.gradior.kitchen;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Settings of this start.
 *
 * @param demo whether the demo kitchen is loaded and may be entered without a password
 * @param demoToken API token of the demo kitchen; empty for none
 */
@ConfigurationProperties("gradior")
public record GradiorProperties(
        @DefaultValue("false") boolean demo,
        @DefaultValue("") String demoToken) {}
