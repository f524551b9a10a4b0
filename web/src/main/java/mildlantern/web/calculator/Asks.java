package mildlantern.web.calculator;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import mildlantern.web.words.Unit;

/**
 * How a component of what a calculator is asked stands on its page. Its label stands in the bundles under the name of the record and its own, as
 * in {@code mixing.DilutionAsked.volume-in}, and its unit, where it has one, under the same with {@code .unit}.
 */
public interface Asks {
    /** A number: of a {@code double}, or of a quantity made of one, as a temperature is. */
    @Retention(RetentionPolicy.RUNTIME)
    @Target(ElementType.RECORD_COMPONENT)
    @interface Number {
        /** What stands there at first. */
        double preset();

        double low();

        double high();

        /** The unit that it is reckoned in, where the reader may use another. */
        Unit[] in() default {};
    }

    /** One of a few: of an enum, or of a text whose choices the form is given. */
    @Retention(RetentionPolicy.RUNTIME)
    @Target(ElementType.RECORD_COMPONENT)
    @interface Choice {
        /** The id chosen at first; empty for the first of all. */
        String preset() default "";
    }

    /** A text, which may be empty. */
    @Retention(RetentionPolicy.RUNTIME)
    @Target(ElementType.RECORD_COMPONENT)
    @interface Text {}
}
