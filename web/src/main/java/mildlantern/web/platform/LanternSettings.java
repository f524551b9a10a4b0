package mildlantern.web.platform;

import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Settings of this installation.
 *
 * @param demo whether to load the demo collection at the first start
 * @param daysAhead how many days the clock runs ahead of the machine's, to see a later day of the demo
 * @param stations whether simulated stations read on by themselves
 * @param testLanguage whether the made-up language of tests can be chosen
 * @param standInMail whether a small mail server of our own stands in for one
 * @param mailFrom the address that mail comes from
 * @param generated sizes of collections to make up for measuring; none for a person's use
 */
@ConfigurationProperties("lantern")
public record LanternSettings(
        @DefaultValue("false") boolean demo,
        @DefaultValue("0") int daysAhead,
        @DefaultValue("true") boolean stations,
        @DefaultValue("false") boolean testLanguage,
        @DefaultValue("false") boolean standInMail,
        @DefaultValue("lantern@localhost") String mailFrom,
        @DefaultValue({}) List<Integer> generated) {}
