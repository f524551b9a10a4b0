package mildlantern.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Pages and styles can be read and compared line by line. */
class TemplatesTest {
    private static final int LONGEST_LINE = 200;

    private static final Pattern KEY = Pattern.compile("data-key=\"(.)\"");

    /** Rows of signs hear their keys only while one is in them; the day in retrospect leads where the frame does. */
    private static final Set<String> NO_OTHER_MEANING = Set.of("sign-row.html", "summary.html");

    private static final Path RESOURCES = Path.of("src/main/resources");

    static List<Path> pagesAndStyles() throws IOException {
        try (Stream<Path> all = Files.walk(RESOURCES)) {
            return all.filter(path -> path.toString().matches(".*\\.(html|css)"))
                    .toList();
        }
    }

    @ParameterizedTest
    @MethodSource("pagesAndStyles")
    void noLineIsLongerThanAnEditorShows(Path file) throws IOException {
        assertThat(Files.readAllLines(file))
                .allSatisfy(line -> assertThat(line).hasSizeLessThanOrEqualTo(LONGEST_LINE));
    }

    /** The keys of the frame work on every page: a page that gives one of them another meaning is never reached by it. */
    @Test
    void noPageTakesAKeyThatTheFrameHas() throws IOException {
        Path frame = RESOURCES.resolve("templates/frame/page.html");
        Set<String> taken = keys(frame);
        assertThat(taken).isNotEmpty();
        assertThat(pagesAndStyles())
                .filteredOn(file -> !file.equals(frame)
                        && !NO_OTHER_MEANING.contains(file.getFileName().toString()))
                .allSatisfy(file -> assertThat(keys(file)).doesNotContainAnyElementsOf(taken));
    }

    private static Set<String> keys(Path file) throws IOException {
        return KEY.matcher(Files.readString(file))
                .results()
                .map(found -> found.group(1))
                .collect(Collectors.toSet());
    }
}
