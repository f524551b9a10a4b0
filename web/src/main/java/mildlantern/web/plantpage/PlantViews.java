package mildlantern.web.plantpage;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mildlantern.log.LogKind;
import mildlantern.place.StopId;
import mildlantern.plant.BotanicalName;
import mildlantern.plant.PlantId;
import mildlantern.web.log.LogLine;
import mildlantern.web.photo.PhotoLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Troubles;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.EntryId;
import mildlantern.web.routine.Edits;

/** What the templates of the collection show. */
final class PlantViews {
    private PlantViews() {}

    /** One plant's page. */
    record PlantPage(
            PlantId id,
            String name,
            String kind,
            BotanicalName botanical,
            Optional<String> ended,
            String stopName,
            StopId stopId,
            Optional<String> harm,
            Optional<String> rest,
            String year,
            String habits,
            long plate,
            String water,
            int pourMl,
            List<Want> wants,
            List<Want> facts,
            List<CareLine> care,
            List<DayLine> record,
            List<Troubles.Trouble> cases,
            Optional<CaseId> openCase,
            String holds,
            List<Neighbour> neighbours,
            List<Neighbour> kin,
            List<PhotoLine> photos,
            String form) {}

    /** The strip of time and how it can be zoomed. */
    record StripPage(
            PlantId plant, Strip.Drawn strip, List<Zoom> zooms, Optional<String> earlier, Optional<String> later) {}

    /** A way to look at the strip. */
    record Zoom(String words, String address, boolean here) {}

    /** A need beside what the stop gives, or a fact of the plant. */
    record Want(String what, String wanted, String given, boolean met) {}

    /** A line of the care sheet. */
    record CareLine(String setting, String text, String reason, LocalDate since, List<String> before) {}

    /** A line of the record; who wrote it is blank where that is not known. */
    record DayLine(
            EntryId id,
            LocalDate day,
            String what,
            String by,
            Optional<String> was,
            boolean mayTakeBack,
            boolean mayEdit) {
        /** Of a plant that is gone, only its going can be taken back. */
        static DayLine of(Plant plant, LogLine entry, String words) {
            boolean going = entry.kind() == LogKind.LOST || entry.kind() == LogKind.RETIRED;
            return new DayLine(
                    entry.id(),
                    entry.onDay(),
                    words,
                    entry.writtenBy().orElse(""),
                    Optional.empty(),
                    plant.alive() || going,
                    plant.alive() && Edits.may(entry));
        }

        /** The same, with the words of the entry that it stands for. */
        DayLine after(Optional<String> before) {
            return new DayLine(id, day, what, by, before, mayTakeBack, mayEdit);
        }
    }

    /** Another plant. */
    record Neighbour(PlantId id, String name, String words) {}
}
