package mildlantern.web.platform;

import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Between columns, which may be null, and the core, which knows no null. */
public final class Maybe {
    private Maybe() {}

    /** A number that may be missing, as the core has it. */
    public static OptionalDouble number(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
