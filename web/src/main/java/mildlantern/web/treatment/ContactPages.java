package mildlantern.web.treatment;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.log.LogKind;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.quarantine.Contact;
import mildlantern.quarantine.Quarantine;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.SvgNumbers;
import mildlantern.web.stop.Stop;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** Who stood beside a plant with something catching: the list, the map of their stops, and how many were known when. */
@Component
class ContactPages {
    private static final int CURVE_WIDTH = 340;
    private static final int CURVE_FOOT = 48;

    private final CaseTroubles cases;
    private final Plants plants;
    private final LogBook logBook;
    private final Outbreaks outbreaks;
    private final Quarantine quarantine;
    private final Clock clock;

    ContactPages(
            CaseTroubles cases,
            Plants plants,
            LogBook logBook,
            Outbreaks outbreaks,
            Quarantine quarantine,
            Clock clock) {
        this.cases = cases;
        this.plants = plants;
        this.logBook = logBook;
        this.outbreaks = outbreaks;
        this.quarantine = quarantine;
        this.clock = clock;
    }

    List<CourseViews.ContactLine> contactLines(
            StoredCourse course, List<Contact> contacts, List<ContactLook> looks, Map<StopId, Stop> stops) {
        Map<PlantId, Plant> plants =
                this.plants
                        .plants(
                                course.collection(),
                                contacts.stream().map(Contact::plant).toList())
                        .stream()
                        .collect(Collectors.toMap(Plant::id, plant -> plant));
        Set<PlantId> infested = outbreaks.sameTrouble(course).stream()
                .map(CaseTroubles.Decided::plant)
                .collect(Collectors.toSet());
        List<CourseViews.ContactLine> lines = new ArrayList<>();
        for (Contact contact : contacts) {
            Plant plant = plants.get(contact.plant());
            if (plant == null || !plant.alive()) {
                continue;
            }
            boolean found = infested.contains(plant.id());
            Optional<ContactLook> look =
                    looks.stream().filter(one -> one.plant().equals(plant.id())).findFirst();
            boolean looked = look.isPresent()
                    && !found
                    && lookedSince(plant, look.get().askedOn().orElse(LocalDate.MAX));
            CourseViews.Known known = found
                    ? CourseViews.Known.HAS_IT
                    : looked
                            ? CourseViews.Known.FINE
                            : look.isPresent()
                                    ? CourseViews.Known.ON_THE_ROUND
                                    : quarantine.worthALook(contact)
                                            ? CourseViews.Known.NOT_ASKED
                                            : CourseViews.Known.USUAL_ROUND;
            Stop stop = stops.get(plant.stop());
            lines.add(new CourseViews.ContactLine(
                    plant.id(),
                    plant.name(),
                    stop == null || contact.nearness() != Quarantine.Nearness.ROOM ? "" : stop.name(),
                    contact.nearness(),
                    CourseDues.days(contact.days()),
                    (int) Math.max(1, Math.round(100 * contact.risk())),
                    known));
        }
        return lines;
    }

    private boolean lookedSince(Plant plant, LocalDate day) {
        return logBook.entries(plant, day).stream().anyMatch(row -> row.kind() == LogKind.LOOKED);
    }

    /** The stops on which the outbreak stands, to scale, each pot by what is known of it. */
    List<CourseViews.MapStop> map(StoredCourse course, List<CourseViews.ContactLine> lines, Map<StopId, Stop> stops) {
        Map<PlantId, CourseViews.ContactLine> near = lines.stream()
                .filter(line -> line.nearness() != Quarantine.Nearness.ROOM || line.found())
                .collect(Collectors.toMap(
                        CourseViews.ContactLine::plant, line -> line, (one, other) -> one, LinkedHashMap::new));
        List<PlantId> ids = new ArrayList<>(near.keySet());
        ids.add(course.plant());
        Map<StopId, List<Plant>> byStop = this.plants.plants(course.collection(), ids).stream()
                .filter(Plant::alive)
                .collect(Collectors.groupingBy(Plant::stop, LinkedHashMap::new, Collectors.toList()));
        Map<PlantId, Quarantine.Spot> spots =
                outbreaks.spots(course.collection(), this.plants.plants(course.collection()));
        List<CourseViews.MapStop> map = new ArrayList<>();
        for (Stop stop : stops.values().stream()
                .sorted(Comparator.comparingInt(Stop::position))
                .toList()) {
            List<CourseViews.MapPot> pots = new ArrayList<>();
            for (Plant plant : byStop.getOrDefault(stop.id(), List.of())) {
                Quarantine.Spot spot = spots.get(plant.id());
                if (spot != null) {
                    CourseViews.ContactLine line = near.get(plant.id());
                    String role = plant.id().equals(course.plant()) || (line != null && line.found())
                            ? "has-it"
                            : line != null && line.known() == CourseViews.Known.FINE ? "fine" : "near";
                    pots.add(new CourseViews.MapPot(
                            plant.id(), plant.name(), spot.xCm(), spot.yCm(), spot.radiusCm(), role));
                }
            }
            if (!pots.isEmpty()) {
                map.add(new CourseViews.MapStop(stop.name(), stop.widthCm(), stop.depthCm(), pots));
            }
        }
        return map;
    }

    CourseViews.Curve curve(StoredCourse course) {
        LocalDate today = LocalDate.now(clock);
        List<LocalDate> found = new ArrayList<>(outbreaks.sameTrouble(course).stream()
                .map(CaseTroubles.Decided::openedOn)
                .toList());
        found.add(cases.decided(course.collection(), course.troubleCase()).openedOn());
        found.sort(Comparator.naturalOrder());
        LocalDate from = found.get(0);
        double days = Math.max(1, ChronoUnit.DAYS.between(from, today));
        StringBuilder path = new StringBuilder("M").append(SvgNumbers.point(2, CURVE_FOOT));
        for (int i = 0; i < found.size(); i++) {
            double x = 2 + (CURVE_WIDTH - 4) * ChronoUnit.DAYS.between(from, found.get(i)) / days;
            path.append("H")
                    .append(Math.round(x))
                    .append("V")
                    .append(Math.round(CURVE_FOOT - (CURVE_FOOT - 18.0) * (i + 1) / found.size()));
        }
        path.append("H").append(CURVE_WIDTH - 2);
        return new CourseViews.Curve(
                path.toString(),
                CoursePages.DAY.format(from),
                found.size() == 1
                        ? Wording.say("treatment.contact-pages.1-plant-has")
                        : Wording.say("treatment.contact-pages.plants-have", found.size()));
    }
}
