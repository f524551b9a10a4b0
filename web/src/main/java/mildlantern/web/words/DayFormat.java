package mildlantern.web.words;

import com.ibm.icu.text.DateTimePatternGenerator;
import com.ibm.icu.util.ULocale;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAccessor;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** How days and moments are written, by the reader's manner: which parts are told, not in which order. */
public enum DayFormat {
    /** 27 Nov 2026. */
    YEAR("yMMMd"),
    /** 27 November 2026. */
    LONG_YEAR("yMMMMd"),
    /** 27 Nov. */
    SHORT("MMMd"),
    /** 27 November. */
    LONG("MMMMd"),
    /** Fri 27 Nov. */
    WEEKDAY("EEEMMMd"),
    /** Friday 27 November. */
    LONG_WEEKDAY("EEEEMMMMd"),
    /** Friday. */
    DAY_OF_WEEK("EEEE"),
    /** 27 Nov 14:05. */
    MOMENT("MMMdjm"),
    /** Nov. */
    MONTH("MMM"),
    /** Nov 2026. */
    MONTH_YEAR("yMMM");

    private final String skeleton;
    private final Map<Locale, DateTimeFormatter> formats = new ConcurrentHashMap<>();

    DayFormat(String skeleton) {
        this.skeleton = skeleton;
    }

    /** Writes a day or a moment for the reader. */
    public String format(TemporalAccessor when) {
        return formats.computeIfAbsent(Wording.reader(), this::made).format(when);
    }

    private DateTimeFormatter made(Locale locale) {
        String pattern =
                DateTimePatternGenerator.getInstance(ULocale.forLocale(locale)).getBestPattern(skeleton);
        // A comma after the weekday is of no use in a line of a table.
        return DateTimeFormatter.ofPattern(pattern.replaceFirst("^(E+), ", "$1 "), locale);
    }
}
