package mildlantern.web.account;

import java.time.DayOfWeek;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import mildlantern.message.MessageKey;
import org.jspecify.annotations.Nullable;

/**
 * How a reader likes pages written and drawn. Stored as one object; what is missing in it, as in those of earlier versions, is as usual.
 *
 * @param language in which pages are written
 * @param manner in which days and numbers are written
 * @param degrees of temperatures
 * @param measures of lengths, volumes, weights and light
 * @param weekStart first day of the week
 * @param theme of pages
 * @param text size of it
 * @param keys whether single keys act
 * @param quiet when no mail comes
 */
public record ReaderSettings(
        Language language,
        Manner manner,
        Degrees degrees,
        Measures measures,
        DayOfWeek weekStart,
        Theme theme,
        TextSize text,
        boolean keys,
        Quiet quiet) {

    /**
     * Hours of the day in which no mail comes; the morning message comes when they end.
     *
     * @param from the hour at which they begin, 0 to 23
     * @param to the hour at which they end, 0 to 23
     */
    public record Quiet(int from, int to) {
        public static final Quiet USUAL = new Quiet(21, 7);

        /** Whether the quiet of the night is over at an hour. */
        boolean morningCame(int hour) {
            return from < to ? hour >= to : hour >= to && hour < Math.max(from, to + 1);
        }
    }

    /** A language that pages are written in. */
    public enum Language implements MessageKey {
        ENGLISH,
        /** English with accents and a third longer, for tests. */
        TEST
    }

    /** How days and numbers are written; each stands for a region whose manner it is. */
    public enum Manner implements MessageKey {
        BRITISH("GB"),
        AMERICAN("US"),
        GERMAN("DE"),
        SWEDISH("SE");

        private final String region;

        Manner(String region) {
            this.region = region;
        }

        Locale locale() {
            return new Locale.Builder().setLanguage("en").setRegion(region).build();
        }
    }

    /** Of temperatures. */
    public enum Degrees implements MessageKey {
        CELSIUS,
        FAHRENHEIT
    }

    /** Of lengths, volumes, weights and light. */
    public enum Measures implements MessageKey {
        METRIC,
        US
    }

    /** Of pages. */
    public enum Theme implements MessageKey {
        SYSTEM,
        LIGHT,
        DARK
    }

    /** Of text. */
    public enum TextSize implements MessageKey {
        USUAL,
        LARGE,
        LARGEST
    }

    /** As usual: metric, in British English. */
    public static final ReaderSettings USUAL = new ReaderSettings(
            Language.ENGLISH,
            Manner.BRITISH,
            Degrees.CELSIUS,
            Measures.METRIC,
            DayOfWeek.MONDAY,
            Theme.SYSTEM,
            TextSize.USUAL,
            true,
            Quiet.USUAL);

    private static final Map<DayOfWeek, String> WEEK = Map.of(
            DayOfWeek.MONDAY, "mon",
            DayOfWeek.SATURDAY, "sat",
            DayOfWeek.SUNDAY, "sun");

    /** Settings of a stored object, of which anything may be missing. */
    static ReaderSettings of(@Nullable Stored stored) {
        return stored == null ? USUAL : stored.settings();
    }

    /** As stored. */
    record Stored(
            @Nullable Language language,
            @Nullable Manner manner,
            @Nullable Degrees degrees,
            @Nullable Measures measures,
            @Nullable DayOfWeek weekStart,
            @Nullable Theme theme,
            @Nullable TextSize text,
            @Nullable Boolean keys,
            @Nullable Quiet quiet) {

        static Stored of(ReaderSettings settings) {
            return new Stored(
                    settings.language,
                    settings.manner,
                    settings.degrees,
                    settings.measures,
                    settings.weekStart,
                    settings.theme,
                    settings.text,
                    settings.keys,
                    settings.quiet);
        }

        private ReaderSettings settings() {
            return new ReaderSettings(
                    Objects.requireNonNullElse(language, USUAL.language),
                    Objects.requireNonNullElse(manner, USUAL.manner),
                    Objects.requireNonNullElse(degrees, USUAL.degrees),
                    Objects.requireNonNullElse(measures, USUAL.measures),
                    Objects.requireNonNullElse(weekStart, USUAL.weekStart),
                    Objects.requireNonNullElse(theme, USUAL.theme),
                    Objects.requireNonNullElse(text, USUAL.text),
                    Objects.requireNonNullElse(keys, USUAL.keys),
                    Objects.requireNonNullElse(quiet, USUAL.quiet));
        }
    }

    /** All that the writing of pages asks, as a locale: language and region, with Unicode's extensions for units and the week. */
    public Locale locale() {
        return new Locale.Builder()
                .setLanguage("en")
                .setRegion(language == Language.TEST ? "XA" : manner.region)
                .setUnicodeLocaleKeyword("ms", measures == Measures.US ? "ussystem" : "metric")
                .setUnicodeLocaleKeyword("mu", degrees == Degrees.FAHRENHEIT ? "fahrenhe" : "celsius")
                .setUnicodeLocaleKeyword("fw", Objects.requireNonNullElse(WEEK.get(weekStart), "mon"))
                .build();
    }
}
