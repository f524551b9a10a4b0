package mildlantern.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A class that is read in one sitting: none is longer than 300 lines. */
class SizesTest {
    private static final int MOST_LINES = 300;

    /** One sealed shape of all that a log can note; its records are classes of their own, a few lines each. */
    private static final List<String> WHOLE = List.of("LogEntry.java");

    @Test
    void noClassIsLongerThanThreeHundredLines() throws IOException {
        for (String module : List.of("../core", ".", "../bench")) {
            try (Stream<Path> files = Files.walk(Path.of(module, "src", "main", "java"))) {
                assertThat(files.filter(file -> file.toString().endsWith(".java"))
                                .filter(file ->
                                        !WHOLE.contains(file.getFileName().toString()))
                                .filter(file -> lines(file) > MOST_LINES)
                                .map(Path::getFileName))
                        .isEmpty();
            }
        }
    }

    private static long lines(Path file) {
        try (Stream<String> lines = Files.lines(file)) {
            return lines.count();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
