package mildlantern.web.words;

import java.time.temporal.TemporalAccessor;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.dialect.AbstractDialect;
import org.thymeleaf.dialect.IExpressionObjectDialect;
import org.thymeleaf.expression.IExpressionObjectFactory;

/** Lets pages word facts, as {@code ${#words.of(fact)}}. */
@Component
final class WordsDialect extends AbstractDialect implements IExpressionObjectDialect, IExpressionObjectFactory {
    private static final String NAME = "words";

    /** What pages can ask. */
    public static final class Asked {
        private Asked() {}

        public String of(Message fact) {
            return Wording.of(fact);
        }

        public String of(MessageKey constant) {
            return Wording.of(constant);
        }

        /** An amount of the unit that is reckoned in, as a number in the reader's unit. */
        public String amount(double base, String of) {
            return Units.number(base, Unit.Of.valueOf(of.toUpperCase(Locale.ROOT)));
        }

        /** The reader's unit of something, as in {@code temperature}. */
        public String unit(String of) {
            return Units.name(Unit.Of.valueOf(of.toUpperCase(Locale.ROOT)));
        }

        /** A day or a moment in the reader's manner, as in {@code long_year}. */
        public String day(TemporalAccessor when, String format) {
            return DayFormat.valueOf(format.toUpperCase(Locale.ROOT)).format(when);
        }

        public String listed(List<?> items) {
            return Wording.listed(items);
        }
    }

    private final Asked asked = new Asked();

    WordsDialect() {
        super(NAME);
    }

    @Override
    public IExpressionObjectFactory getExpressionObjectFactory() {
        return this;
    }

    @Override
    public Set<String> getAllExpressionObjectNames() {
        return Set.of(NAME);
    }

    @Override
    public Object buildObject(IExpressionContext context, String name) {
        return asked;
    }

    @Override
    public boolean isCacheable(String name) {
        return true;
    }
}
