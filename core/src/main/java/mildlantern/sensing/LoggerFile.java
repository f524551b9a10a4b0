package mildlantern.sensing;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mildlantern.light.LightSource;
import mildlantern.light.Photons;
import mildlantern.light.WindowLight;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads the table that a data logger writes: columns in any order, comma, semicolon or tab between them, °C or °F, light in lux, foot-candles or
 * µmol/m²s, times with or without a zone, lines of words before the heading. Times without a zone go by the given clock, through its change
 * of hour. A table with a line that cannot be read is refused whole, with the numbers of those lines.
 */
public final class LoggerFile {
    /** Two years and more, every ten minutes. */
    private static final int MOST_LINES = 120_000;

    private static final int MOST_CELLS = 600_000;
    private static final String TOO_LARGE =
            "That table has more than %d lines or %d cells; bring it by parts. Nothing was stored."
                    .formatted(MOST_LINES, MOST_CELLS);
    private static final int HEADING_WITHIN = 30;
    private static final int PROBLEMS_SAID = 12;
    private static final Set<String> NOTHING = Set.of("", "-", "--", "---", "n/a", "na", "nan", "null", "logged");

    /** Nobody keeps plants at a median of 45 °C: a column without its unit that says so is in °F. */
    private static final double SURELY_FAHRENHEIT = 45;

    private static final Pattern DAY = Pattern.compile("(\\d{1,4})[-/.](\\d{1,2})[-/.](\\d{1,4})");
    private static final Pattern CLOCK =
            Pattern.compile("(\\d{1,2}):(\\d{2})(?::(\\d{2})(?:[.,]\\d+)?)?\\s*([AaPp]\\.?[Mm]\\.?)?");
    private static final Pattern ZONE =
            Pattern.compile("(?:GMT|UTC)\\s*([+-]\\d{1,2}:?\\d{2})?", Pattern.CASE_INSENSITIVE);

    private LoggerFile() {}

    /** In what temperatures are, where the table does not say. */
    public enum Degrees {
        AS_WRITTEN("as the table says"),
        CELSIUS("°C"),
        FAHRENHEIT("°F");

        private final String words;

