package mildlantern.sensing;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import mildlantern.message.Message;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** The lines of a logger's table, whatever stands between its cells; none larger than a logger's can be. */
final class LoggerTable {
    /** Two years and more, every ten minutes. */
    private static final int MOST_LINES = 120_000;

    private static final int MOST_CELLS = 600_000;
    private static final Message TOO_LARGE = TableSays.TOO_LARGE.with(MOST_LINES, MOST_CELLS);

    private LoggerTable() {}

    static char between(String text) {
        int[] counts = new int[3];
        text.lines().limit(LoggerFile.HEADING_WITHIN).forEach(line -> {
            for (int i = 0; i < line.length(); i++) {
                int which = "\t;,".indexOf(line.charAt(i));
                if (which >= 0) {
                    counts[which]++;
                }
            }
        });
        return counts[0] > 0 && counts[0] >= counts[1] ? '\t' : counts[1] > 0 ? ';' : ',';
    }

    static List<CSVRecord> lines(String text, char between) throws LoggerFile.Unreadable {
        if (text.chars().filter(sign -> sign == between || sign == '\n').count() > MOST_CELLS) {
            throw new LoggerFile.Unreadable(TOO_LARGE, List.of());
        }
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
                    throw new LoggerFile.Unreadable(TOO_LARGE, List.of());
                }
            }
            return lines;
        } catch (IOException | IllegalArgumentException | IllegalStateException | UncheckedIOException e) {
            throw new LoggerFile.Unreadable(TableSays.QUOTES_OPEN.with(), List.of());
        }
    }
}
