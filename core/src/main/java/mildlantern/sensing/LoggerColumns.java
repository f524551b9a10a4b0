package mildlantern.sensing;

import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mildlantern.light.LightSource;
import mildlantern.light.Photons;
import mildlantern.light.WindowLight;
import mildlantern.message.Message;
import org.apache.commons.csv.CSVRecord;

/** The columns of a logger's table by its heading: what stands in each, and in which unit. */
final class LoggerColumns {
    /** What can stand in a column. */
    enum Part {
        TIME,
        DAY,
        CLOCK,
        CELSIUS,
        HUMIDITY,
        PPFD
    }

    private static final Pattern ZONE =
            Pattern.compile("(?:GMT|UTC)\\s*([+-]\\d{1,2}:?\\d{2})?", Pattern.CASE_INSENSITIVE);

    private final LoggerFile.Asked asked;
    private final WindowLight light;
    private final Map<Part, Integer> columns = new HashMap<>();
    private final Map<Part, DoubleUnaryOperator> units = new HashMap<>();
    private final List<Message> found = new ArrayList<>();
    private ZoneId zone;
    private boolean zoneSaid;
    private boolean unitSaid;

    LoggerColumns(LoggerFile.Asked asked, WindowLight light) {
        this.asked = asked;
        this.light = light;
        this.zone = asked.zone();
    }

    /** What stands in a part of a row; blank where the table has no such column. */
    String cell(CSVRecord row, Part part) {
        Integer at = columns.get(part);
        return at == null || at >= row.size() ? "" : row.get(at).strip();
    }

    /** A reading of a part in the unit in which it is kept. */
    OptionalDouble kept(Part part, double read) {
        DoubleUnaryOperator unit = units.get(part);
        return unit == null ? OptionalDouble.empty() : OptionalDouble.of(unit.applyAsDouble(read));
    }

    /** In which zone the times are: what the heading says, or what was asked. */
    ZoneId zone() {
        return zone;
    }

    boolean zoneSaid() {
        return zoneSaid;
    }

    boolean unitSaid() {
        return unitSaid;
    }

    /** What was found where. */
    List<Message> found() {
        return List.copyOf(found);
    }

    /** Reads a line as the heading; false where it is none. */
    boolean heading(CSVRecord line) {
        columns.clear();
        units.clear();
        found.clear();
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
            found(Part.TIME, at, name, value -> value, TableSays.TIME_FROM);
            zone(name);
        } else if (day) {
            found(Part.DAY, at, name, value -> value, TableSays.DAY_FROM);
        } else if (clock) {
            found(Part.CLOCK, at, name, value -> value, TableSays.TIME_FROM);
            zone(name);
        } else if (low.contains("temp")
                || low.matches(".*(°|deg)\\s*[cf].*")
                || low.contains("celsius")
                || low.contains("fahrenheit")) {
            boolean fahrenheit = low.matches(".*(°|deg\\s*|\\(\\s*|\\[\\s*|_)f\\b.*") || low.contains("fahrenheit");
            boolean celsius = low.matches(".*(°|deg\\s*|\\(\\s*|\\[\\s*|_)c\\b.*") || low.contains("celsius");
            unitSaid = fahrenheit || celsius;
            boolean isFahrenheit = asked.degrees() == LoggerFile.Degrees.FAHRENHEIT
                    || asked.degrees() == LoggerFile.Degrees.AS_WRITTEN && fahrenheit;
            found(
                    Part.CELSIUS,
                    at,
                    name,
                    isFahrenheit ? value -> (value - 32) / 1.8 : value -> value,
                    isFahrenheit ? TableSays.FAHRENHEIT_FROM : TableSays.CELSIUS_FROM);
        } else if (low.contains("humid") || low.matches(".*\\brh\\b.*") || low.contains("r.h.") || low.equals("%")) {
            found(Part.HUMIDITY, at, name, value -> value, TableSays.HUMIDITY_FROM);
        } else if (low.contains("ppfd") || low.contains("par") && low.length() < 12 || low.contains("mol")) {
            found(Part.PPFD, at, name, value -> value, TableSays.PHOTONS_FROM);
        } else if (low.contains("foot") || low.matches(".*\\bfc\\b.*") || low.contains("lm/ft")) {
            found(Part.PPFD, at, name, value -> lux(value * Photons.LUX_PER_FOOT_CANDLE), TableSays.FOOT_CANDLES_FROM);
        } else if (low.contains("lux")
                || low.matches(".*\\blx\\b.*")
                || low.contains("light")
                || low.contains("illum")) {
            found(Part.PPFD, at, name, this::lux, TableSays.LUX_FROM);
        }
    }

    private double lux(double lux) {
        return lux < 0 || lux > 200_000 ? lux : light.ppfd(lux, LightSource.DAYLIGHT);
    }

    private void found(Part part, int at, String name, DoubleUnaryOperator unit, TableSays what) {
        if (columns.putIfAbsent(part, at) == null) {
            units.put(part, unit);
            found.add(what.with(LoggerFile.shortened(name)));
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
}
