package mildlantern;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.util.Arrays;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.ArgumentsProvider;
import org.junit.jupiter.params.provider.ArgumentsSource;
import org.junit.jupiter.params.support.ParameterDeclarations;

/**
 * A property: it must hold for many values, chosen by chance from a fixed seed, so that every run tries the same ones and a failure can be met
 * again. The first tries are the ends of the ranges, where most mistakes live.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@ParameterizedTest(name = "try {index}: {arguments}")
@ArgumentsSource(Tries.Chosen.class)
public @interface Tries {
    /** How many. */
    int value() default 200;

    /** The values that a number may have, ends included. */
    @Target(ElementType.PARAMETER)
    @Retention(RetentionPolicy.RUNTIME)
    @interface Between {
        double min();

        double max();
    }

    /** Chooses the values of a method's parameters. */
    final class Chosen implements ArgumentsProvider {
        /** Signs that are more trouble than others: letters that change their length, marks without a letter, halves of pairs. */
        private static final String TROUBLE = "İßŉǰΐ\u0301\u200b\u202e\ud83c\udf3f,;:'\"%\\0 \t½٣";

        @Override
        public Stream<? extends Arguments> provideArguments(
                ParameterDeclarations parameters, ExtensionContext context) {
            Method method = context.getRequiredTestMethod();
            Random chance = new Random(method.getName().hashCode());
            int tries = method.getAnnotation(Tries.class).value();
            return IntStream.range(0, tries)
                    .mapToObj(number -> Arguments.of(Arrays.stream(method.getParameters())
                            .map(parameter -> value(parameter, number, chance))
                            .toArray()));
        }

        private static Object value(Parameter parameter, int number, Random chance) {
            Class<?> type = parameter.getType();
            if (type == double.class || type == int.class) {
                Between between = parameter.getAnnotation(Between.class);
                double value = number == 0
                        ? between.min()
                        : number == 1
                                ? between.max()
                                : between.min() + chance.nextDouble() * (between.max() - between.min());
                return type == int.class ? (Object) (int) Math.round(value) : (Object) value;
            }
            if (type.isEnum()) {
                return type.getEnumConstants()[chance.nextInt(type.getEnumConstants().length)];
            }
            if (type == String.class) {
                return text(number, chance);
            }
            if (type == Random.class) {
                return new Random(chance.nextLong());
            }
            throw new IllegalArgumentException("no values are known for " + parameter);
        }

        private static String text(int length, Random chance) {
            StringBuilder text = new StringBuilder();
            for (int i = 0; i < Math.min(length, 60); i++) {
                text.append(
                        switch (chance.nextInt(4)) {
                            case 0 -> TROUBLE.charAt(chance.nextInt(TROUBLE.length()));
                            case 1 -> (char) chance.nextInt(Character.MAX_VALUE + 1);
                            default -> (char) (' ' + chance.nextInt(95));
                        });
            }
            return text.toString();
        }
    }
}
