package mildlantern.web.platform;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Between columns, which may be null, and the core, which knows no null. */
public final class Maybe {
    private Maybe() {}

    /** A number that may be missing, as the core has it. */
    public static OptionalDouble number(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** The same of one that may not be there at all. */
    public static OptionalDouble number(Optional<Double> value) {
        return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }

    /** The first of some numbers that is known. */
    @SafeVarargs
    public static OptionalDouble first(OptionalDouble one, Supplier<OptionalDouble>... others) {
        OptionalDouble found = one;
        for (Supplier<OptionalDouble> other : others) {
            found = found.isPresent() ? found : other.get();
        }
        return found;
    }
}
