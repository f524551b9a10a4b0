package mildlantern.cases;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.plant.PlantKnowledge;
import mildlantern.season.YearKnowledge;
import mildlantern.treatment.Trials;
import tools.jackson.databind.json.JsonMapper;

/** The command {@code lantern cases FOLDER [--json]}: runs written-up cases and says which pass. */
public final class CasesCommand {
    private static final int ALL_PASSED = 0;
    private static final int SOME_FAILED = 1;
    private static final int UNUSABLE = 2;

    private CasesCommand() {}

    public static void main(String[] arguments) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        System.exit(run(List.of(arguments), out, err));
    }

    static int run(List<String> arguments, PrintStream out, PrintStream err) {
        List<String> folders = new ArrayList<>(arguments);
        boolean json = folders.remove("--json");
        if (folders.size() != 1 || folders.get(0).startsWith("-")) {
            err.println("usage: lantern cases FOLDER [--json]");
            return UNUSABLE;
        }
        Path folder = Path.of(folders.get(0));
        if (!Files.isDirectory(folder)) {
            err.println("lantern cases: there is no folder " + folder);
            return UNUSABLE;
        }
        try {
            PlantKnowledge plants = PlantKnowledge.load();
            Diagnosis diagnosis = new Diagnosis(DiagnosisKnowledge.load(plants, Trials.load()));
            List<Judgement> judgements = new CaseReader(plants, diagnosis.knowledge(), YearKnowledge.load(plants))
                    .folder(folder).parallelStream()
                            .map(written -> Judgement.of(diagnosis, written))
                            .toList();
            out.print(json ? json(judgements) : lines(judgements));
            return judgements.stream().allMatch(Judgement::passed) ? ALL_PASSED : SOME_FAILED;
        } catch (KnowledgeException e) {
            err.println("lantern cases: " + e.getMessage());
            return UNUSABLE;
        }
    }

    private static String lines(List<Judgement> judgements) {
        StringBuilder lines = new StringBuilder();
        for (Judgement judgement : judgements) {
            lines.append(judgement.passed() ? "PASS  " : "FAIL  ")
                    .append(judgement.written().id())
                    .append("  ")
                    .append(judgement.causes().stream()
                            .map(cause -> "%s %.0f".formatted(cause.disorder().id(), cause.probability() * 100))
                            .collect(Collectors.joining(", ")))
                    .append("  ask: ")
                    .append(judgement.looks().stream()
                            .map(look -> look.finding().id().value())
                            .collect(Collectors.joining(", ")));
            if (!judgement.passed()) {
                lines.append("  missed: ").append(String.join("; ", judgement.missed()));
            }
            lines.append('\n');
        }
        long passed = judgements.stream().filter(Judgement::passed).count();
        return lines.append(String.format(Locale.ROOT, "%d passed, %d failed%n", passed, judgements.size() - passed))
                .toString();
    }

    private static String json(List<Judgement> judgements) {
        List<Map<String, Object>> cases = new ArrayList<>();
        for (Judgement judgement : judgements) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("file", judgement.written().file());
            one.put("id", judgement.written().id());
            one.put("passed", judgement.passed());
            one.put("missed", judgement.missed());
            one.put("actNow", judgement.actNow());
            one.put(
                    "causes",
                    judgement.causes().stream()
                            .map(cause ->
                                    Map.of("id", cause.disorder().id().value(), "probability", cause.probability()))
                            .toList());
            one.put(
                    "looks",
                    judgement.looks().stream()
                            .map(look -> Map.of("id", look.finding().id().value(), "gainBits", look.gain()))
                            .toList());
            cases.add(one);
        }
        long passed = judgements.stream().filter(Judgement::passed).count();
        Map<String, Object> report = new LinkedHashMap<>();
        report.put("cases", cases);
        report.put("passed", passed);
        report.put("failed", judgements.size() - passed);
        return JsonMapper.builder().build().writerWithDefaultPrettyPrinter().writeValueAsString(report) + "\n";
    }
}
