package mildlantern.plant;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Finds kinds of plants by what growers call them: common or botanical names, short names, older names, from their beginning or from the middle.
 * Case, accents, signs and the crosses of hybrids play no part.
 */
public final class KindNames {
    private final Map<Profile, List<String>> names = new LinkedHashMap<>();

    public KindNames(Collection<Profile> kinds) {
        for (Profile kind : kinds) {
            names.put(kind, all(kind).map(KindNames::plain).distinct().toList());
        }
    }

    private static Stream<String> all(Profile kind) {
        return Stream.concat(
                Stream.of(kind.name(), kind.botanical(), kind.id().replace('-', ' ')), kind.also().stream());
    }

    /** The kind whose own common name is just so, if one kind alone has it; further names of other kinds play no part. */
    public Optional<Profile> named(String text) {
        String wanted = plain(text);
        List<Profile> own = names.keySet().stream()
                .filter(kind -> plain(kind.name()).equals(wanted))
                .toList();
        return own.size() == 1 ? Optional.of(own.get(0)) : Optional.empty();
    }

    /**
     * The kinds that a name may mean, the best first: those that are called just so; else those of the genus that begins it, as for a species that
     * is not listed; else those with a name that begins so, or holds a word that does, or holds it anywhere.
     *
     * @param text as somebody writes it
     */
    public List<Profile> called(String text) {
        String wanted = plain(text);
        if (wanted.isEmpty()) {
            return List.of();
        }
        List<List<Profile>> ranks = List.of(
                fitting(name -> name.equals(wanted)),
                fitting(name -> name.equals(singular(wanted))),
                wanted.contains(" ")
                        ? broadest(fitting(name -> name.split(" ")[0].equals(wanted.split(" ")[0]) && botanical(text)))
                        : List.of(),
                fitting(name -> name.startsWith(wanted)),
                fitting(name -> name.contains(" " + wanted)),
                fitting(name -> wanted.length() > 2 && name.contains(wanted)));
        return ranks.stream().filter(rank -> !rank.isEmpty()).findFirst().orElse(List.of());
    }

    /** Whether a name is written as botanists do: the genus with a capital, then something in small letters or a cultivar. */
    private static boolean botanical(String text) {
        return text.strip().matches("\\p{Lu}\\p{Ll}{3,} .+");
    }

    /** Of a species or cultivar that is not listed only the genus is known: it is of the broad kind, where there is one. */
    private static List<Profile> broadest(List<Profile> kinds) {
        return kinds.stream()
                .filter(kind -> kinds.stream()
                        .noneMatch(other -> !other.equals(kind) && other.id().equals(kind.broad())))
                .toList();
    }

    private List<Profile> fitting(Predicate<String> fits) {
        List<Profile> found = new ArrayList<>();
        names.forEach((kind, all) -> {
            if (all.stream().anyMatch(fits)) {
                found.add(kind);
            }
        });
        return found;
    }

    private static String singular(String name) {
        return name.endsWith("s") ? name.substring(0, name.length() - 1) : name;
    }

    /** A name without what people write differently. */
    static String plain(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("['’‘`]", "")
                .replaceAll("[^\\p{L}\\p{N}]+", " ")
                .replaceAll("\\b(x|sp|spp|cv|var|hybrids?)\\b", " ")
                .replaceAll(" +", " ")
                .strip();
    }
}
