package mildlantern.web.platform;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Settings of this installation.
 *
 * @param demo whether to load the demo collection at the first start
 * @param daysAhead how many days the clock runs ahead of the machine's, to see a later day of the demo
 */
@ConfigurationProperties("lantern")
public record LanternSettings(
        @DefaultValue("false") boolean demo,
        @DefaultValue("0") int daysAhead) {}
