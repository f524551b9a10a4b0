package mildlantern.cases;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.Evidence;
import mildlantern.diagnosis.Finding;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Profile;
import mildlantern.season.YearKnowledge;

/** Reads written-up cases and checks every id against the knowledge base. */
public final class CaseReader {
    private final PlantKnowledge plants;
    private final DiagnosisKnowledge diagnosis;
    private final ContextReader contexts;

    public CaseReader(PlantKnowledge plants, DiagnosisKnowledge diagnosis, YearKnowledge years) {
        this.plants = plants;
        this.diagnosis = diagnosis;
        this.contexts = new ContextReader(plants, years);
    }

    /**
     * Reads all {@code .yaml} and {@code .yml} files of a folder, in the order of their names.
     *
     * @throws KnowledgeException if a file is wrong or an id unknown; the message names file, case and id
     * @throws UncheckedIOException if the folder cannot be read
     */
    public List<WrittenCase> folder(Path folder) {
        List<Path> files;
        try (Stream<Path> all = Files.walk(folder)) {
            files = all.filter(file -> file.toString().matches(".*\\.ya?ml"))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        List<WrittenCase> cases = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (Path file : files) {
            String name = folder.relativize(file).toString();
            try (Reader text = Files.newBufferedReader(file)) {
                for (Entry document : KnowledgeFiles.documents(name, text)) {
                    WrittenCase written = read(name, document);
                    if (!ids.add(written.id())) {
                        throw new KnowledgeException(name, "the id '" + written.id() + "' stands twice");
                    }
                    cases.add(written);
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return cases;
    }

    private WrittenCase read(String file, Entry document) {
        String id = document.text("id");
        try {
            document.allowOnly(Set.of("id", "story", "plant", "context", "seen", "expect"));
            Profile profile = plants.profile(document.text("plant"))
                    .orElseThrow(
                            () -> document.at("plant").failure("'" + document.text("plant") + "' is no plant profile"));
            PlantRecord record = document.find("context")
                    .map(context -> contexts.read(profile, context))
                    .orElse(PlantRecord.of(profile));
            return new WrittenCase(
                    file,
                    id,
                    record,
                    document.find("seen").map(this::evidence).orElse(Evidence.NONE),
                    expected(document.at("expect")));
        } catch (KnowledgeException e) {
            throw new KnowledgeException("case " + id, String.valueOf(e.getMessage()), e);
        }
    }

    private Evidence evidence(Entry seen) {
        Map<FindingId, String> states = new HashMap<>();
        seen.children().forEach((key, state) -> {
            FindingId id = new FindingId(key);
            Finding finding = diagnosis.finding(id).orElseThrow(() -> seen.failure("'" + id + "' is no finding"));
            if (finding.state(state.text()).isEmpty()) {
                throw state.failure("'" + state.text() + "' is no state of " + id);
            }
            states.put(id, state.text());
        });
        return Evidence.of(states);
    }

    private WrittenCase.Expected expected(Entry expect) {
        expect.allowOnly(Set.of("first", "among", "not", "ask", "act-now"));
        for (String key : List.of("first", "among", "not")) {
            for (DisorderId id : expect.disorders(key)) {
                if (diagnosis.disorder(id).isEmpty()) {
                    throw expect.at(key).failure("'" + id + "' is no disorder");
                }
            }
        }
        for (FindingId id : expect.findings("ask")) {
            if (diagnosis.finding(id).isEmpty()) {
                throw expect.at("ask").failure("'" + id + "' is no finding");
            }
        }
        if (expect.keys().isEmpty()) {
            throw expect.failure("at least one expectation is wanted");
        }
        return new WrittenCase.Expected(
                expect.disorders("first"),
                expect.disorders("among"),
                expect.disorders("not"),
                expect.findings("ask"),
                expect.find("act-now").map(Entry::flag));
    }
}
