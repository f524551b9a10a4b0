package mildlantern.web.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * What people read stands in the bundles and in the knowledge base: no sentence stands in Java. What a programmer reads (an exception, a line of the log)
 * is none, and neither are queries and pages of markup.
 */
class SentencesTest {
    private static final Pattern COMMENT =
            Pattern.compile("/\\*.*?\\*/|^\\s*//.*?$", Pattern.DOTALL | Pattern.MULTILINE);
    private static final Pattern LITERAL =
            Pattern.compile("\"\"\".*?\"\"\"|\"((?:[^\"\\\\]|\\\\.)*)\"", Pattern.DOTALL);
    private static final Pattern SENTENCE = Pattern.compile("(?:%[sd] )?[A-Z]?[a-z']+(?:[ ,]+[a-zA-Z'%0-9]+){2,}.*");

    private static final Pattern SCRIPT_SENTENCE = Pattern.compile("['`][A-Z][a-z]+(?: [A-Za-z]+){2,}[^'`]*['`]");

    /** For programmers, for the database, for a compiler, for a command in a terminal. */
    private static final Pattern NOT_FOR_READERS = Pattern.compile(
            "Exception\\(|Unreadable\\(|failure\\(|Limits\\.require|[rR]equire\\(|LOG\\.|@SuppressWarnings|jdbc|@Query|Pattern\\.compile|matches\\("
                    + "|err\\.print|out\\.print|super\\(|\\bselect\\b|ITS_|default-src|\\.sql\\(|NotHere\\(|missed\\.add");

    /** Rooms whose sentences are still to be moved. */
    private static final Set<String> STILL = Set.of(
            // What is answered where no template can be made; the made-up collections.
            "mildlantern/web/edge",
            "mildlantern/web/demo",
            // A command in a terminal.
            "mildlantern/cases",
            // The schema of the archive speaks of its tables.
            "mildlantern/web/exchange");

    @Test
    void noSentenceStandsInJava() throws IOException {
        List<String> found = new ArrayList<>();
        for (Path root : List.of(Path.of("../core/src/main/java"), Path.of("src/main/java"))) {
            try (Stream<Path> files = Files.walk(root)) {
                for (Path file :
                        files.filter(path -> path.toString().endsWith(".java")).toList()) {
                    String room = root.relativize(file.getParent()).toString();
                    if (!STILL.contains(room)) {
                        look(file, found);
                    }
                }
            }
        }
        assertThat(found).as("sentences in Java").isEmpty();
    }

    private static void look(Path file, List<String> found) throws IOException {
        String code = COMMENT.matcher(Files.readString(file)).replaceAll("");
        for (String statement : code.split(";\\s*\\n|\\{\\s*\\n")) {
            if (NOT_FOR_READERS.matcher(statement).find()) {
                continue;
            }
            Matcher literals = LITERAL.matcher(statement);
            while (literals.find()) {
                String text = literals.group(1);
                if (text != null && SENTENCE.matcher(text).matches()) {
                    found.add(file.getFileName() + ": " + text);
                }
            }
        }
    }

    @Test
    void noSentenceStandsInAScript() throws IOException {
        List<String> found = new ArrayList<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/resources/static"))) {
            for (Path file :
                    files.filter(path -> path.toString().endsWith(".js")).toList()) {
                String code = COMMENT.matcher(Files.readString(file)).replaceAll("");
                SCRIPT_SENTENCE.matcher(code).results().forEach(match -> found.add(file.getFileName() + match.group()));
            }
        }
        assertThat(found).as("sentences in scripts").isEmpty();
    }

    @Test
    void aSentenceWouldBeFound() throws IOException {
        Path file = Files.createTempFile("Sentence", ".java");
        Files.writeString(file, "class A {\n  String a() {\n    return \"The plant is too dry today.\";\n  }\n}\n");
        List<String> found = new ArrayList<>();
        look(file, found);
        Files.delete(file);
        assertThat(found).hasSize(1);
        assertThat(SCRIPT_SENTENCE.matcher("a = 'The plant is dry.';").find()).isTrue();
    }
}
