package mildlantern.plant;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A plant's botanical name as it is set: genus and epithets in italics, all else upright, the cultivar once in single quotation marks, as the codes of
 * nomenclature ask.
 *
 * @param parts its parts in their order, with the spaces between them
 */
public record BotanicalName(List<Part> parts) {
    private static final Pattern WORD = Pattern.compile("[‘'\"“][^’'\"”]+[’'\"”]|\\S+");
    private static final Set<String> RANKS = Set.of("×", "x", "var.", "subsp.", "ssp.", "f.", "and", "cf.", "aff.");

    /** Words beside a name that are no Latin: what follows them is none either, until another genus comes. */
    private static final Set<String> UPRIGHT = Set.of(
            "hybrid",
            "hybrids",
            "alliance",
            "type",
            "types",
            "group",
            "species",
            "sp.",
            "spp.",
            "of",
            "with",
            "in",
            "its",
            "like",
            "the",
            "cross",
            "seedling",
            "seedlings");

    private static final String FAMILY_ENDING = "aceae";

    /**
     * Some of a name.
     *
     * @param text with the space that follows it
     * @param italic whether it is set in italics
     */
    public record Part(String text, boolean italic) {}

    /** What a word is. */
    private enum Sort {
        LATIN,
        RANK,
        UPRIGHT
    }

    public BotanicalName {
        parts = List.copyOf(parts);
    }

    /**
     * The name of a kind and its cultivar.
     *
     * @param written the kind's name, as in {@code Phalaenopsis hybrids}
     * @param cultivar as somebody wrote it, with quotation marks of any sort or without
     */
    public static BotanicalName of(String written, Optional<String> cultivar) {
        List<Part> parts = new ArrayList<>();
        Optional<String> fancy = cultivar.map(BotanicalName::bare).filter(name -> !name.isEmpty());
        boolean latin = false;
        boolean another = true;
        Matcher words = WORD.matcher(written.strip());
        while (words.find()) {
            String word = words.group();
            if (!bare(word).equals(word)) {
                if (fancy.isEmpty()) {
                    fancy = Optional.of(bare(word));
                }
                continue;
            }
            Sort sort = sort(word, latin, another);
            latin = sort == Sort.RANK ? latin : sort == Sort.LATIN;
            another = sort == Sort.RANK || another && sort == Sort.UPRIGHT;
            add(parts, word, sort == Sort.LATIN);
        }
        fancy.ifPresent(name -> add(parts, "‘" + name + "’", false));
        return new BotanicalName(parts);
    }

    /**
     * @param latin whether the word before it was Latin
     * @param another whether a genus may stand here: at the beginning, and after a word that joins two names
     */
    private static Sort sort(String word, boolean latin, boolean another) {
        if (RANKS.contains(word)) {
            return Sort.RANK;
        }
        if (UPRIGHT.contains(word.toLowerCase(Locale.ROOT)) || word.endsWith(FAMILY_ENDING)) {
            return Sort.UPRIGHT;
        }
        boolean capital = Character.isUpperCase(word.charAt(0));
        return (capital ? another : latin) ? Sort.LATIN : Sort.UPRIGHT;
    }

    /** Words that are set alike stand together. */
    private static void add(List<Part> parts, String word, boolean italic) {
        if (!parts.isEmpty()) {
            Part last = parts.remove(parts.size() - 1);
            if (last.italic() == italic) {
                parts.add(new Part(last.text() + " " + word, italic));
                return;
            }
            parts.add(new Part(last.text() + " ", last.italic()));
        }
        parts.add(new Part(word, italic));
    }

    /** A cultivar's name without the quotation marks that people put around it. */
    private static String bare(String cultivar) {
        return cultivar.strip()
                .replaceAll("^(cv\\.?\\s+)?[‘’'\"“”‚„`´]+", "")
                .replaceAll("[‘’'\"“”`´]+$", "")
                .strip();
    }

    /** The name where there are no italics. */
    public String plain() {
        return parts.stream().map(Part::text).collect(Collectors.joining());
    }
}
