package mildlantern.web.collection;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** What the templates of the collection show. */
final class PlantViews {
    private PlantViews() {}

    /** One plant's page. */
    record PlantPage(
            UUID id,
            String name,
            String kind,
            String botanical,
            String stopName,
            UUID stopId,
            Optional<String> harm,
            Optional<String> rest,
            String habits,
            String plate,
            List<Want> wants,
            List<CareLine> care,
            List<DayLine> record,
            List<Troubles.Trouble> cases,
            Optional<UUID> openCase,
            String holds,
            List<PhotoLine> photos) {}

    /** A need beside what the stop gives. */
    record Want(String what, String wanted, String given, boolean met) {}

    /** A line of the care sheet. */
    record CareLine(String setting, String text, String reason, LocalDate since, List<String> before) {}

    /** A line of the record. */
    record DayLine(LocalDate day, String what, String detail) {}

    /** A photo of this plant. */
    record PhotoLine(UUID id, LocalDate day, String caption) {}
}
