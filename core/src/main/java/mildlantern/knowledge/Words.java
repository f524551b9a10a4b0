package mildlantern.knowledge;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The ids of constants as the files write them: lower case, with hyphens. */
public final class Words {
    private Words() {}

    /** The id of a constant: {@code SOFT_TAP} is {@code soft-tap}. */
    public static String id(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** An id as a person says it: {@code dies-back} is "dies back". */
    public static String spoken(String id) {
        return id.replace('-', ' ');
    }

    public static <E extends Enum<E>> List<String> ids(Class<E> type) {
        return Arrays.stream(type.getEnumConstants()).map(Words::id).toList();
    }

    /** The constant of an id, if there is one. */
    public static <E extends Enum<E>> Optional<E> find(Class<E> type, String id) {
        return Arrays.stream(type.getEnumConstants())
                .filter(constant -> id(constant).equals(id))
                .findFirst();
    }

    /** Items in a sentence: "a", "a and b", "a, b and c". */
    public static String listed(List<String> items) {
        if (items.size() < 2) {
            return String.join("", items);
        }
        return String.join(", ", items.subList(0, items.size() - 1)) + " and " + items.get(items.size() - 1);
    }
}
