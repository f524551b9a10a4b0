package mildlantern.web.exchange;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import mildlantern.log.QuickLine;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogWords;
import mildlantern.web.log.Treatments;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** Makes entries of the log of the rows of a table: each is read as the line of the quick field that it stands for. */
@Component
class EntriesOfTable {
    /** The line names no plant: the row does. */
    private static final PlantId NOBODY = new PlantId(new UUID(0, 0));

    private final Stops stops;
    private final Plants plants;
    private final PlantKnowledge knowledge;
    private final RecordWriter log;
    private final Treatments treatments;

    EntriesOfTable(Stops stops, Plants plants, PlantKnowledge knowledge, RecordWriter log, Treatments treatments) {
        this.stops = stops;
        this.plants = plants;
        this.knowledge = knowledge;
        this.log = log;
        this.treatments = treatments;
    }

    /** Makes entries of one table. */
    RowMaker of(CollectionId collection, BatchId batch, LocalDate today) {
        return new OfTable(collection, batch, today);
    }

    private final class OfTable implements RowMaker {
        private final CollectionId collection;
        private final BatchId batch;
        private final List<QuickLine.Named<PlantId>> named;
        private final QuickLine lines;

        OfTable(CollectionId collection, BatchId batch, LocalDate today) {
            this.collection = collection;
            this.batch = batch;
            this.named = plants.names(collection);
            Map<String, String> media = new LinkedHashMap<>();
            knowledge.media().forEach(medium -> media.put(medium.name(), medium.id()));
            lines = new QuickLine(
                    new QuickLine.Names(
                            named,
                            stops.walk(collection).stream()
                                    .map(stop -> new QuickLine.Named<>(stop.id(), stop.name(), ""))
                                    .toList(),
                            media,
                            treatments.reader(collection)),
                    today,
                    false);
        }

        @Override
        public Made make(CsvRow row) {
            String who = row.text("plant");
            Optional<PlantId> plant = plant(who, row);
            Optional<LocalDate> day = row.day("day");
            if (row.text("day").isBlank()) {
                row.wrong("day", Wording.say("exchange.entries-of-table.needs-day"));
            }
            if (row.text("what").isBlank()) {
                row.wrong("what", Wording.say("exchange.entries-of-table.needs-something-was-done"));
                return new Made(who, Optional.empty(), false, () -> {});
            }
            List<QuickLine.Said> said = said(row);
            row.atMost("words", LogBook.LONGEST_WORDS / 2);
            row.atMost("what", LogBook.LONGEST_WORDS / 2);
            String made = said.stream()
                    .map(one -> LogWords.said(one.entry(), one.words()))
                    .collect(Collectors.joining(", "));
            return new Made(
                    day.map(on -> DayFormat.YEAR.format(on) + " · ").orElse("") + who + ": " + made,
                    plant,
                    false,
                    () -> store(plant.orElseThrow(), day.orElseThrow(), said, row));
        }

        private void store(PlantId plant, LocalDate day, List<QuickLine.Said> said, CsvRow row) {
            for (QuickLine.Said one : said) {
                String words = (one.words() + " " + row.text("words")).strip();
                log.add(
                        plants.plant(collection, plant),
                        day,
                        new RecordWriter.Line(one.entry(), words.isEmpty() ? null : words),
                        Optional.of(batch));
            }
        }

        private Optional<PlantId> plant(String who, CsvRow row) {
            List<QuickLine.Named<PlantId>> meant = named.stream()
                    .filter(plant -> plant.name().equalsIgnoreCase(who)
                            || (!who.isBlank() && plant.also().equalsIgnoreCase(who)))
                    .toList();
            if (meant.size() != 1) {
                row.unknown(
                        "plant",
                        meant.isEmpty()
                                ? Wording.say("exchange.entries-of-table.no-plant-called", who)
                                : Wording.say("exchange.entries-of-table.could-plants-give-number", who, meant.size()),
                        (meant.isEmpty() ? named : meant)
                                .stream()
                                        .filter(plant -> !plant.also().isBlank())
                                        .map(plant ->
                                                new CsvIn.Choice(plant.also(), plant.name() + " · " + plant.also()))
                                        .toList());
                return Optional.empty();
            }
            return Optional.of(meant.get(0).id());
        }

        private List<QuickLine.Said> said(CsvRow row) {
            String line = String.join(
                            " ",
                            row.text("what").replace('_', ' '),
                            row.text("amount"),
                            row.text("water").toLowerCase(Locale.ROOT).replace('_', ' '),
                            row.text("treated"))
                    .strip();
            QuickLine.Understood understood = lines.read(line, Optional.of(new QuickLine.Named<>(NOBODY, "", "")));
            understood.problems().forEach(problem -> row.wrong("what", Wording.of(problem)));
            return understood.said();
        }
    }
}
