package mildlantern.web.exchange;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What a grower mended of a table on its way in, so that the file need not be sent again.
 *
 * @param all by what they mend: {@code cell:7:cm} a cell, {@code value:kind:phal} a value wherever it stands in a field, {@code days} the order of
 *     day and month, {@code doubles} whether rows that are here already come in once more
 */
record CsvMends(Map<String, String> all) {
    static final CsvMends NONE = new CsvMends(Map.of());

    /** Instead of a stop: one of the name that the table gives is added. */
    static final String ADDED = "+";

    private static final String DAYS = "days";
    private static final String DOUBLES = "doubles";

    CsvMends {
        all = Map.copyOf(all);
    }

    static String cell(int row, String field) {
        return "cell:" + row + ":" + field;
    }

    static String value(String field, String written) {
        return "value:" + field + ":" + written.strip().toLowerCase(Locale.ROOT);
    }

    /** What is to be read for a cell. */
    String read(int row, String field, String written) {
        String cell = all.getOrDefault(cell(row, field), written);
        return all.getOrDefault(value(field, cell), cell);
    }

    /** Whether the month comes before the day; empty where nobody said. */
    Optional<Boolean> monthFirst() {
        return Optional.ofNullable(all.get(DAYS)).map("month"::equals);
    }

    boolean doubles() {
        return all.containsKey(DOUBLES);
    }

    CsvMends with(Map<String, String> further) {
        Map<String, String> together = new HashMap<>(all);
        further.forEach((what, text) -> {
            if (text.isBlank() && !what.startsWith("cell:")) {
                together.remove(what);
            } else {
                together.put(what, text.strip());
            }
        });
        return new CsvMends(together);
    }
}
