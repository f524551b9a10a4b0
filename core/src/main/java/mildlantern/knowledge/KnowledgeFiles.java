package mildlantern.knowledge;

import java.io.IOException;
import java.io.InputStream;
import java.io.Reader;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MappingIterator;
import tools.jackson.dataformat.yaml.YAMLFactory;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Reads knowledge files that ship with the product, and other YAML in their manner. */
public final class KnowledgeFiles {
    private static final String FOLDER = "/mildlantern/knowledge/";
    private static final YAMLMapper YAML = new YAMLMapper(YAMLFactory.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build());

    private KnowledgeFiles() {}

    /**
     * @param name file below the knowledge folder, as in {@code disorders/pest.yaml}
     * @return its top mapping
     * @throws KnowledgeException if the file is missing or no YAML
     */
    public static Entry open(String name) {
        try (InputStream in = KnowledgeFiles.class.getResourceAsStream(FOLDER + name)) {
            if (in == null) {
                throw new KnowledgeException(name, "the file is missing");
            }
            return new Entry(name, YAML.readTree(in));
        } catch (IOException | JacksonException e) {
            throw new KnowledgeException(name, "cannot be read: " + e.getMessage(), e);
        }
    }

    /**
     * Reads a text of one or several YAML documents.
     *
     * @param name what to call the text in messages
     * @param text the YAML
     * @return one entry a document
     * @throws KnowledgeException if the text is no YAML
     */
    public static List<Entry> documents(String name, Reader text) {
        try (MappingIterator<JsonNode> documents =
                YAML.readerFor(JsonNode.class).readValues(text)) {
            List<Entry> entries = new ArrayList<>();
            while (documents.hasNext()) {
                JsonNode node = documents.next();
                if (!node.isNull() && !node.isMissingNode()) {
                    entries.add(new Entry(name, node));
                }
            }
            return entries;
        } catch (JacksonException e) {
            throw new KnowledgeException(name, "is no YAML: " + e.getOriginalMessage(), e);
        }
    }
}
