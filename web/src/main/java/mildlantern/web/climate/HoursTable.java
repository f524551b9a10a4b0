package mildlantern.web.climate;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.OptionalDouble;
import mildlantern.quantity.Limits;
import mildlantern.sensing.HourOfAir;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Hours as a table that this product, and any other, reads back: times in UTC, °C, percent, µmol/m²s. */
final class HoursTable {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setRecordSeparator('\n')
            .setHeader("time", "temp (°C)", "lowest", "highest", "rh (%)", "ppfd")
            .get();

    private HoursTable() {}

    static String csv(List<HourOfAir> hours) {
        StringBuilder table = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(table, FORMAT)) {
            for (HourOfAir hour : hours) {
                printer.printRecord(
                        hour.hour(),
                        cell(hour.celsius()),
                        cell(hour.lowest()),
                        cell(hour.highest()),
                        cell(hour.humidity()),
                        cell(hour.ppfd()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return table.toString();
    }

    private static String cell(OptionalDouble value) {
        return value.isPresent() ? Limits.plain(value.getAsDouble()) : "";
    }
}
