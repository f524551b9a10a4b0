package mildlantern.web.stop;

import jakarta.persistence.AttributeConverter;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.plant.Near;

/** What is near a stop, as archives carry it: names in order, joined by commas. */
final class StoredNear implements AttributeConverter<Set<Near>, String> {
    @Override
    public String convertToDatabaseColumn(Set<Near> things) {
        return things.stream().map(Near::name).sorted().collect(Collectors.joining(","));
    }

    @Override
    public Set<Near> convertToEntityAttribute(String text) {
        return Arrays.stream(text.split(","))
                .filter(word -> !word.isBlank())
                .map(Near::valueOf)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Near.class)));
    }
}
