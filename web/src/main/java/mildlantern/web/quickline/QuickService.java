package mildlantern.web.quickline;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.log.LogEntry;
import mildlantern.log.QuickLine;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.treatment.FeedHold;
import mildlantern.treatment.Verdict;
import mildlantern.web.log.LogWords;
import mildlantern.web.log.Treatments;
import mildlantern.web.log.UseTerms;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.Troubles;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Understands and stores a line of the quick field. */
@Service
class QuickService {
    private static final int MOST_CHOICES = 8;

    private final Plants plants;
    private final Stops stops;
    private final PlantKnowledge knowledge;
    private final RecordWriter log;
    private final Troubles troubles;
    private final Treatments treatments;
    private final UseTerms terms;
    private final Clock clock;

    QuickService(
            Plants plants,
            Stops stops,
            PlantKnowledge knowledge,
            RecordWriter log,
            Troubles troubles,
            Treatments treatments,
            UseTerms terms,
            Clock clock) {
        this.plants = plants;
        this.stops = stops;
        this.knowledge = knowledge;
        this.log = log;
        this.troubles = troubles;
        this.treatments = treatments;
        this.terms = terms;
        this.clock = clock;
    }

    /**
     * What was understood, in words.
     *
     * @param plant the plant's name, where it is clear
     * @param day the day, where it is not today
     * @param entries what would be written
     * @param problems what was not understood
     * @param warnings what speaks against it; it is written all the same, because it is what was done
     * @param choices where the name fits several plants: which, and how the line goes on for each
     * @param next how the line could go on
     * @param complete whether it can be written as it is
     */
    record Preview(
            String line,
            Optional<PlantId> plantId,
            String plant,
            Optional<LocalDate> day,
            List<String> entries,
            List<String> problems,
            List<String> warnings,
            List<Choice> choices,
            List<String> next,
            boolean complete) {}

    /**
     * A plant that a line may mean.
     *
     * @param words its name, number, type and place
     * @param line what is said of it, without its name
     */
    record Choice(PlantId plant, String words, String line) {}

    @Transactional(readOnly = true)
    Preview preview(CollectionId collection, String line, Optional<PlantId> here) {
        return preview(collection, line, understand(collection, line, here));
    }

    /** What is answered to a line that is longer than a line may be. */
    Preview tooLong(String line, int most) {
        return new Preview(
                line,
                Optional.empty(),
                "",
                Optional.empty(),
                List.of(),
                List.of(Wording.say(
                        "quickline.quick-service.line-has-most-letters",
                        most,
                        line.strip().length())),
                List.of(),
                List.of(),
                List.of(),
                false);
    }

    private Preview preview(CollectionId collection, String line, QuickLine.Understood understood) {
        boolean clear = understood.plants().size() == 1;
        return new Preview(
                line,
                clear ? Optional.of(understood.plants().get(0).id()) : Optional.empty(),
                clear ? understood.plants().get(0).name() : "",
                Optional.of(understood.day()).filter(day -> !day.equals(LocalDate.now(clock))),
                understood.said().stream()
                        .map(said -> LogWords.said(said.entry(), said.words()))
                        .toList(),
                understood.problems().stream().map(Wording::of).toList(),
                clear
                        ? warnings(
                                this.plants.plant(
                                        collection, understood.plants().get(0).id()),
                                understood)
                        : List.of(),
                choices(collection, line, understood),
                understood.next(),
                understood.complete());
    }

    /** Two plants may have one name; which is meant is told by number, type and place. */
    private List<Choice> choices(CollectionId collection, String line, QuickLine.Understood understood) {
        if (understood.plants().size() < 2 || understood.said().isEmpty()) {
            return List.of();
        }
        String rest = line.replaceFirst(Pattern.quote(understood.who().strip()) + "\\s*:?", " ")
                .strip();
        Map<PlantId, Plant> meant = new LinkedHashMap<>();
        plants.plants(
                        collection,
                        understood.plants().stream()
                                .map(QuickLine.Named::id)
                                .limit(MOST_CHOICES)
                                .toList())
                .forEach(plant -> meant.put(plant.id(), plant));
        return meant.values().stream()
                .map(plant -> new Choice(
                        plant.id(),
                        Stream.of(
                                        plant.name(),
                                        Objects.requireNonNullElse(plant.accession(), ""),
                                        plants.profile(plant).name(),
                                        stops.stop(collection, plant.stop()).name())
                                .filter(part -> !part.isBlank())
                                .collect(Collectors.joining(" · ")),
                        rest))
                .toList();
    }

    private List<String> warnings(Plant plant, QuickLine.Understood understood) {
        List<String> warnings = new ArrayList<>();
        if (understood.said().stream().anyMatch(said -> said.entry() instanceof LogEntry.Fed)) {
            FeedHold.feeding(troubles.holds(plant))
                    .map(Verdict::reason)
                    .map(Wording::of)
                    .ifPresent(warnings::add);
        }
        understood.said().stream()
                .map(QuickLine.Said::entry)
                .filter(LogEntry.Treated.class::isInstance)
                .flatMap(entry -> terms.against(plant, (LogEntry.Treated) entry).stream())
                .map(Wording::of)
                .forEach(warnings::add);
        understood.said().stream()
                .map(QuickLine.Said::entry)
                .filter(LogEntry.Moved.class::isInstance)
                .flatMap(entry -> ((LogEntry.Moved) entry).to().stream())
                .forEach(to -> warnings.addAll(log.warnings(plant, to)));
        return warnings;
    }

    /** Stores a line, once, if it was understood. */
    @Transactional
    Preview write(CollectionId collection, FormKey form, String line, Optional<PlantId> here) {
        QuickLine.Understood understood = understand(collection, line, here);
        if (understood.complete()) {
            log.write(
                    collection,
                    understood.plants().get(0).id(),
                    form,
                    understood.day(),
                    understood.said().stream()
                            .map(said -> new RecordWriter.Line(
                                    said.entry(), said.words().isBlank() ? null : said.words()))
                            .toList());
        }
        return preview(collection, line, understood);
    }

    private QuickLine.Understood understand(CollectionId collection, String line, Optional<PlantId> here) {
        List<QuickLine.Named<PlantId>> plants = this.plants.names(collection);
        Map<String, String> media = new LinkedHashMap<>();
        knowledge.media().forEach(medium -> media.put(medium.name(), medium.id()));
        QuickLine.Names names = new QuickLine.Names(
                plants,
                stops.walk(collection).stream()
                        .map(stop -> new QuickLine.Named<>(stop.id(), stop.name(), ""))
                        .toList(),
                media,
                treatments.reader(collection));
        return new QuickLine(names, LocalDate.now(clock), Wording.monthFirst())
                .read(
                        line,
                        here.flatMap(id -> plants.stream()
                                .filter(plant -> plant.id().equals(id))
                                .findFirst()));
    }
}
