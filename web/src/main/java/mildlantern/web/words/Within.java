package mildlantern.web.words;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import mildlantern.quantity.Measured;
import org.jspecify.annotations.Nullable;

/** A quantity must lie between two amounts in the unit that it is held in; what is missing does. They are told in the reader's unit. */
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Within.Check.class)
public @interface Within {
    Unit.Of of();

    double low();

    double high();

    String message() default "";

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};

    /** Holds a quantity against its ends. */
    final class Check implements ConstraintValidator<Within, Measured> {
        private Unit.Of of = Unit.Of.LENGTH;
        private double low;
        private double high;

        @Override
        public void initialize(Within within) {
            of = within.of();
            low = within.low();
            high = within.high();
        }

        @Override
        public boolean isValid(@Nullable Measured value, ConstraintValidatorContext context) {
            if (value == null || value.amount() >= low && value.amount() <= high) {
                return true;
            }
            context.disableDefaultConstraintViolation();
            context.buildConstraintViolationWithTemplate(
                            Wording.say("words.within", Units.number(low, of), Units.shown(high, of)))
                    .addConstraintViolation();
            return false;
        }
    }
}
