package mildlantern.web.climate;

import java.util.List;
import java.util.OptionalDouble;
import mildlantern.quantity.Limits;
import mildlantern.sensing.HourOfAir;

/** Hours as a table that this product, and any other, reads back: times in UTC, °C, percent, µmol/m²s. */
final class HoursTable {
    private HoursTable() {}

    static String csv(List<HourOfAir> hours) {
        StringBuilder table = new StringBuilder("time,temp (°C),lowest,highest,rh (%),ppfd\n");
        for (HourOfAir hour : hours) {
            table.append(hour.hour());
            cell(table, hour.celsius());
            cell(table, hour.lowest());
            cell(table, hour.highest());
            cell(table, hour.humidity());
            cell(table, hour.ppfd());
            table.append('\n');
        }
        return table.toString();
    }

    private static void cell(StringBuilder table, OptionalDouble value) {
        table.append(',');
        if (value.isPresent()) {
            table.append(Limits.plain(value.getAsDouble()));
        }
    }
}
