package mildlantern.web.account;

import com.ibm.icu.util.LocaleData;
import com.ibm.icu.util.ULocale;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Optional;
import java.util.TimeZone;
import mildlantern.web.platform.SignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.SimpleLocaleContext;
import org.springframework.context.i18n.SimpleTimeZoneAwareLocaleContext;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.LocaleContextResolver;

/** Gives each request its reader's language, manner of writing, units and clock; before somebody signs in, the browser's manner. */
@Component("localeResolver")
class ReaderLocales implements LocaleContextResolver {
    private final Readers readers;

    ReaderLocales(Readers readers) {
        this.readers = readers;
    }

    @Override
    public LocaleContext resolveLocaleContext(HttpServletRequest request) {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        if (signedIn != null && signedIn.getPrincipal() instanceof SignedIn member) {
            Readers.Reader reader = readers.of(member);
            Locale locale = reader.settings().locale();
            Optional<ZoneId> zone = reader.zone();
            return zone.<LocaleContext>map(
                            one -> new SimpleTimeZoneAwareLocaleContext(locale, TimeZone.getTimeZone(one)))
                    .orElseGet(() -> new SimpleLocaleContext(locale));
        }
        return new SimpleLocaleContext(guest(request.getLocale()));
    }

    private static Locale guest(Locale asked) {
        boolean us = LocaleData.getMeasurementSystem(ULocale.forLocale(asked)).equals(LocaleData.MeasurementSystem.US);
        return us
                ? Locale.forLanguageTag("en-US-u-ms-ussystem-mu-fahrenhe")
                : Locale.forLanguageTag("en-GB-u-ms-metric-mu-celsius");
    }

    @Override
    public Locale resolveLocale(HttpServletRequest request) {
        return Optional.ofNullable(resolveLocaleContext(request).getLocale()).orElse(Locale.UK);
    }

    @Override
    public void setLocaleContext(
            HttpServletRequest request, @Nullable HttpServletResponse response, @Nullable LocaleContext locale) {
        throw new UnsupportedOperationException("Readers choose on their settings page");
    }

    @Override
    public void setLocale(HttpServletRequest request, @Nullable HttpServletResponse response, @Nullable Locale locale) {
        throw new UnsupportedOperationException("Readers choose on their settings page");
    }
}
