package mildlantern.web.words;

import java.util.Locale;
import java.util.function.DoubleFunction;
import mildlantern.quantity.Length;
import mildlantern.quantity.Measured;
import mildlantern.quantity.Temperature;
import mildlantern.quantity.Volume;
import org.springframework.format.Formatter;
import org.springframework.format.FormatterRegistry;

/** Lets forms hold quantities: typed with any unit or in the reader's, and shown in the reader's. */
public final class Quantities {
    private record Typed<Q extends Measured>(Unit.Of of, DoubleFunction<Q> make) implements Formatter<Q> {
        @Override
        public Q parse(String text, Locale locale) {
            return make.apply(Units.read(text, of));
        }

        @Override
        public String print(Q quantity, Locale locale) {
            return Units.number(quantity.amount(), of);
        }
    }

    private Quantities() {}

    /** Lets forms hold all quantities. */
    public static void register(FormatterRegistry registry) {
        registry.addFormatterForFieldType(Temperature.class, new Typed<>(Unit.Of.TEMPERATURE, Temperature::new));
        registry.addFormatterForFieldType(Length.class, new Typed<>(Unit.Of.LENGTH, Length::new));
        registry.addFormatterForFieldType(Volume.class, new Typed<>(Unit.Of.VOLUME, Volume::new));
    }
}
