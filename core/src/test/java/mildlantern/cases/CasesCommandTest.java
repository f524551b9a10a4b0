package mildlantern.cases;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Written-up cases, run as the command runs them. */
class CasesCommandTest {
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    @TempDir
    Path folder;

    private int run(String... arguments) {
        return CasesCommand.run(
                List.of(arguments),
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }

    @Test
    void ourOwnCasesConcludeWhatAGoodGrowerWould() throws URISyntaxException {
        Path own = Path.of(CasesCommandTest.class.getResource("/cases").toURI());
        int status = run(own.toString());
        assertThat(out.toString(StandardCharsets.UTF_8)).doesNotContain("FAIL").endsWith("0 failed\n");
        assertThat(status).isZero();
    }

    @Test
    void aMissedExpectationIsNamed() throws IOException {
        Files.writeString(folder.resolve("one.yaml"), """
                id: dry-fern
                plant: boston-fern
                seen: {soil.deep: dry, leaf.limp: present}
                expect: {first: [spider-mites], not: [underwatering], act-now: true}
                """);
        assertThat(run(folder.toString())).isEqualTo(1);
        assertThat(out.toString(StandardCharsets.UTF_8))
                .startsWith("FAIL  dry-fern  underwatering")
                .contains("first should be one of [spider-mites]", "should stay under 15 %", "should ask to act now")
                .endsWith("0 passed, 1 failed\n");
    }

    /** Everything that a case may tell of its plant, even where the diagnosis makes nothing of it. */
    @Test
    void allThatACaseMayTellOfItsPlantIsUnderstood() throws IOException {
        Files.writeString(folder.resolve("full.yaml"), """
                id: pitcher-outdoors
                plant: sarracenia
                context:
                  phase: growing
                  place: {outdoors: true, sun-hours: 6, day: 22, night: 12}
                  water: {tray-cm: 2, ec: 0.05, cup-filled: false}
                  feed: {kind: organic, route: trap, strength: weak, last-days: 9}
                  events:
                    - {what: storm, days-ago: 3}
                    - {what: pruned, days-ago: 20}
                    - {what: defoliated, days-ago: 21}
                    - {what: root-pruned, days-ago: 30}
                    - {what: lamp-added, days-ago: 40}
                    - {what: humidifier-added, days-ago: 41}
                    - {what: released-predators, days-ago: 42}
                seen: {pitcher.brown-from-top: present, affected-leaves: oldest-few, pest.neighbour-diseased: absent}
                expect: {first: [pitcher-ageing]}
                """);
        assertThat(run(folder.toString()))
                .as(out.toString(StandardCharsets.UTF_8) + err.toString(StandardCharsets.UTF_8))
                .isZero();
    }

    @Test
    void aWordThatIsNoFeedIsAnError() throws IOException {
        Files.writeString(folder.resolve("odd.yaml"), """
                id: odd-feed
                plant: pothos
                context: {feed: {route: nose}}
                seen: {leaf.yellow: present}
                expect: {not: [crown-rot]}
                """);
        assertThat(run(folder.toString())).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("odd-feed", "nose");
    }

    @Test
    void anUnknownIdIsAnErrorThatNamesFileCaseAndId() throws IOException {
        Files.writeString(folder.resolve("odd.yaml"), """
                id: odd-one
                plant: phalaenopsis
                seen: {leaf.purple: present}
                expect: {first: [crown-rot]}
                """);
        assertThat(run(folder.toString())).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("odd.yaml", "odd-one", "leaf.purple");
        assertThat(out.toString(StandardCharsets.UTF_8)).isEmpty();
    }

    @Test
    void machinesGetTheSameAsJson() throws IOException {
        Files.writeString(folder.resolve("two.yaml"), """
                id: first
                plant: pothos
                seen: {soil.deep: wet, leaf.yellow: present}
                expect: {not: [underwatering]}
                ---
                id: second
                plant: pothos
                seen: {leaf.cotton: present}
                expect: {first: [mealybugs], act-now: true}
                """);
        assertThat(run(folder.toString(), "--json")).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8))
                .contains("\"id\" : \"second\"", "\"id\" : \"mealybugs\"", "\"passed\" : 2");
    }

    @Test
    void withoutAFolderItSaysHowItIsUsed() {
        assertThat(run()).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("lantern cases FOLDER");
        assertThat(run("/no/such/folder")).isEqualTo(2);
    }
}
