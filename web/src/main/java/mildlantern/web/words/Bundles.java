package mildlantern.web.words;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The words of a language as they stand in their files. */
final class Bundles {
    private Bundles() {}

    /**
     * All words of a language, by their keys.
     *
     * @param directory of its files, as in {@code words} for English and {@code words/de} for German
     * @throws IllegalStateException if a key stands twice or a file cannot be read
     */
    static Map<String, String> read(String directory) {
        Map<String, String> all = new TreeMap<>();
        try {
            Resource[] files =
                    new PathMatchingResourcePatternResolver().getResources("classpath*:" + directory + "/*.properties");
            for (Resource file : files) {
                Properties words = new Properties();
                try (Reader in = new InputStreamReader(file.getInputStream(), StandardCharsets.UTF_8)) {
                    words.load(in);
                }
                for (String key : words.stringPropertyNames()) {
                    if (all.put(key, words.getProperty(key)) != null) {
                        throw new IllegalStateException(key + " stands twice, once in " + file.getFilename());
                    }
                }
            }
        } catch (IOException e) {
            throw new IllegalStateException("The words in " + directory + " cannot be read", e);
        }
        return all;
    }
}
