package mildlantern.web.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mildlantern.web.words.Wording;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table as it was sent: commas, semicolons or tabs, UTF-8 or as older spreadsheets write.
 *
 * @param heads the words of the first line
 * @param rows the others, each as long as the heads
 */
record CsvTable(List<String> heads, List<List<String>> rows) {
    private static final int MOST_ROWS = 20_000;
    private static final int MOST_COLUMNS = 200;
    private static final int MOST_CELLS = 400_000;

    /** What was wrong with a table; the message is for the grower. */
    static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String why) {
            super(why);
        }
    }

    static CsvTable read(String text) throws Unreadable {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        if (plain.isBlank()) {
            throw new Unreadable(Wording.say("exchange.csv-table.file-empty"));
        }
        if (plain.indexOf('\0') >= 0) {
            throw new Unreadable(Wording.say("exchange.csv-table.file-not-text-table"));
        }
        char separator = separator(plain.lines().findFirst().orElse(""));
        if (plain.chars().filter(sign -> sign == separator).count() > MOST_CELLS) {
            throw new Unreadable(Wording.say("exchange.csv-table.table-has-more-than", MOST_CELLS));
        }
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(separator)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            List<List<String>> all = new ArrayList<>();
            for (CSVRecord row : parser) {
                all.add(row.stream()
                        .limit(MOST_COLUMNS + 1L)
                        .map(cell -> unquoted(cell.strip()))
                        .toList());
                if (all.size() > MOST_ROWS + 1) {
                    break;
                }
            }
            if (all.size() < 2) {
                throw new Unreadable(Wording.say("exchange.csv-table.there-first-line-names"));
            }
            if (all.size() > MOST_ROWS + 1) {
                throw new Unreadable(Wording.say("exchange.csv-table.table-has-more-than-2", MOST_ROWS));
            }
            List<String> heads = all.get(0);
            if (heads.size() > MOST_COLUMNS) {
                throw new Unreadable(
                        Wording.say("exchange.csv-table.table-has-columns-are", heads.size(), MOST_COLUMNS));
            }
            return new CsvTable(
                    heads,
                    all.subList(1, all.size()).stream()
                            .map(row -> filled(row, heads.size()))
                            .toList());
        } catch (IOException | UncheckedIOException | IllegalStateException e) {
            throw new Unreadable(Wording.say("exchange.csv-table.quotation-mark-left-open"));
        }
    }

    private static String unquoted(String cell) {
        return cell.length() > 1 && cell.charAt(0) == '\'' && "=+-@".indexOf(cell.charAt(1)) >= 0
                ? cell.substring(1)
                : cell;
    }

    private static List<String> filled(List<String> row, int length) {
        List<String> cells = new ArrayList<>(row.subList(0, Math.min(length, row.size())));
        while (cells.size() < length) {
            cells.add("");
        }
        return List.copyOf(cells);
    }

    private static char separator(String heads) {
        char best = ',';
        for (char candidate : new char[] {';', '\t'}) {
            if (heads.chars().filter(c -> c == candidate).count()
                    > heads.chars().filter(c -> c == ',').count()) {
                best = candidate;
            }
        }
        return best;
    }

    /** A head without case, spaces and signs, to be matched. */
    static String plain(String head) {
        return head.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
    }
}
