package mildlantern.web.words;

import com.ibm.icu.text.DateTimePatternGenerator;
import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import java.text.NumberFormat;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.time.temporal.TemporalAccessor;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import mildlantern.message.Refusal;
import mildlantern.quantity.Length;
import mildlantern.quantity.Temperature;
import mildlantern.quantity.TemperatureChange;
import mildlantern.quantity.Volume;
import org.jspecify.annotations.Nullable;
import org.springframework.context.NoSuchMessageException;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.LocaleContextHolder;

/**
 * Words facts for the reader, whose language and manner of writing numbers and days the request carries; outside a request, in British English.
 * The same fact, reader and bundles always give the same words.
 */
public final class Wording {
    private record Spoken(String key, Locale locale) {}

    private static final Map<String, String> ENGLISH = Bundles.read("words");
    private static final Map<String, Map<String, String>> OTHERS = new ConcurrentHashMap<>();
    private static final Map<Spoken, MessageFormat> FORMATS = new ConcurrentHashMap<>();

    private Wording() {}

    /** A fact in the reader's words. */
    public static String of(Message message) {
        return say(message.what().key(), message.with().toArray());
    }

    /** Why a value was refused, in the reader's words. */
    public static String why(IllegalArgumentException refused) {
        return refused instanceof Refusal refusal ? of(refusal.told()) : String.valueOf(refused.getMessage());
    }

    /** A constant in the reader's words. */
    public static String of(MessageKey constant) {
        return say(constant.key());
    }

    /**
     * The words of a key, with the values that they hold.
     *
     * @throws NoSuchMessageException if there are none
     */
    public static String say(String key, @Nullable Object... values) {
        Locale reader = reader();
        return find(key, values, reader).orElseThrow(() -> new NoSuchMessageException(key, reader));
    }

    /** Things in a row: "a", "a and b", "a, b and c". */
    public static String listed(List<?> items) {
        return listed(items, reader());
    }

    /** Whether a key has words. */
    public static boolean knows(String key) {
        return ENGLISH.containsKey(key);
    }

    /** The reader's language and manner of writing. */
    public static Locale reader() {
        LocaleContext asked = LocaleContextHolder.getLocaleContext();
        return Optional.ofNullable(asked == null ? null : asked.getLocale()).orElse(Locale.UK);
    }

    /** Does something for a program, which reads and writes metric units whatever its owner uses. */
    public static <T> T inMetric(Supplier<T> work) {
        LocaleContext asked = LocaleContextHolder.getLocaleContext();
        Locale metric = new Locale.Builder()
                .setLocale(reader())
                .setUnicodeLocaleKeyword("ms", "metric")
                .setUnicodeLocaleKeyword("mu", "celsius")
                .build();
        try {
            LocaleContextHolder.setLocale(metric);
            return work.get();
        } finally {
            LocaleContextHolder.setLocaleContext(asked);
        }
    }

    /** Whether the reader writes the month before the day, as in 11/27/2026. */
    public static boolean monthFirst() {
        String pattern = DateTimePatternGenerator.getInstance(ULocale.forLocale(reader()))
                .getBestPattern("yMd");
        return pattern.indexOf('M') < pattern.indexOf('d') && !pattern.startsWith("y");
    }

    /** A day and a number as a locale writes them, to choose it by. */
    public static String example(LocalDate day, double number, Locale locale) {
        return DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM)
                        .withLocale(locale)
                        .format(day) + " · " + NumberFormat.getInstance(locale).format(number);
    }

    static Optional<String> find(String key, @Nullable Object @Nullable [] values, Locale locale) {
        if (!knows(key)) {
            return Optional.empty();
        }
        MessageFormat format = FORMATS.computeIfAbsent(new Spoken(key, locale), Wording::format);
        Object[] worded = Arrays.stream(values == null ? new Object[0] : values)
                .map(value -> value(value, locale))
                .toArray();
        // A format keeps state while it writes.
        synchronized (format) {
            return Optional.of(format.format(worded));
        }
    }

    private static String listed(List<?> items, Locale locale) {
        return ListFormatter.getInstance(locale)
                .format(items.stream().map(item -> value(item, locale)).toList());
    }

    private static MessageFormat format(Spoken spoken) {
        String pattern = pattern(spoken);
        return new MessageFormat(
                TestLanguage.chosen(spoken.locale()) ? TestLanguage.of(pattern) : pattern,
                ULocale.forLocale(spoken.locale()));
    }

    private static String pattern(Spoken spoken) {
        String language = spoken.locale().getLanguage();
        String english = ENGLISH.getOrDefault(spoken.key(), "");
        return language.equals("en")
                ? english
                : OTHERS.computeIfAbsent(language, one -> Bundles.read("words/" + one))
                        .getOrDefault(spoken.key(), english);
    }

    /** A value as a format takes it: what has words of its own is worded first. */
    private static Object value(@Nullable Object value, Locale locale) {
        if (value instanceof Message message) {
            return find(message.what().key(), message.with().toArray(), locale)
                    .orElseThrow(() -> new NoSuchMessageException(message.what().key(), locale));
        }
        if (value instanceof MessageKey constant) {
            return find(constant.key(), null, locale)
                    .orElseThrow(() -> new NoSuchMessageException(constant.key(), locale));
        }
        if (value instanceof List<?> items) {
            return listed(items, locale);
        }
        if (value instanceof Temperature warmth) {
            return Units.shown(warmth.celsius(), Unit.Of.TEMPERATURE);
        }
        if (value instanceof TemperatureChange change) {
            return Units.apart(change.kelvin(), Unit.Of.TEMPERATURE);
        }
        if (value instanceof Length length) {
            return Units.shown(length.centimetres(), Unit.Of.LENGTH);
        }
        if (value instanceof Volume volume) {
            return Units.shown(volume.millilitres(), Unit.Of.VOLUME);
        }
        if (value instanceof LocalDate day) {
            return DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM)
                    .withLocale(locale)
                    .format(day);
        }
        return value == null ? "" : value instanceof TemporalAccessor ? value.toString() : value;
    }
}
