package mildlantern.sensing;

import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.light.WindowLight;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads the table that a data logger writes: columns in any order, comma, semicolon or tab between them, °C or °F, light in lux, foot-candles or
 * µmol/m²s, times with or without a zone, lines of words before the heading. Times without a zone go by the given clock, through its change
 * of hour. A table with a line that cannot be read is refused whole, with the numbers of those lines.
 */
public final class LoggerFile {
    static final int HEADING_WITHIN = 30;
    private static final int PROBLEMS_SAID = 12;
    private static final Set<String> NOTHING = Set.of("", "-", "--", "---", "n/a", "na", "nan", "null", "logged");

    /** Nobody keeps plants at a median of 45 °C: a column without its unit that says so is in °F. */
    private static final double SURELY_FAHRENHEIT = 45;

    private LoggerFile() {}

    /** In what temperatures are, where the table does not say. */
    public enum Degrees implements MessageKey {
        AS_WRITTEN,
        CELSIUS,
        FAHRENHEIT
    }

    /** Whether 3/4 is the third of April or the fourth of March. */
    public enum DayOrder implements MessageKey {
        AS_WRITTEN,
        DAY_FIRST,
        MONTH_FIRST
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
     * @param columns what was found in which column
     */
    public record Read(
            List<Sample> samples, int rows, int twice, List<Aside> aside, List<Gap> gaps, List<Message> columns) {}

    /** The table cannot be read; nothing of it is taken. */
    public static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        private final transient Message told;
        private final transient List<Message> lines;

        Unreadable(Message told, List<Message> lines) {
            super(told.what().key() + " " + told.with());
            this.told = told;
            this.lines = List.copyOf(lines);
        }

        /** Why. */
        public Message told() {
            return told;
        }

        /** What is wrong, line by line, at most a dozen. */
        public List<Message> lines() {
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

    private static final class Reading {
        private final Asked asked;
        private final LoggerColumns columns;
        private final List<Message> problems = new ArrayList<>();
        private boolean decimalComma;
        private int wrong;

        Reading(Asked asked, WindowLight light) {
            this.asked = asked;
            this.columns = new LoggerColumns(asked, light);
        }

        Read read(String text, Instant until) throws Unreadable {
            String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
            char between = LoggerTable.between(plain);
            decimalComma = between == ';';
            List<CSVRecord> lines = LoggerTable.lines(plain, between);
            int heading = heading(lines);
            List<CSVRecord> rows = lines.subList(heading + 1, lines.size()).stream()
                    .filter(line -> line.size() > 1 || !line.get(0).isBlank())
                    .toList();
            LoggerMoments moments = new LoggerMoments(columns, asked.order(), rows);
            List<Sample> samples = new ArrayList<>(rows.size());
            Instant before = Instant.MIN;
            for (CSVRecord row : rows) {
                Optional<Sample> sample = sample(row, moments, before);
                if (sample.isPresent()) {
                    before = sample.get().at();
                    samples.add(sample.get());
                }
            }
            if (wrong > 0) {
                throw new Unreadable(
                        TableSays.LINES_WRONG.with(wrong, rows.size(), wrong > problems.size() ? "more" : "all"),
                        problems);
            }
            if (samples.isEmpty()) {
                throw new Unreadable(TableSays.NO_READING.with(), List.of());
            }
            Instant last = samples.stream()
                    .map(Sample::at)
                    .max(Comparator.naturalOrder())
                    .orElseThrow();
            if (last.isAfter(until)) {
                throw new Unreadable(
                        TableSays.TO_COME.with(last.atZone(columns.zone()).toLocalDate()), List.of());
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
                    columns.found());
        }

        private List<Sample> celsius(List<Sample> samples) throws Unreadable {
            if (columns.unitSaid() || asked.degrees() != Degrees.AS_WRITTEN) {
                return samples;
            }
            double[] sorted = samples.stream()
                    .map(Sample::celsius)
                    .filter(OptionalDouble::isPresent)
                    .mapToDouble(OptionalDouble::getAsDouble)
                    .sorted()
                    .toArray();
            if (sorted.length > 0 && sorted[sorted.length / 2] > SURELY_FAHRENHEIT) {
                throw new Unreadable(TableSays.SURELY_FAHRENHEIT.with(), List.of());
            }
            return samples;
        }

        private int heading(List<CSVRecord> lines) throws Unreadable {
            for (int i = 0; i < Math.min(HEADING_WITHIN, lines.size()); i++) {
                if (columns.heading(lines.get(i))) {
                    return i;
                }
            }
            throw new Unreadable(
                    TableSays.NO_HEADING.with(),
                    List.of(
                            lines.isEmpty()
                                    ? TableSays.FIRST_LINE_EMPTY.with()
                                    : TableSays.FIRST_LINE.with(shortened(String.join(" | ", lines.get(0))))));
        }

        private Optional<Sample> sample(CSVRecord row, LoggerMoments moments, Instant before) {
            Optional<Instant> at = moments.of(row, before);
            if (at.isEmpty()) {
                String time = moments.text(row);
                problem(
                        time.isBlank()
                                ? TableSays.LINE_NO_TIME.with(row.getRecordNumber())
                                : TableSays.LINE_WRONG_TIME.with(row.getRecordNumber(), shortened(time)));
                return Optional.empty();
            }
            OptionalDouble celsius = number(row, LoggerColumns.Part.CELSIUS);
            OptionalDouble humidity = number(row, LoggerColumns.Part.HUMIDITY);
            OptionalDouble ppfd = number(row, LoggerColumns.Part.PPFD);
            Sample sample = new Sample(at.get(), celsius, humidity, ppfd);
            return sample.empty() ? Optional.empty() : Optional.of(sample);
        }

        private void problem(Message what) {
            wrong++;
            if (problems.size() < PROBLEMS_SAID) {
                problems.add(what);
            }
        }

        private OptionalDouble number(CSVRecord row, LoggerColumns.Part part) {
            String cell = columns.cell(row, part);
            if (NOTHING.contains(cell.toLowerCase(Locale.ROOT))) {
                return OptionalDouble.empty();
            }
            try {
                double value = Double.parseDouble(decimalComma ? cell.replace(',', '.') : cell);
                if (!Double.isFinite(value)) {
                    throw new NumberFormatException(cell);
                }
                return columns.kept(part, value);
            } catch (NumberFormatException e) {
                problem(TableSays.LINE_NO_NUMBER.with(row.getRecordNumber(), shortened(cell)));
                return OptionalDouble.empty();
            }
        }
    }

    /** A text of the table, cut where it is long. */
    static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