        Degrees(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Whether 3/4 is the third of April or the fourth of March. */
    public enum DayOrder {
        AS_WRITTEN("as the table shows"),
        DAY_FIRST("day first"),
        MONTH_FIRST("month first");

        private final String words;

        DayOrder(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * What the grower says of the table.
     *
     * @param zone the zone of times that carry none
     * @param degrees unit of temperatures
     * @param order order of day and month
     */
    public record Asked(ZoneId zone, Degrees degrees, DayOrder order) {}

    /**
     * What a table held.
     *
     * @param samples in order of time, each moment once, with what cannot be set aside
     * @param rows lines below the heading that were read
     * @param twice lines whose moment had been read before; the first one holds
     * @param aside values set aside
     * @param gaps where it is silent
     * @param columns what was found in which column, in words
     */
    public record Read(
            List<Sample> samples, int rows, int twice, List<Aside> aside, List<Gap> gaps, List<String> columns) {}

    /** The table cannot be read; nothing of it is taken. The message is for the grower. */
    public static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        private final List<String> lines;

        Unreadable(String message, List<String> lines) {
            super(message);
            this.lines = List.copyOf(lines);
        }

        /** What is wrong, line by line, at most a dozen. */
        public List<String> lines() {
            return lines;
        }
    }

    /**
     * Reads a table.
     *
     * @param until no reading can be later; a logger whose clock is wrong is told so
     * @throws Unreadable if there is no heading with a time and a reading, a line makes no sense, or it is larger than a logger's table can be
     */
    public static Read read(String text, Asked asked, WindowLight light, Instant until) throws Unreadable {
        return new Reading(asked, light).read(text, until);
    }

    private enum Part {
        TIME,
        DAY,
        CLOCK,
        CELSIUS,
        HUMIDITY,
        PPFD
    }

    private static final class Reading {
        private final Asked asked;
        private final WindowLight light;
        private final Map<Part, Integer> columns = new HashMap<>();
        private final Map<Part, DoubleUnaryOperator> units = new HashMap<>();
        private final List<String> words = new ArrayList<>();
        private final List<String> problems = new ArrayList<>();
        private ZoneId zone;
        private boolean zoneSaid;
        private boolean unitSaid;
        private boolean decimalComma;
        private boolean monthFirst;
        private int wrong;

        Reading(Asked asked, WindowLight light) {
            this.asked = asked;
            this.light = light;
            this.zone = asked.zone();
        }

        Read read(String text, Instant until) throws Unreadable {
            String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
            char between = between(plain);
            if (plain.chars().filter(sign -> sign == between || sign == '\n').count() > MOST_CELLS) {
                throw new Unreadable(TOO_LARGE, List.of());
            }
            decimalComma = between == ';';
            List<CSVRecord> lines = lines(plain, between);
            int heading = heading(lines);
            List<CSVRecord> rows = lines.subList(heading + 1, lines.size()).stream()
                    .filter(line -> line.size() > 1 || !line.get(0).isBlank())
                    .toList();
            monthFirst = monthFirst(rows);
            List<Sample> samples = new ArrayList<>(rows.size());
            Instant before = Instant.MIN;
            for (CSVRecord row : rows) {
                Optional<Sample> sample = sample(row, before);
                if (sample.isPresent()) {
                    before = sample.get().at();
                    samples.add(sample.get());
                }
            }
            if (wrong > 0) {
                String more = wrong > problems.size() ? " The first of them:" : "";
                throw new Unreadable(
                        "%d of %d lines make no sense, so nothing was stored.%s".formatted(wrong, rows.size(), more),
                        problems);
            }
            if (samples.isEmpty()) {
                throw new Unreadable("There is no reading below the heading; nothing was stored.", List.of());
            }
            Instant last = samples.stream()
                    .map(Sample::at)
                    .max(Comparator.naturalOrder())
                    .orElseThrow();
            if (last.isAfter(until)) {
                throw new Unreadable(
                        "The table goes to %s, which has not come yet; nothing was stored. Is the logger's clock right?"
                                .formatted(last.atZone(zone).toLocalDate()),
                        List.of());
            }
            return sifted(samples, rows.size());
        }

        private Read sifted(List<Sample> samples, int rows) throws Unreadable {
            List<Sample> right = celsius(samples);
            List<Sample> once = new ArrayList<>(right.size());
            right.stream().sorted(Comparator.comparing(Sample::at)).forEach(sample -> {
                if (once.isEmpty() || !once.get(once.size() - 1).at().equals(sample.at())) {
                    once.add(sample);
                }
            });
            Plausible.Sifted sifted = Plausible.sift(once);
            return new Read(
                    sifted.kept(),
                    rows,
                    right.size() - once.size(),
                    sifted.aside(),
                    Gap.in(sifted.kept().stream().map(Sample::at).toList()),
                    List.copyOf(words));
        }

        private List<Sample> celsius(List<Sample> samples) throws Unreadable {
            if (unitSaid || asked.degrees() != Degrees.AS_WRITTEN) {
                return samples;
            }
            double[] sorted = samples.stream()
                    .map(Sample::celsius)
                    .filter(OptionalDouble::isPresent)
                    .mapToDouble(OptionalDouble::getAsDouble)
                    .sorted()
                    .toArray();
            if (sorted.length > 0 && sorted[sorted.length / 2] > SURELY_FAHRENHEIT) {
                throw new Unreadable(
                        "The temperatures look like °F, but the table does not say so. Choose the unit and send it again; nothing was stored.",
                        List.of());
            }
            return samples;
        }

        private static char between(String text) {
            int[] counts = new int[3];
            text.lines().limit(HEADING_WITHIN).forEach(line -> {
                for (int i = 0; i < line.length(); i++) {
                    int which = "\t;,".indexOf(line.charAt(i));
                    if (which >= 0) {
                        counts[which]++;
                    }
                }
            });
            return counts[0] > 0 && counts[0] >= counts[1] ? '\t' : counts[1] > 0 ? ';' : ',';
        }

        private static List<CSVRecord> lines(String text, char between) throws Unreadable {
            CSVFormat format = CSVFormat.DEFAULT
                    .builder()
                    .setDelimiter(between)
                    .setIgnoreEmptyLines(false)
                    .setTrim(true)
                    .setIgnoreSurroundingSpaces(true)
                    .get();
            try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
                List<CSVRecord> lines = new ArrayList<>();
                for (CSVRecord line : parser) {
                    lines.add(line);
                    if (lines.size() > MOST_LINES) {
                        throw new Unreadable(TOO_LARGE, List.of());
                    }
                }
                return lines;
            } catch (IOException | IllegalArgumentException | IllegalStateException | UncheckedIOException e) {
                throw new Unreadable("This is no table of readings: its quotation marks do not close.", List.of());
            }
        }

        private int heading(List<CSVRecord> lines) throws Unreadable {
            for (int i = 0; i < Math.min(HEADING_WITHIN, lines.size()); i++) {
                if (heading(lines.get(i))) {
                    return i;
                }
            }
            throw new Unreadable(
                    "There is no heading with a time and a temperature, humidity or light in the first lines; nothing was stored.",
                    List.of("Line 1 says: "
                            + (lines.isEmpty() ? "nothing" : shortened(String.join(" | ", lines.get(0))))));
        }

        private boolean heading(CSVRecord line) {
            columns.clear();
            units.clear();
            words.clear();
            for (int i = 0; i < line.size(); i++) {
                column(line.get(i), i);
            }
            boolean time = columns.containsKey(Part.TIME) || columns.containsKey(Part.DAY);
            if (!columns.containsKey(Part.TIME) && columns.containsKey(Part.CLOCK) && !columns.containsKey(Part.DAY)) {
                columns.put(Part.TIME, columns.get(Part.CLOCK));
                time = true;
            }
            return time
                    && (columns.containsKey(Part.CELSIUS)
                            || columns.containsKey(Part.HUMIDITY)
                            || columns.containsKey(Part.PPFD));
        }

        private void column(String name, int at) {
            String low = name.toLowerCase(Locale.ROOT);
            if (low.isBlank() || low.matches("-?[\\d.,:/ ]+") || low.contains("dew") || low.contains("alarm")) {
                return;
            }
            boolean day = low.contains("date") || low.contains("day");
            boolean clock = low.contains("time");
            if (low.contains("timestamp") || (day && clock)) {
                found(Part.TIME, at, name, value -> value, "time");
                zone(name);
            } else if (day) {
                found(Part.DAY, at, name, value -> value, "day");
            } else if (clock) {
                found(Part.CLOCK, at, name, value -> value, "time");
                zone(name);
            } else if (low.contains("temp")
                    || low.matches(".*(°|deg)\\s*[cf].*")
                    || low.contains("celsius")
                    || low.contains("fahrenheit")) {
                boolean fahrenheit = low.matches(".*(°|deg\\s*|\\(\\s*|\\[\\s*|_)f\\b.*") || low.contains("fahrenheit");
                boolean celsius = low.matches(".*(°|deg\\s*|\\(\\s*|\\[\\s*|_)c\\b.*") || low.contains("celsius");
                unitSaid = fahrenheit || celsius;
                boolean isFahrenheit =
                        asked.degrees() == Degrees.FAHRENHEIT || asked.degrees() == Degrees.AS_WRITTEN && fahrenheit;
                found(
                        Part.CELSIUS,
                        at,
                        name,
                        isFahrenheit ? value -> (value - 32) / 1.8 : value -> value,
                        isFahrenheit ? "temperature in °F" : "temperature in °C");
            } else if (low.contains("humid")
                    || low.matches(".*\\brh\\b.*")
                    || low.contains("r.h.")
                    || low.equals("%")) {
                found(Part.HUMIDITY, at, name, value -> value, "humidity in %");
            } else if (low.contains("ppfd") || low.contains("par") && low.length() < 12 || low.contains("mol")) {
                found(Part.PPFD, at, name, value -> value, "light in µmol/m²s");
            } else if (low.contains("foot") || low.matches(".*\\bfc\\b.*") || low.contains("lm/ft")) {
                found(Part.PPFD, at, name, value -> lux(value * Photons.LUX_PER_FOOT_CANDLE), "light in foot-candles");
            } else if (low.contains("lux")
                    || low.matches(".*\\blx\\b.*")
                    || low.contains("light")
                    || low.contains("illum")) {
                found(Part.PPFD, at, name, this::lux, "light in lux");
            }
        }

        private double lux(double lux) {
            return lux < 0 || lux > 200_000 ? lux : light.ppfd(lux, LightSource.DAYLIGHT);
        }

        private void found(Part part, int at, String name, DoubleUnaryOperator unit, String what) {
            if (columns.putIfAbsent(part, at) == null) {
                units.put(part, unit);
                words.add("%s from “%s”".formatted(what, shortened(name)));
            }
        }

        private void zone(String heading) {
            Matcher said = ZONE.matcher(heading);
            if (said.find()) {
                zone = said.group(1) == null ? ZoneOffset.UTC : offset(said.group(1));
                zoneSaid = true;
            }
        }

        private static ZoneId offset(String text) {
            String digits = text.replace(":", "");
            return ZoneOffset.of(digits.length() == 4 ? digits.charAt(0) + "0" + digits.substring(1) : digits);
        }

        /** Day and month from the table itself: a number above 12 settles it; otherwise the day comes first. */
        private boolean monthFirst(List<CSVRecord> rows) {
            if (asked.order() != DayOrder.AS_WRITTEN) {
                return asked.order() == DayOrder.MONTH_FIRST;
            }
            Integer at = Optional.ofNullable(columns.get(Part.DAY)).orElse(columns.get(Part.TIME));
            int first = 0;
            int second = 0;
            for (CSVRecord row : rows) {
                if (at != null && at < row.size()) {
                    Matcher day = DAY.matcher(row.get(at));
                    if (day.find() && day.group(1).length() <= 2) {
                        first = Math.max(first, Integer.parseInt(day.group(1)));
                        second = Math.max(second, Integer.parseInt(day.group(2)));
                    }
                }
            }
            return second > 12 && first <= 12;
        }

        private Optional<Sample> sample(CSVRecord row, Instant before) {
            String time = cell(row, Part.TIME);
            if (time.isBlank()) {
                time = (cell(row, Part.DAY) + " " + cell(row, Part.CLOCK)).strip();
            }
            Optional<Instant> at = moment(time, before);
            if (at.isEmpty()) {
                return problem(row, time.isBlank() ? "has no time" : "“" + shortened(time) + "” is no time");
            }
            OptionalDouble celsius = number(row, Part.CELSIUS);
            OptionalDouble humidity = number(row, Part.HUMIDITY);
            OptionalDouble ppfd = number(row, Part.PPFD);
            Sample sample = new Sample(at.get(), celsius, humidity, ppfd);
            return sample.empty() ? Optional.empty() : Optional.of(sample);
        }

        private Optional<Sample> problem(CSVRecord row, String what) {
            wrong++;
            if (problems.size() < PROBLEMS_SAID) {
                problems.add("Line " + row.getRecordNumber() + ": " + what);
            }
            return Optional.empty();
        }

        private String cell(CSVRecord row, Part part) {
            Integer at = columns.get(part);
            return at == null || at >= row.size() ? "" : row.get(at).strip();
        }

        private OptionalDouble number(CSVRecord row, Part part) {
            String cell = cell(row, part);
            if (NOTHING.contains(cell.toLowerCase(Locale.ROOT))) {
                return OptionalDouble.empty();
            }
            try {
                double value = Double.parseDouble(decimalComma ? cell.replace(',', '.') : cell);
                DoubleUnaryOperator unit = units.get(part);
                if (!Double.isFinite(value) || unit == null) {
                    throw new NumberFormatException(cell);
                }
                return OptionalDouble.of(unit.applyAsDouble(value));
            } catch (NumberFormatException e) {
                problem(row, "“" + shortened(cell) + "” is no number");
                return OptionalDouble.empty();
            }
        }

        private Optional<Instant> moment(String text, Instant before) {
            if (text.matches("\\d{10}")) {
                return Optional.of(Instant.ofEpochSecond(Long.parseLong(text)));
            }
            if (text.matches("\\d{13}")) {
                return Optional.of(Instant.ofEpochMilli(Long.parseLong(text)));
            }
            if (text.matches("\\d{4}-\\d{2}-\\d{2}[T ]\\d{2}:\\d{2}(:\\d{2}(\\.\\d+)?)?(Z|[+-]\\d{2}:\\d{2})")) {
                try {
                    return Optional.of(
                            OffsetDateTime.parse(text.replace(' ', 'T')).toInstant());
                } catch (DateTimeException e) {
                    return Optional.empty();
                }
            }
            return local(text).map(time -> {
                ZonedDateTime early = time.atZone(zone).withEarlierOffsetAtOverlap();
                // When clocks go back, an hour comes twice: the second time it is the later one.
                return !zoneSaid && !early.toInstant().isAfter(before)
                        ? early.withLaterOffsetAtOverlap().toInstant()
                        : early.toInstant();
            });
        }

        private Optional<LocalDateTime> local(String text) {
            Matcher day = DAY.matcher(text);
            Matcher clock = CLOCK.matcher(text);
            if (!day.lookingAt() || !clock.find(day.end())) {
                return Optional.empty();
            }
            try {
                int hour = Integer.parseInt(clock.group(1));
                if (clock.group(4) != null) {
                    if (hour < 1 || hour > 12) {
                        return Optional.empty();
                    }
                    hour = hour % 12 + (clock.group(4).toLowerCase(Locale.ROOT).startsWith("p") ? 12 : 0);
                }
                int second = clock.group(3) == null ? 0 : Integer.parseInt(clock.group(3));
                return Optional.of(date(day).atTime(hour, Integer.parseInt(clock.group(2)), second));
            } catch (DateTimeException e) {
                return Optional.empty();
            }
        }

        private LocalDate date(Matcher day) {
            int one = Integer.parseInt(day.group(1));
            int two = Integer.parseInt(day.group(2));
            int three = Integer.parseInt(day.group(3));
            if (day.group(1).length() == 4) {
                return LocalDate.of(one, two, three);
            }
            int year = three < 100 ? 2000 + three : three;
            return monthFirst ? LocalDate.of(year, one, two) : LocalDate.of(year, two, one);
        }

        private static String shortened(String text) {
            return text.length() > 40 ? text.substring(0, 40) + "…" : text;
        }
    }
}
