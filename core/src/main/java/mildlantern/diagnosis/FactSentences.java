package mildlantern.diagnosis;

import java.util.Map;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.Words;

/** The sentences of facts, as the knowledge base words them. */
class FactSentences {
    private final Map<String, Entry> sentences;
    private final Entry words;

    FactSentences(Map<String, Entry> sentences, Entry words) {
        this.sentences = sentences;
        this.words = words;
    }

    String wording(String group, Enum<?> value) {
        return words.at(group).text(Words.id(value));
    }

    String sentence(String id, String word, String side, Map<String, String> figures) {
        Entry entry = sentences.get(id);
        if (entry == null) {
            throw new IllegalStateException("facts.yaml has no sentence for '" + id + "'");
        }
        String sentence = !entry.isMapping() ? entry.text() : entry.text(entry.has(side) ? side : word);
        for (Map.Entry<String, String> figure : figures.entrySet()) {
            sentence = sentence.replace("{" + figure.getKey() + "}", figure.getValue());
        }
        return sentence;
    }
}
