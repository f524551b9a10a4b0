package mildlantern.web.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessagePattern;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.message.MessageKey;
import org.junit.jupiter.api.Test;

/** Every word that a person reads stands in the bundles, and nothing stands there that nobody reads. */
class BundlesTest {
    private static final Path MAIN = Path.of("src/main");
    private static final Map<String, String> WORDS = ours();

    /** What follows the key of a constant or of a calculator, and is asked for by that. */
    private static final Pattern DERIVED = Pattern.compile("\\.(follows|question|unit)$");

    /** The words that ship with the application, without those of tests. */
    private static Map<String, String> ours() {
        Map<String, String> all = new TreeMap<>(Bundles.read("words"));
        all.keySet().removeIf(key -> key.startsWith("calculator.Night") || key.startsWith("calculator.Glass"));
        return all;
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Stream<String> sources(String kind) {
        try (Stream<Path> files = Files.walk(MAIN)) {
            return files.filter(file -> file.toString().endsWith(kind)).toList().stream()
                    .map(BundlesTest::read);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Stream<String> found(Pattern pattern, String text) {
        Matcher matcher = pattern.matcher(text);
        return matcher.results().map((MatchResult one) -> one.group(1));
    }

    private static Set<String> constants() {
        return new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("mildlantern").stream()
                        .filter(type -> type.isEnum() && type.isAssignableTo(MessageKey.class))
                        .map(JavaClass::reflect)
                        .flatMap(type -> Arrays.stream(type.getEnumConstants()))
                        .map(constant -> ((MessageKey) constant).key())
                        .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Set<String> asked() {
        Set<String> asked = new TreeSet<>();
        sources(".html")
                .forEach(page -> found(Pattern.compile("#\\{([\\w.-]+)"), page).forEach(asked::add));
        sources(".java").forEach(file -> {
            found(Pattern.compile("Wording\\s*\\.say\\(\\s*\"([\\w.-]+\\w)\""), file)
                    .forEach(asked::add);
            found(Pattern.compile("message = \"\\{([\\w.-]+)}\""), file).forEach(asked::add);
        });
        return asked;
    }

    @Test
    void whateverIsAskedForHasWords() {
        assertThat(WORDS.keySet()).containsAll(asked());
        assertThat(WORDS.keySet()).containsAll(constants());
    }

    @Test
    void everyTextCanBeRead() {
        assertThat(WORDS)
                .allSatisfy((key, text) -> assertThat(new MessagePattern(text).countParts())
                        .as(key)
                        .isPositive());
    }

    @Test
    void noTextStandsThereThatNobodyReads() {
        Set<String> unread = new TreeSet<>(WORDS.keySet());
        unread.removeAll(asked());
        unread.removeAll(constants());
        unread.removeIf(key -> DERIVED.matcher(key).find()
                || key.matches("(mixing|climate|calculator)\\.\\w+Asked(\\..*)?")
                || key.startsWith("edit.")
                || key.startsWith("typeMismatch"));
        assertThat(unread).isEmpty();
    }
}
