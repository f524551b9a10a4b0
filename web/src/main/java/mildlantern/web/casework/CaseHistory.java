package mildlantern.web.casework;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.diagnosis.Finding;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;

/** What a collection's own cases say of a cause or a sign. */
@Service
public class CaseHistory {
    private final CaseRepositories.Cases cases;
    private final CaseRepositories.Answers answers;
    private final Plants plants;

    CaseHistory(CaseRepositories.Cases cases, CaseRepositories.Answers answers, Plants plants) {
        this.cases = cases;
        this.answers = answers;
        this.plants = plants;
    }

    /**
     * A case of the past or under way.
     *
     * @param path its page
     * @param plant the plant's name
     * @param opened when it was opened
     * @param end how it ended, in words; blank while it is open
     */
    public record Past(String path, String plant, LocalDate opened, String end) {}

    /** Cases in which a cause was decided on, the latest first. */
    public List<Past> decidedOn(CollectionId collection, DisorderId cause) {
        return told(collection, cases.decidedOn(collection, cause));
    }

    /** Cases in which a sign was seen, the latest first. */
    public List<Past> seen(CollectionId collection, FindingId finding) {
        List<UUID> ids = answers.inWhich(collection, finding, List.of(Finding.ABSENT, CaseAnswer.SKIPPED)).stream()
                .map(answer -> answer.troubleCase().value())
                .distinct()
                .toList();
        return ids.isEmpty()
                ? List.of()
                : told(collection, cases.findByCollectionAndIdInOrderByOpenedOnDesc(collection, ids));
    }

    private List<Past> told(CollectionId collection, List<TroubleCase> of) {
        Map<PlantId, String> names =
                plants
                        .plants(
                                collection,
                                of.stream().map(TroubleCase::plant).distinct().toList())
                        .stream()
                        .collect(Collectors.toMap(Plant::id, Plant::name));
        return of.stream()
                .flatMap(one -> Stream.ofNullable(names.get(one.plant()))
                        .map(name -> new Past(
                                "/cases/" + one.id(),
                                Objects.requireNonNull(name),
                                one.openedOn(),
                                one.outcome() == null ? "" : Wording.of(one.outcome()))))
                .toList();
    }
}
