package mildlantern.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Pages and styles can be read and compared line by line. */
class TemplatesTest {
    private static final int LONGEST_LINE = 200;

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
}
